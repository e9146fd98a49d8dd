#!/usr/bin/env bash
# nginx and php-fpm on loopback, from settings of our own, in the background.   usage: tools/serve.sh start PORT | stop
# State in $BERM_RUN (default: var/run); DATABASE_URL and APP_SECRET come from the environment.
set -euo pipefail
. "$(dirname "$0")/lib.sh"
run=${BERM_RUN:-$state/run}; log=$state/log

alive() { local pid; pid=$(cat "$run/$1.pid" 2>/dev/null) && [ -n "$pid" ] && kill -0 "$pid" 2>/dev/null; }
stop_one() {
  alive "$1" || return 0
  kill -QUIT "$(cat "$run/$1.pid")"
  for _ in $(seq 100); do alive "$1" || return 0; sleep 0.05; done
  kill -TERM "$(cat "$run/$1.pid")" 2>/dev/null || true
}

# The headers of config/security-headers.txt, for what nginx answers itself.
guarded() { sed -E 's/^([^:]+): (.*)$/add_header \1 "\2" always;/' "$root/config/security-headers.txt" | tr '\n' ' '; }
problem() { # problem NAME STATUS TITLE DETAIL [LOCATION]
  printf 'location %s { internal; types { } default_type application/problem+json; %s return %s '"'"'{"type":"/problems/%s","title":"%s","status":%s,"detail":"%s"}'"'"'; }' "${5:-@$1}" "$(guarded)" "$2" "$1" "$3" "$2" "$4"
}

settings() {
  local port=$1; worker=$(id -un)
  # Workers need no rights of their own: they only read the code.
  [ "$(id -u)" = 0 ] && worker=www-data && worker_line="user = www-data
group = www-data
listen.owner = www-data" || worker_line=""
  if [ "$(id -u)" = 0 ] && ! setpriv --reuid=www-data --regid=www-data --init-groups php -r "require '$root/vendor/autoload.php'; class_exists('App\\Kernel') || exit(1);" 2>/dev/null; then
    worker_line="user = root
group = root"; worker=root
  fi
  mkdir -p "$run" "$log" "$root/var/log"
  [ "$worker" = www-data ] && chown www-data "$root/var/log" "$root/var/cache/prod" "$run" -R
  cat > "$run/fpm.conf" <<CONF
[global]
pid = $run/fpm.pid
error_log = $log/fpm.log
daemonize = yes
[berm]
$worker_line
listen = $run/fpm.sock
listen.mode = 0666
pm = static
pm.max_children = ${BERM_WORKERS:-6}
clear_env = yes
env[APP_ENV] = prod
env[APP_DEBUG] = 0
env[APP_SECRET] = "$APP_SECRET"
env[DATABASE_URL] = "$DATABASE_URL"
catch_workers_output = yes
decorate_workers_output = no
php_admin_flag[log_errors] = on
php_admin_value[error_log] = /dev/stderr
CONF
  chmod 600 "$run/fpm.conf"
  cat > "$run/nginx.conf" <<CONF
$([ "$(id -u)" = 0 ] && echo "user $worker;")
worker_processes 2;
pid $run/nginx.pid;
error_log $log/nginx.log warn;
events { worker_connections 1024; }
http {
  include /etc/nginx/mime.types;
  default_type application/octet-stream;
  access_log off;
  server_tokens off;
  sendfile on; tcp_nopush on; keepalive_requests 100000;
  client_max_body_size 6m;
  gzip on; gzip_types text/css application/javascript application/json image/svg+xml; gzip_min_length 512;
  client_body_temp_path $run/body; proxy_temp_path $run/proxy; fastcgi_temp_path $run/fastcgi; uwsgi_temp_path $run/uwsgi; scgi_temp_path $run/scgi;
  server {
    listen 127.0.0.1:$port;
    root $root/public;
    error_page 400 /.not-understood; error_page 404 @not-found; error_page 405 @not-this-way; error_page 413 @too-large; error_page 502 503 504 @down;
    $(problem not-understood 400 "Not understood" "The request is not one that this server can read." '= /.not-understood')
    $(problem not-found 404 "Not found" "There is nothing at this address.")
    $(problem not-this-way 405 "Not this way" "This address is only read.")
    $(problem too-large 413 "Too large" "What was sent is larger than 6 MB. Send less, or in parts.")
    $(problem down 503 "Not there now" "The server is starting or has stopped. What you typed is kept; try again in a moment.")
    location /build/assets/ { expires 1y; add_header Cache-Control "public, immutable"; $(guarded) try_files \$uri =404; }
    location /build/ { add_header Cache-Control no-cache; $(guarded) try_files \$uri =404; }
    location = /index.php { return 404; }
    location ~ /\. { return 404; }
    location / {
      fastcgi_pass unix:$run/fpm.sock;
      include /etc/nginx/fastcgi_params;
      fastcgi_param SCRIPT_FILENAME $root/public/index.php;
      fastcgi_param SCRIPT_NAME /index.php;
      fastcgi_param DOCUMENT_ROOT $root/public;
      fastcgi_buffers 16 32k; fastcgi_buffer_size 32k;
    }
  }
}
CONF
}

case ${1:-} in
start)
  port=${2:?}; : "${DATABASE_URL:?}" "${APP_SECRET:?}"
  settings "$port"
  opcache=(-d opcache.enable=1 -d opcache.memory_consumption=128 -d opcache.max_accelerated_files=20000 -d opcache.validate_timestamps=0 -d opcache.interned_strings_buffer=16 -d realpath_cache_size=4096K -d realpath_cache_ttl=600 -d expose_php=0 -d opcache.preload="$root/config/preload.php" -d opcache.preload_user="$worker")
  php-fpm8.2 -R -y "$run/fpm.conf" "${opcache[@]}" || die "php-fpm did not start: see $log/fpm.log"
  nginx -c "$run/nginx.conf" -e "$log/nginx.log" || { stop_one fpm; die "nginx did not start: see $log/nginx.log"; }
  for _ in $(seq 100); do curl -fsS --noproxy '*' -o /dev/null "http://127.0.0.1:$port/api/ping" 2>/dev/null && exit 0; sleep 0.1; done
  die "the server does not answer on port $port: see $log/" ;;
stop) stop_one nginx; stop_one fpm; rm -f "$run/nginx.pid" "$run/fpm.pid" ;;
*) die "usage: tools/serve.sh start PORT | stop" ;;
esac
