#!/usr/bin/env bash
# The same plan in PHP compiled for the browser, in Chromium: what a device without a server would take. Its packages are fetched into the
# state folder when it is first asked for; they are no part of Berm.
set -euo pipefail
. "$(dirname "$0")/lib.sh"
cd "$root"
folder=$root/var/device
mkdir -p "$folder/public"
cp tools/device/*.js tools/device/index.html "$folder/"
if [ ! -d "$folder/node_modules/@php-wasm/web-8-2" ]; then
  echo '{ "private": true, "type": "module" }' > "$folder/package.json"
  (cd "$folder" && npm install --no-audit --no-fund --silent @php-wasm/universal@3.1.55 @php-wasm/web-8-2@3.1.55 vite@8) \
    || { echo "its packages cannot be fetched here: left out"; exit 0; }
fi
php tools/device/bundle.php "$folder/public/bundle.json"
cd "$folder"
npx vite build --logLevel silent
port=$(free_port)
npx vite preview --port "$port" --strictPort --host 127.0.0.1 > "$folder/preview.log" 2>&1 &
preview=$!
trap 'kill $preview 2>/dev/null || true' EXIT
for _ in $(seq 50); do curl -fs --noproxy '*' -o /dev/null "http://127.0.0.1:$port/" && break; done
php "$root/tools/device/time.php" "http://127.0.0.1:$port"
