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
