# Shared by the berm script and the tools: where things are, who runs what, and how to say what is wrong.
root=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
export COMPOSER_ALLOW_SUPERUSER=1
# What is written here is nobody else's business; what others need is said where it is made.
umask 077
# Whoever runs the web server and its workers when the administrator starts Berm: a user with no rights of its own.
server_user=berm

# A command that fails unforeseen says which it was.
trap 'printf "berm: %s, line %s: %s failed\n" "$0" "$LINENO" "$BASH_COMMAND" >&2' ERR

say() { printf '%s\n' "$*"; }
die() { printf 'berm: %s\n' "$*" >&2; exit 1; }
is_root() { [ "$(id -u)" = 0 ]; }

# Data, secrets and what is served lie in var/, or beside the system's other data where nobody but the administrator can enter the clone.
state_folder() {
  if is_root && ! setpriv --reuid=65534 --regid=65534 --clear-groups test -x "$root"; then
    printf '/var/lib/berm-%s' "$(printf %s "$root" | sha256sum | cut -c1-8)"
  else
    printf '%s/var' "$root"
  fi
}
state=$(realpath -m "${BERM_STATE:-$(state_folder)}")
run=$state/run; log=$state/log

# as USER[:GROUP] COMMAND...: with no way back to other rights. A web server may still take a low port.
as() {
  local user=${1%:*} group=${1#*:} caps=-all; shift
  if ! is_root; then "$@"; return; fi
  [ "$user" != "$server_user" ] || caps=-all,+net_bind_service
  (cd / && exec setpriv --reuid="$user" --regid="$group" --init-groups --no-new-privs --inh-caps="$caps" --ambient-caps="$caps" --bounding-set="$caps" -- "$@")
}

# The state folder itself can be passed through, and tells nothing.
make_folder() { (umask 022; mkdir -p "$state"); chmod 711 "$state"; }

# Folders in it that only their owner enters.
make_state() {
  make_folder
  local folder
  for folder in run log workers; do
    mkdir -p "$state/$folder"; chmod 700 "$state/$folder"
    if is_root; then chown -R -h "$server_user:" "$state/$folder"; fi
  done
  mkdir -p "$state/secrets"; chmod 700 "$state/secrets"
  as "$server_user" test -x "$state/run" || die "the user $server_user cannot reach $state: set BERM_STATE to a folder that it can reach, such as /var/lib/berm"
}

# A secret made at first start and readable by nobody else; whole, or not there.
secret() { # secret NAME BYTES
  local file=$state/secrets/$1
  if [ ! -s "$file" ]; then
    mkdir -p "$state/secrets"; chmod 700 "$state/secrets"
    php -r "echo bin2hex(random_bytes($2));" > "$file.new" && mv "$file.new" "$file"
  fi
  cat "$file"
}

# Every process that has a file or folder open, or stands in it: found by that, never by a number that somebody wrote down,
# which may be another program's by now.
holders() { { find /proc/[0-9]*/fd /proc/[0-9]*/cwd -lname "$1" 2>/dev/null || true; } | cut -d/ -f3 | sort -un; }

# end_holders USER FILE SIGNAL...: each signal in turn, until nobody holds the file.
end_holders() {
  local user=$1 file=$2 signal pids; shift 2
  for signal in "$@"; do
    pids=$(holders "$file")
    [ -n "$pids" ] || return 0
    # shellcheck disable=SC2086
    as "$user" kill "-$signal" $pids 2>/dev/null || true
    for _ in $(seq 100); do [ -n "$(holders "$file")" ] || return 0; sleep 0.05; done
  done
  [ -z "$(holders "$file")" ] || die "these processes hold $file and do not end: $(holders "$file" | tr '\n' ' ')"
}

# Keeps a log within bounds, eight times over; by its own user, since a log may be anything by then.
rotate() { # rotate USER FILE
  as "$1" sh -c '[ -f "$0" ] && [ ! -L "$0" ] && [ "$(stat -c %s "$0")" -gt 5000000 ] || exit 0
    for n in 7 6 5 4 3 2 1; do [ ! -e "$0.$n.gz" ] || mv "$0.$n.gz" "$0.$((n + 1)).gz"; done
    gzip -c "$0" > "$0.1.gz" && : > "$0"' "$2"
}

is_free() { # is_free PORT
  php -r '$s = @stream_socket_server("tcp://127.0.0.1:".$argv[1]); exit($s ? 0 : 1);' "$1"
}

free_port() {
  php -r '$s = stream_socket_server("tcp://127.0.0.1:0"); echo (int) substr(strrchr(stream_socket_get_name($s, false), ":"), 1);'
}

# The application's own commands, from the copy that is served. What they are told goes by the environment, which nobody else can read.
# The owner of the tables works as PostgreSQL's user: whoever gets hold of a worker must not come by the owner's password.
console() { # console ROLE COMMAND...
  local user=$server_user; [ "$1" = app ] || user=postgres:$server_user
  (
    APP_ENV=prod APP_DEBUG=0 APP_SECRET=$(secret app 24) DATABASE_URL=$("$root/tools/pg.sh" url "$1")
    served=$(cat "$state/served/now") BERM_CACHE=$state/workers/$(basename "$served") BERM_LOG=$log; [ "$1" = app ] || BERM_LOG=$state/pg
    BERM_HEADS_KEYS=$(heads_keys)
    export APP_ENV APP_DEBUG APP_SECRET DATABASE_URL BERM_CACHE BERM_LOG BERM_HEADS_KEYS BERM_PASSWORD=${BERM_PASSWORD:-}
    # Who signs the heads of the logs is who owns the tables, and no worker.
    [ "$1" != owner ] || export BERM_HEADS_SEED=$(secret heads-seed 32)
    as "$user" php -d apc.enable_cli=1 "$served/bin/console" "${@:2}"
  )
}

# The public keys that may have signed: of this state folder, and of those whose backups were restored into it.
heads_keys() {
  {
    php -r 'echo bin2hex(sodium_crypto_sign_publickey(sodium_crypto_sign_seed_keypair(hex2bin(trim(stream_get_contents(STDIN))))));' < <(secret heads-seed 32)
    [ ! -s "$state/secrets/heads-known" ] || sed 's/^/,/' "$state/secrets/heads-known"
  } | tr -d '\n'
}

# Tables and what each role may do with them; does nothing when they are there.
make_tables() {
  console owner doctrine:migrations:migrate --no-interaction --quiet --allow-no-migration
  "$root/tools/pg.sh" rights
}

# The invented utility and its people: once, and never beside what was restored.
load_demo() {
  [ ! -e "$state/demo-loaded" ] || return 0
  console app berm:people "$(cat "$state/served/now")/demo/people.json"
  console app berm:demo
  touch "$state/demo-loaded"
}

# A throw-away application with the demo loaded, of its own state and database, so that nothing that runs is touched.
fresh_application() { # fresh_application NAME
  state=$state/$1; run=$state/run; log=$state/log
  export BERM_STATE=$state PG_FAST=1 APP_SECRET=throw-away BERM_PASSWORD=a-password-for-tests APP_DEBUG=0 DATABASE_URL BERM_OWNER_URL BERM_READER_URL BERM_LOGS=$log
  mkdir -p "$state/secrets"; printf %s "$APP_SECRET" > "$state/secrets/app"
  make_state
  "$root/tools/deploy.sh"
  "$root/tools/pg.sh" start
  trap '"$root/tools/serve.sh" stop; "$root/tools/pg.sh" stop' EXIT
  PGOPTIONS='-c client_min_messages=warning' "$root/tools/pg.sh" psql owner -qc 'drop schema public cascade; create schema public; drop schema if exists before cascade'
  rm -f "$state/demo-loaded"
  make_tables
  load_demo
  DATABASE_URL=$("$root/tools/pg.sh" url app); BERM_OWNER_URL=$("$root/tools/pg.sh" url owner); BERM_READER_URL=$("$root/tools/pg.sh" url reader)
}
