#!/usr/bin/env bash
# Builds the page into public/build; does nothing when it has not changed.
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
