#!/usr/bin/env bash
# Builds the page into public/build; does nothing when it has not changed.
set -euo pipefail
. "$(dirname "$0")/lib.sh"
cd "$root"
sources() { find "$@" -type f -print0 | sort -z | xargs -0 cat | sha256sum | cut -d' ' -f1; }
rules=(bin/hand.php core/src src/Hand src/Http/Wire src/UseCase tools/hand-archive.php vendor/symfony/expression-language vendor/psr)
page=$(sources openapi.yaml tools/build.sh web/hand/LICENSE web/hand/NOTICE.md web/hand/worker.js web/sw web/src web/public web/index.html web/vite.config.ts \
  web/package-lock.json "${rules[@]}")
if [ "$(cat public/build/.berm 2>/dev/null)" != "$page" ]; then
  say "Building the page"
  # What goes onto a device is made of the sources that the server runs: there is no second copy.
  php tools/hand-archive.php web/hand/archive.json
  (cd web && npm run --silent types > /dev/null && npm run --silent build > "$state/build.log" 2>&1) || { cat "$state/build.log" >&2; die "the page could not be built"; }
  mkdir -p public/build/hand
  cp web/hand/LICENSE web/hand/NOTICE.md web/hand/worker.js public/build/hand/
  find public/build/assets -type f -size +4k \( -name '*.wasm' -o -name '*.js' -o -name '*.css' -o -name '*.json' \) -print0 | xargs -0 -P 4 -n 4 gzip -9k
  printf '%s' "$page" > public/build/.berm
fi
