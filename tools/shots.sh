#!/usr/bin/env bash
# docs/screenshots/ from the demo of a throw-away application, so that nobody's jobs are in the pictures.
set -euo pipefail
. "$(dirname "$0")/lib.sh"
cd "$root"
fresh_application shots
port=$(free_port)
tools/serve.sh start "$port"
BERM_URL=http://127.0.0.1:$port php tools/shots.php
