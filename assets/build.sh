#!/usr/bin/env bash
# Rebuilds the vendored and built files under wwwroot from npm. Needs Node.js; the application itself does not.
# "install --no-save" rather than "ci": it keeps to the lock file all the same, and does not mind that some of the
# platforms that the stylesheet compiler is built for cannot be had everywhere.
set -euo pipefail
cd "$(dirname "$0")"
npm install --no-save --ignore-scripts --no-progress --loglevel error
npm run --silent build
