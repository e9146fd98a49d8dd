# Shared by the berm script and the tools: where things are, and how to say what is wrong.
root=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
state=${BERM_STATE:-$root/var}
export COMPOSER_ALLOW_SUPERUSER=1

say() { printf '%s\n' "$*"; }
die() { printf 'berm: %s\n' "$*" >&2; exit 1; }

# A secret made at first start and readable by nobody else.
secret() { # secret NAME BYTES
  local file=$state/secrets/$1
  if [ ! -s "$file" ]; then
    mkdir -p "$state/secrets"; chmod 711 "$state/secrets"
    (umask 077; php -r "echo bin2hex(random_bytes($2));" > "$file")
  fi
  cat "$file"
}

is_free() { # is_free PORT
  php -r '$s = @stream_socket_server("tcp://127.0.0.1:".$argv[1]); exit($s ? 0 : 1);' "$1"
}

free_port() {
  php -r '$s = stream_socket_server("tcp://127.0.0.1:0"); echo (int) substr(strrchr(stream_socket_get_name($s, false), ":"), 1);'
}

# A throw-away application with the demo loaded, of its own state and database, so that nothing that runs is touched.
fresh_application() { # fresh_application NAME
  export BERM_STATE=$root/var/$1 PG_HOME=$root/var/$1/pg BERM_RUN=$root/var/$1/run PG_FAST=1
  state=$BERM_STATE
  mkdir -p "$state"
  "$root/tools/pg.sh" start
  trap '"$root/tools/serve.sh" stop; "$root/tools/pg.sh" stop' EXIT
  PGOPTIONS='-c client_min_messages=warning' "$root/tools/pg.sh" psql -qc 'drop schema public cascade; create schema public'
  export DATABASE_URL APP_SECRET=throw-away BERM_PASSWORD=a-password-for-tests APP_DEBUG=0
  DATABASE_URL=$("$root/tools/pg.sh" url)
  APP_ENV=prod php bin/console doctrine:migrations:migrate --no-interaction --quiet
  APP_ENV=prod php bin/console berm:people demo/people.json
  APP_ENV=prod php -d apc.enable_cli=1 bin/console berm:demo
}
