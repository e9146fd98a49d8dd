#!/usr/bin/env bash
# How fast it is: the core alone, a plan over HTTP beside the empty JSON route of the same server, and the weight of the first load.
set -euo pipefail
. "$(dirname "$0")/lib.sh"
cd "$root"
printf '== The core, one process of PHP %s\n' "$(php -r 'echo PHP_VERSION;')"
for bench in plan identify rank ways tools; do php -d opcache.enable_cli=1 "core/bench/$bench.php"; done

printf '\n== The application, nginx and php-fpm on this machine\n'
fresh_application bench
port=$(free_port); at=http://127.0.0.1:$port
tools/serve.sh start "$port"
jar=$state/cookies; rm -f "$jar"
token() { php -r 'echo json_decode(stream_get_contents(STDIN), true)["csrfToken"];'; }
csrf=$(curl -fsS --noproxy '*' -c "$jar" "$at/api/session" | token)
curl -fsS --noproxy '*' -b "$jar" -c "$jar" -o /dev/null -H 'Content-Type: application/json' -H "X-CSRF-Token: $csrf" -d "{\"user\":\"jointer\",\"password\":\"$BERM_PASSWORD\"}" "$at/api/sign-in"
cookie="berm=$(awk '$6 == "berm" { print $7 }' "$jar")"
job=/api/jobs/019aa100-0000-7000-8000-000000000002
# One connection, so that the time of one request is seen and not the queue before it. Rounds take turns, and of each route the
# least disturbed round counts: a shared machine is faster one second than the next.
paths=(/api/ping "$job" "$job/kits" "$job/connectors" "$job/ends/A/identification" "/api/cables?search=95+al" "/api/bench/tape?unit=mm")
rounds=$state/rounds; : > "$rounds"
for _ in 1 2 3 4; do
  for path in "${paths[@]}"; do
    wrk -t1 -c1 -d2s --latency -H "Cookie: $cookie" "$at$path" | awk -v path="$path" '$1 == "50%" { print path, ($2 ~ /us/ ? $2 / 1000 : $2 + 0) }' >> "$rounds"
  done
done
for path in "${paths[@]}"; do
  awk -v path="$path" '$1 == "/api/ping" && (!base || $2 < base) { base = $2 } $1 == path && (!least || $2 < least) { least = $2 }
    END { printf "%-64s median %6.2f ms   %.2f times the empty route\n", path, least, least / base }' "$rounds"
done

printf '\n== Writing one entry: a joint of three cores, its plan known from the entry before\n'
csrf=$(curl -fsS --noproxy '*' -b "$jar" -c "$jar" "$at/api/session" | token)
write() { # write EVENT
  curl -fsS --noproxy '*' -b "$jar" -o "$state/written.json" -w '%{time_total} %{size_download}\n' -H 'Content-Type: application/json' -H "X-CSRF-Token: $csrf" \
    -d "{\"id\":\"$(php -r 'require "vendor/autoload.php"; echo Symfony\Component\Uid\Uuid::v7();')\",\"event\":$1}" "$at/api/jobs/019aa100-0000-7000-8000-000000000007/log"
}
for typed in 3 4 5 6 7 4 5 6 7 3; do
  write "{\"kind\":\"check-made\",\"stage\":\"stress\",\"check\":\"step\",\"end\":\"A\",\"core\":1,\"reading\":{\"typed\":\"$typed\",\"unit\":\"mm\",\"instrument\":\"steel-rule\"}}"
done | sort -n | awk '{ time[NR] = $1; size = $2 } END { printf "median %.1f ms; the answer has %.1f kB uncompressed (limit 25)\n", 1000 * time[int((NR + 1) / 2)], size / 1000 }'

printf '\n== Papers: a joint of three cores, over HTTP\n'
for paper in card template stages labels record; do
  for _ in 1 2 3 4 5; do
    curl -fsS --noproxy '*' -H "Cookie: $cookie" -o "$state/paper.pdf" -w '%{time_total} %{size_download}\n' "$at/api/jobs/019aa100-0000-7000-8000-000000000007/$paper.pdf"
  done | sort -n | awk -v paper="$paper" '{ time[NR] = $1; size = $2 } END { printf "%-12s median %4.0f ms, %.0f kB\n", paper, 1000 * time[3], size / 1000 }'
done

printf '\n== Ten thousand kit sizes and five hundred connectors\n'
php tools/bench-ranking.php load
curl -fsS --noproxy '*' -H "Cookie: $cookie" -o "$state/ranked.json" -w 'made ready once, by the first who asks: %{time_total} s\n' "$at$job/kits"
php -r '$a = json_decode(file_get_contents($argv[1]), true); printf("%d sizes that make a joint, %d of them possible; the first ten come with %d connectors that go\n", $a["total"], $a["possible"], array_sum(array_column($a["choices"], "connectorsThatGo")));' "$state/ranked.json"
wrk -t1 -c1 -d6s --latency -H "Cookie: $cookie" "$at$job/kits" | awk '$1 == "50%" || $1 == "99%" { printf "ranked and the first ten judged and said: %s of requests within %s\n", $1, $2 }'
php tools/bench-ranking.php query

printf '\n== The first load\n'
script=$(php -r '$m = json_decode(file_get_contents("public/build/.vite/manifest.json"), true); foreach ($m as $c) if (!empty($c["isEntry"])) { echo $c["file"]; foreach ($c["imports"] ?? [] as $i) echo " ".$m[$i]["file"]; }')
printf 'script %s kB gzipped (limit 150)\n' "$(for f in $script; do gzip -9c "public/build/$f"; done | wc -c | awk '{ printf "%.0f", $1 / 1000 }')"

printf '\n== The page, in Chromium\n'
BERM_URL=$at php tools/bench-page.php

printf '\n== In the hand: the engine in the browser, with the line to the server cut\n'
BERM_URL=$at php tools/bench-hand.php
