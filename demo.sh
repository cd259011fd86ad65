#!/usr/bin/env bash
# Builds Round Crumb, makes its SQLite file with the demo tea room in it, starts it and prints the address.
# Needs only the .NET SDK. Another port: ./demo.sh --urls http://127.0.0.1:6000
# A checked copy of the data, also while it runs: ./demo.sh --backup FILE
# Back to a copy, while it does not run; what is there is kept beside it: ./demo.sh --restore FILE
set -euo pipefail
here="$PWD"
cd "$(dirname "$0")"
file="${ROUNDCRUMB_FILE:-$PWD/data/demo.db}"
if [ "${1:-}" = --backup ] || [ "${1:-}" = --restore ]; then
  [ -n "${2:-}" ] || { echo "Say which file: ./demo.sh $1 FILE" >&2; exit 2; }
  case "$2" in /*) copy="$2" ;; *) copy="$here/$2" ;; esac
  # What is running is not built anew under its feet.
  program=src/RoundCrumb.Web/bin/Release/net10.0/RoundCrumb.Web.dll
  [ -e "$program" ] || dotnet build src/RoundCrumb.Web -c Release --nologo -v quiet
  exec dotnet "$program" "$1" "$copy" --RoundCrumb:File="$file"
fi
dotnet build src/RoundCrumb.Web -c Release --nologo -v quiet
echo "Round Crumb starts at the address printed below; Ctrl+C ends it."
cd src/RoundCrumb.Web
exec dotnet run -c Release --no-build --no-launch-profile -- --demo --RoundCrumb:File="$file" "$@"
