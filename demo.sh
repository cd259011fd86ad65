#!/usr/bin/env bash
# Builds Round Crumb, makes its SQLite file with the demo tea room in it, starts it and prints the address.
# Needs only the .NET SDK. Another port: ./demo.sh --urls http://127.0.0.1:6000
set -euo pipefail
cd "$(dirname "$0")"
file="${ROUNDCRUMB_FILE:-$PWD/data/demo.db}"
dotnet build src/RoundCrumb.Web -c Release --nologo -v quiet
echo "Round Crumb starts at the address printed below; Ctrl+C ends it."
cd src/RoundCrumb.Web
exec dotnet run -c Release --no-build --no-launch-profile -- --demo --RoundCrumb:File="$file" "$@"
