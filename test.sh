#!/usr/bin/env bash
# Installs what the tests need (Debian's chromium, chromium-driver and nodejs, where they are missing) and runs everything.
# The last line counts the test results; the exit code is non-zero if anything failed.
# With --coverage it counts the lines that the tests run through besides, which takes about a third longer.
# With --quick it builds and runs the tests of the core, the formats and the source alone: for while one works.
set -uo pipefail
cd "$(dirname "$0")"
export DOTNET_NOLOGO=1 DOTNET_CLI_TELEMETRY_OPTOUT=1

# Many applications at once, each watching its files, would use up what the system has to watch files with.
export DOTNET_USE_POLLING_FILE_WATCHER=1
results="$PWD/TestResults"
rm -rf "$results"
mkdir -p "$results"

covered=no
[ "${1:-}" = --coverage ] && covered=yes
quick=no
[ "${1:-}" = --quick ] && quick=yes

step() { printf '\n== %s\n' "$1"; }
check() { # check "what" command...: a check that counts as one test
  local what="$1"
  shift
  step "$what"
  if "$@"; then checks_passed=$((checks_passed + 1)); else
    echo "FAILED: $what"
    checks_failed=$((checks_failed + 1))
  fi
}
checks_passed=0
checks_failed=0

missing=()
[ "$quick" = yes ] || command -v chromium >/dev/null || missing+=(chromium)
[ "$quick" = yes ] || command -v chromedriver >/dev/null || missing+=(chromium-driver)
[ "$quick" = yes ] || command -v node >/dev/null || missing+=(nodejs)
[ "$quick" = yes ] || command -v npm >/dev/null || missing+=(npm)
if [ "${#missing[@]}" -gt 0 ]; then
  step "install ${missing[*]}"
  as_root() { if [ "$(id -u)" = 0 ]; then "$@"; else sudo "$@"; fi; }
  as_root apt-get update -qq && as_root env DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends "${missing[@]}" >/dev/null
fi

current_assets() {
  bash assets/build.sh && git diff --exit-code --stat -- src/RoundCrumb.Web/wwwroot tests/RoundCrumb.Browser.Tests/lib &&
    [ -z "$(git ls-files --others --exclude-standard -- src/RoundCrumb.Web/wwwroot tests/RoundCrumb.Browser.Tests/lib)" ]
}

build_quick() {
  local project
  for project in "${projects[@]}"; do
    dotnet build "tests/RoundCrumb.$project.Tests" -c Release --nologo -v quiet -p:RunAnalyzers=false || return 1
  done
}

if [ "$quick" = yes ]; then
  projects=(Core Formats Architecture)
  check "build" build_quick
else
  projects=(Architecture Core Scheduling Formats Web Browser)
  check "build without a warning" dotnet build RoundCrumb.slnx -c Release --nologo -v minimal
  # The rules of style are held by the build already, which warns of each; what is left is how lines are laid out.
  check "formatted" dotnet format whitespace RoundCrumb.slnx --verify-no-changes --no-restore
  check "committed styles, scripts and typefaces are current" current_assets
fi

passed=0
failed=0
skipped=0
for project in "${projects[@]}"; do
  name="RoundCrumb.$project.Tests"
  step "$name"
  trx="$results/$name.trx"
  case "$covered $project" in
    # The pages that a browser sees are measured by the tests over HTTP; measured again they would only be slower.
    "no "* | *" Architecture" | *" Browser") coverage=() ;;
    *) coverage=(--coverage --coverage-output-format cobertura --coverage-output "$name.cobertura.xml") ;;
  esac
  dotnet "tests/$name/bin/Release/net10.0/$name.dll" --results-directory "$results" --report-xunit-trx --report-xunit-trx-filename "$name.trx" \
    --no-ansi --progress off "${coverage[@]}" || true
  if [ -s "$trx" ]; then
    counters=$(grep -o '<Counters [^>]*' "$trx")
    count() { sed -n "s/.*[ ]$1=\"\([0-9]*\)\".*/\1/p" <<<"$counters"; }
    passed=$((passed + $(count passed)))
    failed=$((failed + $(count failed) + $(count error)))
    skipped=$((skipped + $(count notExecuted)))
  else
    echo "FAILED: $name left no results"
    failed=$((failed + 1))
  fi
done

if [ "$covered" = no ]; then
  :
elif step "lines covered, by assembly" && dotnet tool restore >/dev/null &&
  dotnet reportgenerator "-reports:$results/*.cobertura.xml" "-targetdir:$results/coverage" "-reporttypes:TextSummary;Html" \
    "-assemblyfilters:+RoundCrumb.*;-*.Tests;-*.TestKit" "-filefilters:-*.g.cs;-*.generated.cs" -verbosity:Error; then
  grep -E '^(  Line coverage|  Branch coverage|RoundCrumb\.)' "$results/coverage/Summary.txt"
else
  echo "not worked out"
fi

# Where the time goes.
step "the ten slowest tests"
grep -ho '<UnitTestResult [^>]*' "$results"/*.trx | sed -n 's/.*testName="\([^"]*\)".*duration="\([0-9:]*\)[.0-9]*".*/\2 \1/p' | sort -r | head -10

# What was thrown at every page and form.
grep -hoE '[0-9]+ (GET|POST), [^<]*pairs covered' "$results"/*.trx | sort -u || true

# Said once more at the end, so that nobody has to look for it in what everything printed.
if grep -qs 'outcome="Failed"' "$results"/*.trx; then
  step "what failed"
  grep -ho '<UnitTestResult [^>]*outcome="Failed"[^>]*' "$results"/*.trx | sed 's/.*testName="\([^"]*\)".*/\1/' || true
fi

passed=$((passed + checks_passed))
failed=$((failed + checks_failed))
printf '\n'
if [ "$skipped" -gt 0 ]; then echo "$passed passed, $failed failed, $skipped skipped"; else echo "$passed passed, $failed failed"; fi
[ "$failed" -eq 0 ]
