<?php

declare(strict_types=1);

/** Runs $work often and says its median and its slow end, in milliseconds. */
function measure(string $what, int $times, callable $work): void
{
    $took = [];
    for ($i = 0; $i < $times; ++$i) {
        $start = hrtime(true);
        $work();
        $took[] = (hrtime(true) - $start) / 1e6;
    }
    sort($took);
    printf("%-64s median %6.2f ms   95 %% under %.2f ms\n", $what, $took[intdiv($times, 2)], $took[(int) ($times * 0.95)]);
}
