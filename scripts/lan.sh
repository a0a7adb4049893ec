# shellcheck shell=bash
# --- the phones of the house: TLS by a private authority ---------------------------------------------------------------

# What the authority may speak for and nothing else (RFC 5280, 4.2.1.10): private addresses, and names that end in local,
# lan, home.arpa, internal, localhost. A phone that trusts it is not open to anybody who steals its key.
LAN_ONLY=30:81:bd:a0:81:ba:30:0a:87:08:0a:00:00:00:ff:00:00:00:30:0a:87:08:ac:10:00:00:ff:f0:00:00:30:0a:87:08:c0:a8:00:00
LAN_ONLY+=:ff:ff:00:00:30:0a:87:08:a9:fe:00:00:ff:ff:00:00:30:0a:87:08:7f:00:00:00:ff:00:00:00:30:22:87:20:fc:00:00:00:00
LAN_ONLY+=:00:00:00:00:00:00:00:00:00:00:00:fe:00:00:00:00:00:00:00:00:00:00:00:00:00:00:00:30:22:87:20:fe:80:00:00:00:00
LAN_ONLY+=:00:00:00:00:00:00:00:00:00:00:ff:c0:00:00:00:00:00:00:00:00:00:00:00:00:00:00:30:07:82:05:6c:6f:63:61:6c:30:05
LAN_ONLY+=:82:03:6c:61:6e:30:0b:82:09:68:6f:6d:65:2e:61:72:70:61:30:0a:82:08:69:6e:74:65:72:6e:61:6c:30:0b:82:09:6c:6f:63
LAN_ONLY+=:61:6c:68:6f:73:74

# days a certificate of the kitchen holds, and how many before its end it is made anew
LAN_DAYS=397
LAN_RENEW=30

lan_tls() { printf '%s/tls' "$STATE"; }

lan_addresses() { # private IPv4 addresses of this machine, one a line; WEXILLA_LAN_ADDRESSES names others
  if [ -n "${WEXILLA_LAN_ADDRESSES:-}" ]; then
    tr ' ' '\n' <<<"$WEXILLA_LAN_ADDRESSES"
    return
  fi
  hostname -I | tr ' ' '\n' | grep -E '^(10\.|192\.168\.|172\.(1[6-9]|2[0-9]|3[01])\.)' || true
}

lan_names() { printf '%s.local\n' "$(hostname -s | tr '[:upper:]_' '[:lower:]-')"; }

# keytool reads its secret from the environment, so that it stands in no list of processes
lan_key() { LAN_SECRET=$LAN_SECRET keytool "$@" -storetype PKCS12 -storepass:env LAN_SECRET 2>"$(lan_tls)/keytool.log" >&2; }

# The authority is made once; its key stays in a folder of its own that the application cannot read.
lan_authority() { # sets LAN_SECRET
  local own
  own=$(lan_tls)/authority
  (umask 077 && mkdir -p "$own")
  [ -s "$own/secret" ] || (umask 077 && od -An -N18 -tx1 /dev/urandom | tr -d ' \n' >"$own/secret")
  LAN_SECRET=$(cat "$own/secret")
  [ -s "$own/authority.p12" ] && return
  say "making the authority of this house …"
  (umask 077 && lan_key -genkeypair -alias authority -keystore "$own/authority.p12" -keyalg EC -groupname secp256r1 \
    -dname "CN=Wexilla of $(hostname -s)" -validity 3650 -ext bc:critical=ca:true,pathlen:0 \
    -ext ku:critical=keyCertSign,cRLSign -ext "2.5.29.30:critical=$LAN_ONLY") || die "keytool made no authority; see $(lan_tls)/keytool.log"
  lan_key -exportcert -rfc -alias authority -keystore "$own/authority.p12" -file "$(lan_tls)/wexilla.pem"
}

# The certificate of the kitchen: made anew when an address has changed or its time is nearly over.
lan_certificate() { # writes $(lan_tls)/kitchen.p12
  local tls own names address san=''
  tls=$(lan_tls) own=$tls/authority
  names=$(lan_names; lan_addresses)
  if [ -s "$tls/kitchen.p12" ] && [ "$names" = "$(cat "$tls/names" 2>/dev/null)" ] &&
    [ -z "$(find "$tls/kitchen.p12" -mtime +$((LAN_DAYS - LAN_RENEW)))" ]; then
    return
  fi
  for address in $names; do
    [[ $address =~ ^[0-9.]+$ ]] && san+=,ip:$address || san+=,dns:$address
  done
  rm -f "$tls/kitchen.part"
  (
    umask 077
    lan_key -genkeypair -alias kitchen -keystore "$tls/kitchen.part" -keyalg EC -groupname secp256r1 -dname "CN=Wexilla" -validity 1 &&
      lan_key -certreq -alias kitchen -keystore "$tls/kitchen.part" -file "$tls/kitchen.csr" &&
      lan_key -gencert -alias authority -keystore "$own/authority.p12" -infile "$tls/kitchen.csr" -outfile "$tls/kitchen.pem" -rfc \
        -validity "$LAN_DAYS" -ext "san=${san#,}" -ext eku=serverAuth -ext ku:critical=digitalSignature &&
      lan_key -importcert -noprompt -alias authority -keystore "$tls/kitchen.part" -file "$tls/wexilla.pem" &&
      lan_key -importcert -noprompt -alias kitchen -keystore "$tls/kitchen.part" -file "$tls/kitchen.pem"
  ) || die "keytool made no certificate; see $tls/keytool.log"
  # the application may present the certificate; that it could sign another one it does not have
  lan_key -delete -alias authority -keystore "$tls/kitchen.part"
  rm -f "$tls/kitchen.csr" "$tls/kitchen.pem"
  mv "$tls/kitchen.part" "$tls/kitchen.p12"
  printf '%s\n' "$names" >"$tls/names"
}

# lends the application what it presents: one file, put in its place at once
lan_lend() {
  local home
  home=$(app_home)/tls
  (umask 077 && mkdir -p "$home")
  cp "$(lan_tls)/kitchen.p12" "$home/kitchen.part"
  cp "$(lan_tls)/wexilla.pem" "$home/wexilla.pem"
  printf 'spring.ssl.bundle.jks.house.keystore.password=%s\n' "$LAN_SECRET" >"$home/house.properties"
  [ "$(id -u)" -ne 0 ] || chown -R wexilla: "$home"
  mv "$home/kitchen.part" "$home/kitchen.p12"
}

lan_up() { # PORT: prints nothing; sets LAN_ARGUMENTS and LAN_ADDRESS
  local first home names
  [ "$(as_owner psql -X -At -h 127.0.0.1 -p "$DB_PORT" -U wexilla_owner wexilla -c 'select count(*) from door' 2>/dev/null || echo 0)" -gt 0 ] ||
    die "set a pass phrase before phones come in: ./wexilla start, then Household, “Who comes in”"
  [ -n "$(lan_addresses)" ] || die "this machine has no address in a private network; connect it, then start again"
  lan_authority
  lan_certificate
  lan_lend
  home=$(app_home)/tls
  first=$(lan_addresses | head -n 1)
  names=$(tr '\n' ',' <"$(lan_tls)/names")
  LAN_ADDRESS=https://$first:$1
  LAN_ARGUMENTS=(--wexilla.lan.port="$1" --wexilla.lan.names="${names%,}" --wexilla.lan.address="$LAN_ADDRESS"
    --wexilla.lan.authority="$home/wexilla.pem"
    --spring.config.additional-location="file:$home/house.properties"
    --spring.ssl.bundle.jks.house.keystore.location="file:$home/kitchen.p12"
    --spring.ssl.bundle.jks.house.keystore.type=PKCS12
    --spring.ssl.bundle.jks.house.reload-on-update=true)
}

# --- the pass phrase, for whoever runs this machine --------------------------------------------------------------------

phrase() {
  [ "${1:-}" = reset ] || die "phrase reset takes the pass phrase away and signs everybody out; there is nothing else here"
  own_state
  install_missing postgresql
  pg_up main
  as_owner psql -X -q -h 127.0.0.1 -p "$DB_PORT" -U wexilla_owner wexilla -v ON_ERROR_STOP=1 -1 \
    -c 'delete from door' -c 'delete from spring_session' -c 'delete from door_try' \
    -c 'update invitation set until = now() where used_at is null and until > now()' ||
    die "the phrase could not be taken away"
  say "The pass phrase is gone and everybody is signed out. On this machine the kitchen is open: set a new one under Household."
}
