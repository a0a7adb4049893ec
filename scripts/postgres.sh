# shellcheck shell=bash
# --- PostgreSQL: a private cluster on loopback -----------------------------------------------------------------------

pg_bin() { compgen -G '/usr/lib/postgresql/*/bin' | sort -V | tail -n 1; }

# the server refuses root, so as root every server command runs as postgres
server() {
  if [ "$(id -u)" -eq 0 ]; then
    (cd / && unlock && setpriv --reuid=postgres --regid=postgres --init-groups env HOME=/tmp LC_ALL=C.UTF-8 "$@")
  else
    (cd / && unlock && env LC_ALL=C.UTF-8 "$@")
  fi
}

# postgres often may not enter the checkout: as root the cluster stands where Debian's stand
pg_data() {
  if [ "$(id -u)" -eq 0 ]; then
    printf '/var/lib/postgresql/wexilla-%s-%s' "$(sha256sum <<<"$STATE" | cut -c1-12)" "$1"
  else
    printf '%s/pg-%s' "$STATE" "$1"
  fi
}

port_taken() { (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

# The passwords stand beside the data they open, so that a lost state folder does not lock the data away.
pg_secrets() { # DATA -> sets ADMIN_PW OWNER_PW APP_PW, made once
  if ! server test -s "$1.secrets"; then
    ! server test -s "$1/PG_VERSION" || die "the database in $1 is there, but not its passwords in $1.secrets"
    local role
    for role in ADMIN OWNER APP; do
      printf '%s_PW=%s\n' "$role" "$(od -An -N18 -tx1 /dev/urandom | tr -d ' \n')"
    done | server sh -c 'umask 077; cat >"$1.part" && mv "$1.part" "$1"' - "$1.secrets"
  fi
  local secrets
  secrets=$(server cat "$1.secrets")
  eval "$secrets"
}

pg_init() { # NAME DATA FAST
  local pw=$2.pw
  server mkdir -p "$2"
  printf '%s\n' "$ADMIN_PW" | server sh -c 'umask 077; cat >"$1"' - "$pw"
  server "$(pg_bin)/initdb" -D "$2" -U wexilla_admin -E UTF8 --locale-provider=icu --icu-locale=und --locale=C.UTF-8 \
    --auth=scram-sha-256 --data-checksums --pwfile="$pw" >"$STATE/$1-initdb.log" 2>&1 ||
    { server rm -rf "$2" "$pw"; cat "$STATE/$1-initdb.log" >&2; die "PostgreSQL could not make its files in $2"; }
  server rm -f "$pw"
  local conf="listen_addresses = '127.0.0.1'
unix_socket_directories = ''
log_min_messages = warning
max_connections = 60"
  [ "$3" = fast ] && conf+="
fsync = off
synchronous_commit = off
full_page_writes = off"
  printf '%s\n' "$conf" | server sh -c 'cat >>"$1/postgresql.conf"' - "$2"
}

pg_port() { sed -n 4p <<<"$(server cat "$1/postmaster.pid" 2>/dev/null)"; }

# a server that was killed counts as running until its process is gone, and answers nobody
pg_running() { # DATA
  local tries=0
  while server "$(pg_bin)/pg_ctl" -D "$1" status >/dev/null 2>&1; do
    port_taken "$(pg_port "$1")" && return
    [ $((tries += 1)) -lt 50 ] || return 1
    sleep 0.2
  done
  return 1
}

pg_start() { # DATA
  local port=$((20000 + 0x$(sha256sum <<<"$1" | cut -c1-6) % 20000)) tries=0
  while port_taken "$port"; do port=$((port + 1)); done
  # a household's books lie in memory: reading a row by its index costs no more than reading on (the default, 4, is a
  # turning disk's, and had every price of the house read once for each food)
  # the first try after a kill may find the dead server's children still leaving
  until server "$(pg_bin)/pg_ctl" -D "$1" -w -t 60 -l "$1/server.log" -o "-p $port -c random_page_cost=1.1" start </dev/null >/dev/null 2>&1; do
    [ $((tries += 1)) -lt 10 ] || { server tail -n 20 "$1/server.log" >&2; die "PostgreSQL did not start"; }
    sleep 0.5
  done
}

pg_up() { # NAME [fast] -> sets DB_PORT
  mkdir -p "$STATE"
  local data
  data=$(pg_data "$1")
  pg_secrets "$data"
  server test -s "$data/PG_VERSION" || pg_init "$1" "$data" "${2:-safe}"
  pg_running "$data" || pg_start "$data"
  DB_PORT=$(pg_port "$data")
}

admin() { # DATABASE psql-arguments…
  PGOPTIONS=--client-min-messages=warning PGPASSWORD=$ADMIN_PW psql -X -q -v ON_ERROR_STOP=1 -h 127.0.0.1 -p "$DB_PORT" -U wexilla_admin "$@"
}

pg_has() { # DATABASE
  [ "$(admin postgres -Atc "select count(*) from pg_database where datname = '$1'")" = 1 ]
}

pg_roles() { # made once
  [ "$(admin postgres -Atc "select count(*) from pg_roles where rolname = 'wexilla_app'")" = 0 ] || return 0
  admin postgres -1 -c "create role wexilla_owner login password '$OWNER_PW'" \
    -c "create role wexilla_app login password '$APP_PW'"
}

pg_database() {
  pg_roles
  pg_has wexilla || admin postgres -c 'create database wexilla owner wexilla_owner'
}

pg_down() { # NAME
  local data
  data=$(pg_data "$1")
  server "$(pg_bin)/pg_ctl" -D "$data" -m fast -w stop >/dev/null 2>&1 || true
}

pg_destroy() { # NAME
  local data
  data=$(pg_data "$1")
  pg_down "$1"
  server rm -rf "$data" "$data.secrets"
  rm -f "$STATE/$1-initdb.log"
}

# for tests: clusters of their own. `new` begins without what a run that was killed may have left
cluster() { # new|up|kill|destroy NAME [fast|safe]
  case "${1:-}" in
    new | up)
      install_missing postgresql
      [ "$1" = up ] || pg_destroy "$2"
      pg_up "$2" "${3:-safe}"
      pg_database
      printf 'port=%s\nadmin=%s\nowner=%s\napp=%s\n' "$DB_PORT" "$ADMIN_PW" "$OWNER_PW" "$APP_PW"
      ;;
    kill) server sh -c 'kill -9 "$(head -n 1 "$1/postmaster.pid")"' - "$(pg_data "$2")" ;;
    destroy) pg_destroy "$2" ;;
    *) die "cluster new|up|kill|destroy NAME" ;;
  esac
}
