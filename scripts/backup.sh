# shellcheck shell=bash
# --- backup and restore ----------------------------------------------------------------------------------------------

FORMAT=wexilla-backup-1

as_owner() { PGPASSWORD=$OWNER_PW "$@"; }
schema_of() { as_owner psql -X -At -h 127.0.0.1 -p "$DB_PORT" -U wexilla_owner "$1" -c \
  "select coalesce(max(version::int), 0) from flyway_schema_history where success"; }
schema_known() { find "$ROOT/app/src/main/resources/db/migration" -name 'V*__*.sql' | sed 's|.*/V\([0-9]*\)__.*|\1|' | sort -n | tail -n 1; }

backup() {
  [ -n "${1:-}" ] || die "say where to: ./wexilla backup FILE"
  [ ! -e "$1" ] || die "$1 is there already; choose another name"
  [ -d "$(dirname "$1")" ] || die "there is no folder $(dirname "$1")"
  install_missing postgresql
  pg_up main
  [ "$(schema_of wexilla 2>/dev/null || echo 0)" -gt 0 ] || die "there is nothing to back up yet; ./wexilla start makes the database"
  umask 077
  local work
  work=$(mktemp -d)
  # shellcheck disable=SC2064
  trap "rm -rf '$work' '$1.part'" EXIT
  as_owner pg_dump -h 127.0.0.1 -p "$DB_PORT" -U wexilla_owner --format=custom \
    --exclude-table-data='spring_session*' --exclude-table-data=door_try --file="$work/data.dump" wexilla
  printf '{"format":"%s","schema":%s,"made":"%s","sha256":"%s"}\n' "$FORMAT" "$(schema_of wexilla)" \
    "$(date -u +%Y-%m-%dT%H:%M:%SZ)" "$(sha256sum "$work/data.dump" | cut -d' ' -f1)" >"$work/manifest.json"
  tar -C "$work" -cf "$1.part" manifest.json data.dump
  sync "$1.part"
  mv "$1.part" "$1"
  say "backed up into $1"
}

check() {
  install_missing postgresql
  pg_up main
  local lots wrong
  lots=$(as_owner psql -X -At -h 127.0.0.1 -p "$DB_PORT" -U wexilla_owner wexilla -c 'select count(*) from lot' 2>/dev/null) ||
    die "there are no books yet; ./wexilla start makes the database"
  wrong=$(as_owner psql -X -At -h 127.0.0.1 -p "$DB_PORT" -U wexilla_owner wexilla -c 'select lot from ledger_mismatch')
  [ -z "$wrong" ] || die "the movements of these lots do not sum to what they hold: $(tr '\n' ' ' <<<"$wrong")"
  say "the books are right: $lots lots, each the sum of its movements"
  local port
  if app_pid >/dev/null; then
    port=$(cut -d' ' -f1 "$STATE/app.options")
    pages_read "$port"
  else
    say "Wexilla does not run, so that its pages were not read; start it and check again"
  fi
}

# Every station and every recipe, asked as a page asks it: what cannot be read is named.
pages_read() { # PORT
  local path page=0 answer wrong=() read=0
  local paths=(/api/{today,onhand,stretch,plan,shop,cookday,batches,pack,eat,recipes/choices,costs,yields,acts,household,ribbon})
  paths+=("/api/recipes?page=0")
  while [ ${#paths[@]} -gt 0 ]; do
    path=${paths[0]}
    paths=("${paths[@]:1}")
    answer=$(ask "$1" "$path" 60) || true
    [[ ${answer%%$'\n'*} == *" 200"* ]] || wrong+=("$path")
    read=$((read + 1))
    if [[ $path == *page=* && $answer == *'"id"'* ]]; then
      page=$((page + 1))
      mapfile -t -O "${#paths[@]}" paths < <(grep -o '"id":"[0-9a-f-]*"' <<<"$answer" | sed 's|.*:"\(.*\)"|/api/recipes/\1|')
      paths+=("/api/recipes?page=$page")
    fi
  done
  [ ${#wrong[@]} -eq 0 ] || die "these cannot be read; $LOG says why: ${wrong[*]}"
  local unread
  unread=$(ask "$1" /api/household/names 60 | sed -n 's/.*"unread":\[\(.*\)\].*/\1/p')
  [ -z "$unread" ] || die "these lines were stored and cannot be read; open them and write them anew: $unread"
  say "every page can be read: $read, with every recipe and line of the book"
}

manifest() { sed -n "s/.*\"$1\":\"\{0,1\}\([^\",}]*\).*/\1/p" "$2/manifest.json"; }

# Both names change at once or neither does; what stood under the first name is kept under the second.
swap() { # NEW: this database becomes wexilla
  admin postgres -c "select pg_terminate_backend(pid) from pg_stat_activity where datname in ('wexilla', '$1')" >/dev/null
  if ! pg_has wexilla; then
    admin postgres -c "alter database $1 rename to wexilla"
  elif [ "$1" = wexilla_before ]; then
    admin postgres -1 -c 'alter database wexilla rename to wexilla_swapped' \
      -c 'alter database wexilla_before rename to wexilla' -c 'alter database wexilla_swapped rename to wexilla_before'
  else
    admin postgres -c 'drop database if exists wexilla_before'
    admin postgres -1 -c 'alter database wexilla rename to wexilla_before' -c "alter database $1 rename to wexilla"
  fi
}

# A demo household beside real data would hide it.
not_half_restored() {
  pg_has wexilla || ! pg_has wexilla_before ||
    die "the household is kept as wexilla_before and none stands in its place; put it back with ./wexilla restore --back"
}

go_on() { # starts again what ran
  [ -n "$1" ] || return 0
  local port now
  read -r port now <<<"$(cut -d' ' -f1,2 "$STATE/app.options")"
  [[ $now == *:* ]] || now=''
  start --port="$port" ${now:+--now="$now"}
}

restore_back() {
  install_missing postgresql
  own_state
  pg_up main
  pg_has wexilla_before || die "there was no restore, so that there is nothing to go back to"
  local running=''
  ! app_pid >/dev/null || running=yes
  stop_app
  swap wexilla_before
  say "what was there before the last restore is there again; ./wexilla restore --back goes the other way"
  go_on "$running"
}

restore() {
  [ "${1:-}" != --back ] || { restore_back; return; }
  [ -s "${1:-}" ] || die "there is no such backup: ${1:-say which FILE}"
  umask 077
  install_missing postgresql
  own_state
  # where the next start looks: a restore that was killed leaves nobody's household lying about
  local work="$STATE/restoring" kept="what was there is untouched"
  rm -rf "$work"
  mkdir -m 700 "$work"
  # shellcheck disable=SC2064
  trap "rm -rf '$work'" EXIT
  [ "$(tar -tf "$1" 2>/dev/null | sort | tr '\n' ' ')" = "data.dump manifest.json " ] || die "$1 is no Wexilla backup; $kept"
  tar -C "$work" -xf "$1" || die "$1 is damaged; $kept"
  [ "$(manifest format "$work")" = "$FORMAT" ] || die "$1 is no Wexilla backup; $kept"
  [ "$(manifest sha256 "$work")" = "$(sha256sum "$work/data.dump" | cut -d' ' -f1)" ] || die "$1 is damaged; $kept"
  [ "$(manifest schema "$work")" -le "$(schema_known)" ] || die "$1 was made by a newer Wexilla; $kept"
  pg_up main
  pg_roles
  admin postgres -c 'drop database if exists wexilla_restoring' -c 'create database wexilla_restoring owner wexilla_owner'
  as_owner pg_restore -h 127.0.0.1 -p "$DB_PORT" -U wexilla_owner -d wexilla_restoring --no-owner --exit-on-error \
    --single-transaction "$work/data.dump" 2>"$STATE/restore.log" || die "$1 could not be read (see $STATE/restore.log); $kept"
  [ "$(schema_of wexilla_restoring)" = "$(manifest schema "$work")" ] || die "$1 does not hold what it says; $kept"
  local running=''
  ! app_pid >/dev/null || running=yes
  stop_app
  swap wexilla_restoring
  say "restored from $1; what was there before is kept until the next restore: ./wexilla restore --back"
  go_on "$running"
}
