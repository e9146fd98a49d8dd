#!/usr/bin/env bash
# Writes cases/answers anew: what the server answers about the demo, for the tests of the page.
set -euo pipefail
. "$(dirname "$0")/lib.sh"
cd "$root"
tools/build.sh
fresh_application answers
rm -rf var/cache/test
BERM_WRITES_ANSWERS=1 vendor/bin/phpunit --filter AnswersForThePage --no-progress
