#!/usr/bin/env bash
# Rebuilds the vendored and built files under wwwroot from npm. Needs Node.js; the application itself does not.
set -euo pipefail
cd "$(dirname "$0")"
npm ci --silent --no-progress
npm run --silent build
