#!/usr/bin/env bash
# Builds the page into public/build and warms the server's cache; does nothing when neither has changed.
set -euo pipefail
. "$(dirname "$0")/lib.sh"
cd "$root"
sources() { find "$@" -type f -print0 | sort -z | xargs -0 cat | sha256sum | cut -d' ' -f1; }
page=$(sources openapi.yaml web/src web/public web/index.html web/vite.config.ts web/package-lock.json)
if [ "$(cat public/build/.berm 2>/dev/null)" != "$page" ]; then
  say "Building the page"
  (cd web && npm run --silent types > /dev/null && npm run --silent build > "$state/build.log" 2>&1) || { cat "$state/build.log" >&2; die "the page could not be built"; }
  printf '%s' "$page" > public/build/.berm
fi
server=$(sources composer.pins.json config src core/src)
if [ "$(cat "var/cache/prod/.berm" 2>/dev/null)" != "$server" ]; then
  say "Preparing the server"
  rm -rf var/cache/prod
  APP_ENV=prod APP_DEBUG=0 APP_SECRET=build DATABASE_URL='postgresql://nobody@127.0.0.1/none?serverVersion=15' php bin/console cache:warmup --quiet
  printf '%s' "$server" > var/cache/prod/.berm
fi
