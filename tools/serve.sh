#!/usr/bin/env bash
# nginx and php-fpm from settings of our own, in the background, as a user without rights.   usage: tools/serve.sh start PORT | stop | look | at
# On loopback; or with BERM_ADDRESS, BERM_CERT and BERM_KEY over TLS at that name or number. `at` says where.
set -euo pipefail
. "$(dirname "$0")/lib.sh"
conf=$state/conf
mark() { echo "$run/$1.held"; }
# The first process of a part is there, and is the one that was started: without it the others answer, but nobody replaces them.
leads() { local pid; pid=$(cat "$run/$1.pid" 2>/dev/null) && [ -n "$pid" ] && holders "$(mark "$1")" | grep -qx "$pid"; }
at() { cat "$conf/at"; }
answers() { [ -s "$conf/at" ] && curl -fsS --noproxy '*' -m 10 -k --connect-to "::127.0.0.1:" -o /dev/null "$(at)/api/ready" 2>/dev/null; }

# The headers of config/security-headers.txt, for what nginx answers itself.
guarded() { { cat "$root/config/security-headers.txt"; hsts; } | sed -E 's/^([^:]+): (.*)$/add_header \1 "\2" always;/' | tr '\n' ' '; }
hsts() { [ -z "$address" ] || echo "Strict-Transport-Security: max-age=31536000"; }
problem() { # problem NAME STATUS TITLE DETAIL [LOCATION]
  printf 'location %s { internal; types { } default_type application/problem+json; %s return %s '"'"'{"type":"/problems/%s","title":"%s","status":%s,"detail":"%s"}'"'"'; }' "${5:-@$1}" "$(guarded)" "$2" "$1" "$3" "$2" "$4"
}

# A file of settings, which the workers may read and nobody else, in its place at once.
write() { cat > "$conf/$1.new"; if is_root; then chown "root:$server_user" "$conf/$1.new"; fi; chmod 640 "$conf/$1.new"; mv "$conf/$1.new" "$conf/$1"; }

certificate() {
  [ -n "${BERM_CERT:-}" ] && [ -n "${BERM_KEY:-}" ] || die "BERM_ADDRESS is set: set BERM_CERT and BERM_KEY to the files of its certificate and key too; without TLS Berm listens on this machine only"
  [ -r "$BERM_CERT" ] && [ -r "$BERM_KEY" ] || die "BERM_CERT ($BERM_CERT) or BERM_KEY ($BERM_KEY) cannot be read"
  php -r '
    [, $cert, $key, $address] = $argv;
    $read = @openssl_x509_read((string) file_get_contents($cert)) ?: exit("BERM_CERT ($cert) is no certificate in PEM form\n");
    $held = @openssl_pkey_get_private((string) file_get_contents($key)) ?: exit("BERM_KEY ($key) is no key in PEM form without a password\n");
    openssl_x509_check_private_key($read, $held) || exit("BERM_KEY is not the key of BERM_CERT\n");
    $of = openssl_x509_parse($read);
    $of["validTo_time_t"] > time() || exit("the certificate BERM_CERT ended on ".date("Y-m-d", $of["validTo_time_t"]).": have it renewed\n");
    $names = array_map(fn ($n) => preg_replace("/^(DNS|IP Address):/", "", trim($n)), explode(",", $of["extensions"]["subjectAltName"] ?? ""));
    foreach ($names as $name) { if (fnmatch($name, $address)) { exit("good"); } }
    exit("the certificate BERM_CERT is for ".implode(", ", $names)." and not for BERM_ADDRESS, $address\n");
  ' "$BERM_CERT" "$BERM_KEY" "$address"
}

settings() {
  local port=$1 served database said; served=$(cat "$state/served/now"); database=$("$root/tools/pg.sh" url app)
  address=${BERM_ADDRESS:-}
  mkdir -p "$conf"; chmod 750 "$conf"; if is_root; then chown "root:$server_user" "$conf"; fi
  rm -f "$conf"/tls.*
  local tls="" listen="127.0.0.1:$port" names="127.0.0.1 localhost" scheme=http host=127.0.0.1
  if [ -n "$address" ]; then
    said=$(certificate); [ "$said" = good ] || die "$said"
    write tls.crt < "$BERM_CERT"; write tls.key < "$BERM_KEY"
    tls="ssl_certificate $conf/tls.crt; ssl_certificate_key $conf/tls.key; ssl_protocols TLSv1.2 TLSv1.3; ssl_session_cache shared:tls:1m; ssl_session_tickets off;"
    listen="$port ssl http2; listen [::]:$port ssl http2"; names=$address; scheme=https; host=$address
  fi
  echo "$scheme://$host$([ "$port" = 443 ] || echo ":$port")" | write at
  as "$server_user" mkdir -p "$run/tmp"
  write fpm.conf <<CONF
[global]
pid = $run/fpm.pid
error_log = $log/fpm.log
daemonize = yes
; A worker that dies at once is replaced at once; when many do, all begin anew.
emergency_restart_threshold = 10
emergency_restart_interval = 1m
process_control_timeout = 10s
[berm]
listen = $run/fpm.sock
listen.mode = 0660
pm = static
pm.max_children = ${BERM_WORKERS:-6}
; The bound of a request, in time and memory; the database ends a statement sooner.
request_terminate_timeout = 60s
php_admin_value[max_execution_time] = 20
php_admin_value[memory_limit] = 192M
; No setting of a request's own: whoever could send one could have files run.
security.limit_extensions = .php
clear_env = yes
env[APP_ENV] = prod
env[APP_DEBUG] = 0
env[APP_SECRET] = "$(secret app 24)"
env[DATABASE_URL] = "$database"
env[BERM_CACHE] = "$state/workers/$(basename "$served")"
env[BERM_LOG] = "$log"
env[BERM_HEADS_KEYS] = "$(heads_keys)"
env[TMPDIR] = "$run/tmp"
php_admin_value[sys_temp_dir] = "$run/tmp"
php_admin_value[upload_tmp_dir] = "$run/tmp"
catch_workers_output = yes
decorate_workers_output = no
php_admin_flag[log_errors] = on
php_admin_flag[display_errors] = off
php_admin_value[error_log] = /dev/stderr
CONF
  write nginx.conf <<CONF
worker_processes 2;
pid $run/nginx.pid;
error_log $log/nginx.log error;
events { worker_connections 1024; }
http {
  include /etc/nginx/mime.types;
  default_type application/octet-stream;
  access_log off;
  server_tokens off;
  sendfile on; tcp_nopush on; keepalive_requests 100000;
  client_max_body_size 6m; client_body_buffer_size 512k; client_header_timeout 15s; client_body_timeout 15s; send_timeout 15s;
  # A connection that sends slowly costs a place and no worker; nobody needs two hundred.
  limit_conn_zone \$binary_remote_addr zone=address:1m; limit_conn address 200; limit_conn_log_level info; limit_conn_status 429;
  gzip on; gzip_static on; gzip_types text/css application/javascript application/json image/svg+xml; gzip_min_length 512;
  client_body_temp_path $run/body; proxy_temp_path $run/proxy; fastcgi_temp_path $run/fastcgi; uwsgi_temp_path $run/uwsgi; scgi_temp_path $run/scgi;
  $tls
  # Asked by another name: somebody's page in a browser here that says it is ours.
  server {
    listen ${listen//;/ default_server;} default_server;
    error_page 400 /.not-understood; error_page 414 494 /.too-long; error_page 421 @another-name;
    $(problem too-long 414 "Too long" "The address or a header is longer than this server reads." '= /.too-long')
    $(problem not-understood 400 "Not understood" "The request is not one that this server can read." '= /.not-understood')
    $(problem another-name 421 "Another name" "This server is asked by the name $host only.")
    location / { return 421; }
  }
  server {
    listen $listen;
    server_name $names;
    root $served/public;
    error_page 400 /.not-understood; error_page 404 @not-found; error_page 405 @not-this-way; error_page 413 @too-large; error_page 414 494 /.too-long; error_page 429 @too-many; error_page 497 @without-tls; error_page 500 @failed;
    error_page 502 503 504 @down;
    $(problem not-understood 400 "Not understood" "The request is not one that this server can read." '= /.not-understood')
    $(problem not-found 404 "Not found" "There is nothing at this address.")
    $(problem not-this-way 405 "Not this way" "This address is only read.")
    $(problem too-long 414 "Too long" "The address or a header is longer than this server reads." '= /.too-long')
    $(problem too-large 413 "Too large" "What was sent is larger than 6 MB. Send less, or in parts.")
    $(problem too-many 429 "Too many at once" "Too many connections from one address. Wait a moment, then try again.")
    $(problem without-tls 400 "Without TLS" "This server is asked by https only.")
    $(problem failed 500 "Something went wrong" "The server could not take this in; its disk may be full. What you typed is kept; try again in a moment.")
    $(problem down 503 "Not there now" "The server is starting or has stopped. What you typed is kept; try again in a moment.")
    location /build/assets/ { expires 1y; add_header Cache-Control "public, immutable"; $(guarded) try_files \$uri =404; }
    location = /build/berm.webmanifest { types { } default_type application/manifest+json; add_header Cache-Control no-cache; $(guarded) }
    location /build/ { add_header Cache-Control no-cache; $(guarded) try_files \$uri =404; }
    location = /sw.js { alias $served/public/build/sw.js; add_header Cache-Control no-cache; $(guarded) }
    location = /index.php { return 404; }
    location ~ /\. { return 404; }
    location / {
      $(hsts | sed -E 's/^([^:]+): (.*)$/add_header \1 "\2" always;/')
      fastcgi_pass unix:$run/fpm.sock;
      include /etc/nginx/fastcgi_params;
      fastcgi_param SCRIPT_FILENAME $served/public/index.php;
      fastcgi_param SCRIPT_NAME /index.php;
      fastcgi_param DOCUMENT_ROOT $served/public;
      fastcgi_buffers 64 32k; fastcgi_buffer_size 32k; fastcgi_max_temp_file_size 0;
      fastcgi_read_timeout 60s;
    }
  }
}
CONF
}

# as_part NAME COMMAND...: holding its mark, in the open as little as can be.
as_part() {
  local name=$1; shift
  as "$server_user" env -i PATH=/usr/sbin:/usr/bin:/sbin:/bin LC_ALL=C.UTF-8 sh -c ': >> "$0"; exec 9<"$0" "$@"' "$(mark "$name")" "$@"
}
end() { end_holders "$server_user" "$(mark "$1")" QUIT TERM KILL; as "$server_user" rm -f "$run/$1.pid" "$run/$1.sock"; }

begin() {
  local served opcache; served=$(cat "$state/served/now")
  opcache=(-d opcache.enable=1 -d opcache.memory_consumption=128 -d opcache.max_accelerated_files=20000 -d opcache.validate_timestamps=0 -d opcache.interned_strings_buffer=16
    -d realpath_cache_size=4096K -d realpath_cache_ttl=600 -d expose_php=0 -d "opcache.preload=$served/config/preload.php")
  case $1 in
  fpm) as_part fpm php-fpm8.2 -y "$conf/fpm.conf" "${opcache[@]}" 2>> "$state/serve.log" || die "php-fpm did not start: see $log/fpm.log" ;;
  nginx) as_part nginx nginx -c "$conf/nginx.conf" -e "$log/nginx.log" 2>> "$state/serve.log" || die "nginx did not start: see $log/nginx.log" ;;
  esac
}

port_is_free() { is_free "$1" || die "port $1 is in use by another program, or only the administrator may take it: choose one with BERM_PORT=8012 ./berm start"; }

start() {
  local port=$1 part was old; was=$(cat "$conf/started" 2>/dev/null || true); old=$(sed 's/.*://' "$conf/at" 2>/dev/null || true)
  # Before anything is ended that runs.
  [ "$old" = "$port" ] || port_is_free "$port"
  settings "$port"
  local now; now=$(find "$conf" -name "*.conf" -o -name "tls.*" | sort | xargs cat | sha256sum)
  for part in nginx fpm; do rotate "$server_user" "$log/$part.log"; done
  # Changed settings, or parts that are there and do not answer: all begins anew. A part that is not there is begun alone.
  if [ "$was" != "$now" ]; then end nginx; end fpm; elif leads nginx && leads fpm && ! answers; then
    say "The server did not answer: it is started again."
    was=; end nginx; end fpm
  fi
  leads nginx || { end nginx; port_is_free "$port"; }
  : > "$state/serve.log"
  for part in fpm nginx; do
    leads "$part" && continue
    end "$part"; begin "$part"
    [ "$was" != "$now" ] || say "$part had stopped: it runs again."
  done
  echo "$now" > "$conf/started"
  for _ in $(seq 100); do answers && return; sleep 0.1; done
  die "the server does not answer at $(at): see $log/"
}

case ${1:-} in
start) start "${2:?}" ;;
stop) end nginx; end fpm; rm -f "$conf/started" ;;
look) leads nginx && leads fpm && answers || exit 1 ;;
at) at ;;
*) die "usage: tools/serve.sh start PORT | stop | look | at" ;;
esac
