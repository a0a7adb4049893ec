# shellcheck shell=bash
# --- how fast it is: the rules alone, then ten years of a household over HTTP ------------------------------------------

BENCH_DB=wexilla_bench

bench_rules() {
  cd "$ROOT"
  mvn -B -ntp -q verify -DskipTests -Dspotless.check.skip -Dbench.skip=false -pl core,bench
}

bench_cookday() {
  cd "$ROOT"
  mvn -B -ntp -q test -pl core -Dspotless.check.skip -Dtest=CookDayMeasured -Dsurefire.failIfNoSpecifiedTests=false
}

bench_plan() {
  cd "$ROOT"
  mvn -B -ntp -q test -pl core -Dspotless.check.skip -Dtest=MenuMeasured -Dsurefire.failIfNoSpecifiedTests=false
}

bench_app() { # PORT JAVA-arguments…: starts the application over the bench's own database; sets BENCH_PID
  local port=$1
  SPRING_DATASOURCE_URL=jdbc:postgresql://127.0.0.1:$DB_PORT/$BENCH_DB
  export SPRING_DATASOURCE_URL SPRING_FLYWAY_URL=$SPRING_DATASOURCE_URL
  app_user
  (app_java -Xmx512m -jar wexilla.jar --server.port="$port" --wexilla.silence-delay=PT24H "${@:2}") \
    </dev/null >"$STATE/bench.log" 2>&1 &
  BENCH_PID=$!
  local waited=0
  until answers "$port"; do
    kill -0 "$BENCH_PID" 2>/dev/null || { tail -n 20 "$STATE/bench.log" >&2; die "the bench's application did not start"; }
    [ $((waited += 1)) -lt 900 ] || die "the bench's application does not answer; see $STATE/bench.log"
    sleep 0.2
  done
}

bench_stop() {
  kill "$BENCH_PID" 2>/dev/null || true
  wait "$BENCH_PID" 2>/dev/null || true
}

bench_stations() {
  install_missing postgresql
  build
  (cd "$ROOT" && mvn -B -ntp -q -pl core,bench compile -Dspotless.check.skip)
  pg_up main
  pg_roles
  database_env
  admin postgres -c "drop database if exists $BENCH_DB" -c "create database $BENCH_DB owner wexilla_owner"
  local port=18080
  while port_taken "$port"; do port=$((port + 1)); done
  # shellcheck disable=SC2064
  trap "kill \$BENCH_PID 2>/dev/null || true" EXIT
  say "the demo household …"
  bench_app "$port" --wexilla.first-household=demo
  bench_ask "$port" demo
  bench_stop
  say "ten years of it …"
  as_owner psql -X -q -h 127.0.0.1 -p "$DB_PORT" -U wexilla_owner "$BENCH_DB" -f "$ROOT/bench/src/main/sql/ten-years.sql"
  bench_app "$port"
  bench_ask "$port" ten-years
  bench_writes "$port"
  bench_stop
  admin postgres -c "drop database $BENCH_DB"
}

bench_ask() { # PORT demo|ten-years|writes
  (cd "$ROOT" && java -cp bench/target/classes wexilla.bench.Stations "http://127.0.0.1:$1" "$2" "$STATE/bench")
}

# the same statements by the database's own tool and by the application, one after the other in one run
bench_writes() { # PORT
  local household plain
  household=$(as_owner psql -X -At -h 127.0.0.1 -p "$DB_PORT" -U wexilla_owner "$BENCH_DB" -c 'select id from household limit 1')
  plain=$(PGPASSWORD=$APP_PW "$(pg_bin)/pgbench" -n -h 127.0.0.1 -p "$DB_PORT" -U wexilla_app -c 8 -j 2 -T 10 \
    -D household="$household" -f "$ROOT/bench/src/main/sql/use.sql" "$BENCH_DB" 2>/dev/null | sed -n 's/^tps = \([0-9.]*\).*/\1/p' | head -n 1)
  (cd "$ROOT" && java -cp bench/target/classes wexilla.bench.Stations "http://127.0.0.1:$1" writes "${plain:-0}")
}
