# shellcheck shell=bash
# --- test and pictures -----------------------------------------------------------------------------------------------

run_tests() {
  need_tools
  install_missing postgresql chromium
  cd "$ROOT"
  for script in wexilla scripts/*.sh; do bash -n "$script"; done
  # the pages are checked beside the rules, which are tested by one process alone
  (cd web && node scripts/install-if-changed.mjs)
  mkdir -p web/target
  (cd web && npm run --silent check) >web/target/check.log 2>&1 &
  local pages=$!
  mvn -B -ntp verify || { wait "$pages" || true; cat web/target/check.log; return 1; }
  wait "$pages" || { cat web/target/check.log; die "the pages are not right: see above"; }
  cat web/target/check.log
  say "all green"
}

one_class() { # CLASS maven-arguments…: runs one class of app's tests that is no test of its own
  need_tools
  install_missing postgresql chromium
  cd "$ROOT"
  mvn -B -ntp -q verify -Dspotless.check.skip -Dtest="$1" -Dsurefire.failIfNoSpecifiedTests=false "${@:2}"
}

# the pages cannot be built while their types are out of date, so they are left out
types() {
  (cd "$ROOT/web" && node scripts/install-if-changed.mjs)
  one_class ApiTypesTest -Dexec.skip -Dwexilla.write-types=true
}

bench() { # rules|cookday|plan|stations: all when nothing is said
  need_tools
  [ "${1:-rules}" != rules ] || bench_rules
  [ "${1:-cookday}" != cookday ] || bench_cookday
  [ "${1:-plan}" != plan ] || bench_plan
  [ "${1:-stations}" != stations ] || bench_stations
}

year() { # SEEDS WEEKS: households of each kind; prints till, binned and hands beside the plain policy
  need_tools
  cd "$ROOT"
  mvn -B -ntp -q test -pl core,app -Dspotless.check.skip -Dexec.skip -Dtest=YearTest \
    -Dsurefire.failIfNoSpecifiedTests=false -Dwexilla.year-seeds="${1:-1000}" -Dwexilla.year-weeks="${2:-52}"
}

mutate() { # room…: of core; all that are held to a share when none is said
  need_tools
  cd "$ROOT"
  local rooms=("$@")
  [ ${#rooms[@]} -gt 0 ] || rooms=(money keeping stock pricing stretch quantity plan menu shopping)
  local classes=${rooms[*]/%/.*}
  classes=${classes// /,wexilla.core.}
  mkdir -p core/target
  mvn -B -ntp -q -pl core test-compile org.pitest:pitest-maven:mutationCoverage -Dspotless.check.skip \
    -Dmutate="wexilla.core.$classes" >core/target/mutate.log 2>&1 || { tail -n 30 core/target/mutate.log >&2; die "see core/target/mutate.log"; }
  awk -F"[<>']" '/<mutation / {
      match($0, /wexilla\.core\.[a-z]+/); room = substr($0, RSTART + 13, RLENGTH - 13)
      all[room]++; if ($0 ~ /detected=.true/) found[room]++
    } END { for (room in all) printf "%-10s %4d of %4d changes noticed, %d %%\n", room, found[room], all[room], 100 * found[room] / all[room] }' \
    core/target/pit-reports/mutations.xml | sort
  say "one by one: core/target/pit-reports/index.html"
}

shots() {
  one_class Shots
  # the tree hash of web/src the pictures were made from, committed or about to be
  local index
  index=$(mktemp -u)
  GIT_INDEX_FILE=$index git -C "$ROOT" add -- web/src
  GIT_INDEX_FILE=$index git -C "$ROOT" write-tree --prefix=web/src/ >"$ROOT/docs/screenshots/.made-from"
  rm -f "$index"
}
