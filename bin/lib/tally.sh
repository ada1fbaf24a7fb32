# shellcheck shell=bash
# Counts what passed and failed over all parts. Source after common.sh.
passed=0 failed=0 summary='' failures=''

add_up() {
  passed=$((passed + $2))
  failed=$((failed + $3))
  summary+=$(printf '  %-16s %5d passed, %d failed' "$1" "$2" "$3")$'\n'
}

# summary_seconds SECONDS: how long the part that was counted last took.
summary_seconds() { summary=${summary%$'\n'}$(printf '  %5d s' "$1")$'\n'; }

# surefire_failures MODULE: the tests that failed, a line each, with what was wrong.
surefire_failures() {
  cat "$1"/target/surefire-reports/TEST-*.xml 2>/dev/null | awk '
    function field(name) { return match($0, " " name "=\"[^\"]*\"") ? substr($0, RSTART + length(name) + 3, RLENGTH - length(name) - 4) : "" }
    /<testcase / { test = field("classname") "." field("name") }
    /<(failure|error)[ >]/ { print "    " test ": " substr(field("message"), 1, 300) }' || true
}

# tally_check NAME LOG COMMAND...: a check that passes or fails as a whole.
tally_check() {
  local name=$1 log=$2
  shift 2
  if "$@" >"$log" 2>&1; then
    add_up "$name" 1 0
  else
    tail -n 30 "$log"
    add_up "$name" 0 1
  fi
}

# tally_surefire MODULE STATUS LOG: reads Surefire's reports; a run that broke before its tests is one failure.
tally_surefire() {
  local module=$1 status=$2 log=$3 tests=0 bad=0 sums
  sums=$(cat "$module"/target/surefire-reports/TEST-*.xml 2>/dev/null | grep -o '<testsuite .*' |
    awk '{
      match($0, / tests="[0-9]+"/);    t += substr($0, RSTART + 8, RLENGTH - 9)
      match($0, / errors="[0-9]+"/);   b += substr($0, RSTART + 9, RLENGTH - 10)
      match($0, / failures="[0-9]+"/); b += substr($0, RSTART + 11, RLENGTH - 12)
      match($0, / skipped="[0-9]+"/);  s += substr($0, RSTART + 10, RLENGTH - 11)
    } END { print t - s, b + 0 }') || true
  read -r tests bad <<<"$sums"
  if [[ $status != 0 ]]; then
    grep -E 'ERROR|FAIL|WARNING.*\.java' "$log" | head -n 40 || true
    [[ $bad -gt 0 ]] || { bad=1 tests=$((tests + 1)); }
  fi
  add_up "$module" $((tests - bad)) "$bad"
  # Under the counts, where they are read last: the log of a long run is not at hand everywhere.
  [[ $bad == 0 ]] || failures+=$(surefire_failures "$module")$'\n'
}

# Runs every check of the pages, keeping each one's outcome in a file; run inside web/.
test_pages() {
  local check
  for check in typecheck lint format:check; do
    npm run --silent "$check" >"../var/test/web-${check%%:*}.log" 2>&1 && echo 0 >"../var/test/web-${check%%:*}.rc" || echo 1 >"../var/test/web-${check%%:*}.rc"
  done
  npx vitest run --reporter=json --outputFile=../var/test/web-units.json || true
}

tally_pages() {
  local logs=$1 check counts
  for check in typecheck lint format; do
    tally_check "web $check" /dev/null test "$(cat "$logs/web-$check.rc" 2>/dev/null)" = 0
    [[ $(cat "$logs/web-$check.rc" 2>/dev/null) == 0 ]] || tail -n 30 "$logs/web-$check.log"
  done
  counts=$(node -e '
    const r = JSON.parse(require("fs").readFileSync(process.argv[1]));
    const broken = r.testResults.filter((t) => t.status === "failed" && t.assertionResults.every((a) => a.status !== "failed"));
    for (const t of r.testResults) for (const a of t.assertionResults) if (a.status === "failed") console.error(t.name, a.fullName, a.failureMessages.join("\n"));
    for (const t of broken) console.error(t.name, t.message);
    console.log(r.numPassedTests, r.numFailedTests + broken.length);
  ' "$logs/web-units.json") || { tail -n 30 "$logs/web.log"; counts='0 1'; }
  # shellcheck disable=SC2086
  add_up "web units" $counts
}

tally_end() {
  printf '\n%s%s%d passed, %d failed\n' "$summary" "$failures" "$passed" "$failed"
  [[ $failed == 0 && $passed -gt 0 ]]
}
