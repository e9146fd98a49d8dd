#!/usr/bin/env bash
# Copies what is served into the state folder, where the workers can read it and nobody but the administrator can change it, and
# prepares the container there. Does nothing when the copy is of these sources already.   Writes its folder to served/now.
set -euo pipefail
. "$(dirname "$0")/lib.sh"
cd "$root"
clear() { chmod -R u+w "$@" 2>/dev/null || true; rm -rf "$@"; }
sources() { find "$@" -type f -print0 | sort -z | xargs -0 sha256sum; }
print=$({ cat public/build/.berm vendor/.berm; sources bin config core/src demo migrations public/index.php src openapi.yaml tools/deploy.sh; } | sha256sum | cut -c1-16)
served=$state/served/$print cache=$state/workers/$print
if [ ! -e "$served/.ready" ]; then
  say "Preparing the server"
  [ -d "$state/served" ] || rm -f "$state/served"
  mkdir -p "$state/served"; chmod 750 "$state/served"
  clear "$served" "$cache"; mkdir -p "$served/core" "$cache"
  chmod 700 "$cache"
  tar -c --exclude=vendor/phpstan bin config demo migrations public src openapi.yaml composer.json vendor | tar -x --no-same-owner -C "$served"
  cp -r core/src "$served/core/src"
  # The workers load nothing of the tools that only a developer needs.
  composer dump-autoload --working-dir="$served" --no-dev --classmap-authoritative --no-scripts --no-interaction --quiet
  rm -rf "$served"/vendor/{bin,friendsofphp,phpunit,phpat,php-webdriver,sebastian,phar-io,opis,giorgiosironi,theseer,nikic,react,composer/installed.json}
  env -i PATH="$PATH" APP_ENV=prod APP_DEBUG=0 APP_SECRET=build BERM_CACHE="$cache" BERM_LOG="$log" DATABASE_URL='postgresql://nobody@127.0.0.1/none?serverVersion=15' \
    php "$served/bin/console" cache:warmup --quiet || die "the server could not be prepared"
  if is_root; then chown -R "root:$server_user" "$served"; chown -R -h "$server_user:" "$cache"; fi
  touch "$served/.ready"
  chmod -R u=rX,g=rX,o= "$served"
fi
if is_root; then chown "root:$server_user" "$state/served"; fi
chmod 750 "$state/served"
printf '%s' "$served" > "$state/served/now.new"; mv "$state/served/now.new" "$state/served/now"
# What was served before stays for one more change: a request may still read it.
ls -dt "$state"/served/*/ | tail -n +3 | while read -r old; do clear "$old"; done
ls -dt "$state"/workers/*/ | tail -n +3 | while read -r old; do clear "$old"; done
