#!/usr/bin/env bash
# Everything that is checked. State of its own in var/test, so that nothing that runs is touched.
# usage: tools/test.sh [core|app|journey|process|fuzz|builds|away|static|web]
set -euo pipefail
. "$(dirname "$0")/lib.sh"
cd "$root"
what=${1:-all}
wants() { [ "$what" = all ] || [ "$what" = "$1" ]; }
workers=
step() { printf '\n== %s\n' "$*"; }

# Two processors: the core and Berm as it runs are tested beside the page, the application and the whole path.
# What they say is kept outside the state folder, which begins anew with each application.
beside() { "$1" > "$root/var/$1.log" 2>&1 & }
# What still runs beside when something fails is ended with it.
end_beside() { local job; for job in $(jobs -p); do pkill -P "$job" || true; kill "$job" 2> /dev/null || true; done; }
trap end_beside EXIT
joined() { wait "$2" || { cat "$root/var/$1.log"; die "$3: see above"; }; cat "$root/var/$1.log"; }
core() {
  step "The core"
  vendor/bin/phpunit --testsuite core --no-progress
}
page() {
  step "The page: types, rules, format, unit tests"
  (cd web && npx --no-install tsc --noEmit && npx --no-install eslint . && npx --no-install prettier --check --log-level warn . \
    && npx --no-install vitest run ${workers:+--maxWorkers=$workers})
  step "The contract and the open formats, by tools of others"
  (cd web && npx --no-install redocly lint ../openapi.yaml --config ../tools/redocly.yaml --format=stylish 2>&1 | grep -v '^ *[║╔╚]')
  node tools/json-schemas.mjs
}
static() {
  step "PHP: lines that people can read"
  # Of at most 140 characters; what is longer is a sentence or a pattern in one piece. May only become fewer.
  long=$(git ls-files '*.php' | php -r 'mb_internal_encoding("UTF-8"); $n = 0; while ($f = fgets(STDIN)) foreach (file(rtrim($f)) as $l) $n += mb_strlen(rtrim($l)) > 140; echo $n;')
  [ "$long" -le 91 ] || die "$long lines of PHP are longer than 140 characters (91 were left): break those that are new"
  step "PHP: format, types, layers"
  vendor/bin/php-cs-fixer check --show-progress=none
  APP_ENV=dev APP_DEBUG=1 APP_SECRET=static DATABASE_URL='postgresql://nobody@127.0.0.1/none?serverVersion=15' php bin/console cache:warmup --quiet
  vendor/bin/phpstan analyse --memory-limit=2G --no-progress
}
process() {
  step "Berm as it runs: closed doors, and back after a kill"
  rm -rf "$state/process"
  BERM_SCRATCH=$state/process vendor/bin/phpunit --testsuite process --no-progress
}
core_and_process() { core && process; }
tools/build.sh
if [ "$what" = all ]; then
  beside core_and_process
  core=$!
  # The other processor.
  workers=1
elif wants core; then
  core
fi
if wants static; then static; fi
if wants web || wants static; then page; fi
if [ "$what" = builds ]; then
  step "Every reading at its limit, in the core"
  vendor/bin/phpunit --testsuite core --no-progress --filter 'ReadingsTest|GoodBuildsTest'
fi
if wants app || [ "$what" = builds ] || wants journey || wants fuzz || [ "$what" = away ]; then
  step "A database for the tests"
  fresh_application test
  trap 'end_beside; tools/serve.sh stop; tools/pg.sh stop' EXIT
  rm -rf var/cache/test
  console owner doctrine:schema:validate --quiet || die "the migrations do not give the tables that the rows describe"
fi
if wants app || [ "$what" = builds ]; then
  step "The application, against PostgreSQL"
  only=(); [ "$what" != builds ] || only=(--filter 'BuiltThroughTheApiTest|PrintedTest')
  vendor/bin/phpunit --testsuite app --no-progress "${only[@]}"
fi
if wants journey || wants fuzz; then
  step "The whole path, in a browser"
  port=$(free_port)
  tools/serve.sh start "$port"
  only=(); [ "$what" != fuzz ] || only=(--filter FuzzTest)
  BERM_URL=http://127.0.0.1:$port vendor/bin/phpunit --testsuite journey --no-progress "${only[@]}"
fi
if [ "$what" = away ]; then
  step "Joints built with no signal, whole"
  port=$(free_port)
  tools/serve.sh start "$port"
  BERM_WHOLE=1 BERM_URL=http://127.0.0.1:$port vendor/bin/phpunit --testsuite journey --no-progress --filter 'WithoutSignalTest::aJoint'
  step "Sent while the server is killed"
  rm -rf "$state/process"
  BERM_SCRATCH=$state/process vendor/bin/phpunit --testsuite whole --no-progress
fi
if [ "$what" = all ]; then
  joined core_and_process "$core" "the core, or Berm as it runs, is not as it should be"
elif wants process; then
  process
fi
