#!/usr/bin/env bash
# Installs what Berm needs and this machine lacks: Debian packages, PHP libraries, the page's packages. Quick when all is there.
# usage: tools/packages.sh [run|test]   test adds the browser and the measuring tools
set -euo pipefail
. "$(dirname "$0")/lib.sh"
what=${1:-run}

need=(php8.2-cli procps php8.2-fpm php8.2-pgsql php8.2-intl php8.2-mbstring php8.2-xml php8.2-curl php8.2-zip php8.2-gd php8.2-apcu postgresql-15 nginx-light curl)
[ "$what" = test ] && need+=(chromium chromium-driver poppler-utils units wrk)
missing=()
for package in "${need[@]}"; do
  [ "$(dpkg-query -W -f='${db:Status-Status}' "$package" 2>/dev/null)" = installed ] || missing+=("$package")
done
if [ ${#missing[@]} -gt 0 ]; then
  [ "$(id -u)" = 0 ] || die "these Debian packages are missing: ${missing[*]}. Install them with: sudo apt-get install ${missing[*]}"
  say "Installing ${missing[*]}"
  umask 022
  apt-get update -qq
  DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends -o DPkg::Lock::Timeout=300 "${missing[@]}" > /dev/null
  umask 077
fi
# Serving needs no rights: it is done by a user of its own, whom nobody signs in as.
if is_root && ! getent passwd "$server_user" > /dev/null; then
  useradd --system --user-group --no-create-home --home-dir /nonexistent --shell /usr/sbin/nologin "$server_user"
fi
for command in php composer node npm; do
  command -v "$command" > /dev/null || die "$command is missing: install it, then run this again."
done

cd "$root"
make_folder
stamp() { cat "$@" | sha256sum | cut -d' ' -f1; }

if [ "$(cat vendor/.berm 2>/dev/null)" != "$(stamp composer.json composer.pins.json)" ]; then
  say "Fetching the PHP libraries"
  tools/symfony-src.sh
  php tools/composer-pins.php fill
  composer update --lock --no-install --no-scripts --no-interaction --quiet
  composer install --no-scripts --no-interaction --quiet
  php tools/composer-pins.php check
  stamp composer.json composer.pins.json > vendor/.berm
fi
if [ "$(cat web/node_modules/.berm 2>/dev/null)" != "$(stamp web/package.json web/package-lock.json)" ]; then
  say "Fetching the page's packages"
  # Not npm ci: optional packages for other platforms may be absent from a registry. The lock stays as committed.
  lock=$state/package-lock.json
  cp web/package-lock.json "$lock"
  (cd web && npm install --silent --no-progress)
  cp "$lock" web/package-lock.json
  node tools/npm-pins.mjs web/package-lock.json web/node_modules/.package-lock.json || die "the page's packages are not those of web/package-lock.json"
  stamp web/package.json web/package-lock.json > web/node_modules/.berm
fi
