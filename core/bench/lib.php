<?php

declare(strict_types=1);

/** Runs $work often, says its median and its slow end in milliseconds, and gives the quickest: the least disturbed. */
function measure(string $what, int $times, callable $work): float
{
    $took = [];
    for ($i = 0; $i < $times; ++$i) {
        $start = hrtime(true);
        $work();
        $took[] = (hrtime(true) - $start) / 1e6;
    }
    sort($took);
    printf(
        "%-64s median %6.2f ms   95 %% under %.2f ms   quickest %.2f ms\n",
        $what, $took[intdiv($times, 2)], $took[(int) ($times * 0.95)], $took[0],
    );

    return $took[0];
}
