<?php

/**
 * Passes on what comes in at one port to another, until it is ended: a line that can be cut.   usage: forward.php FROM TO
 */

declare(strict_types=1);

[, $from, $to] = $argv;
$listening = stream_socket_server("tcp://127.0.0.1:$from");
if (false === $listening) {
    exit(1);
}
fwrite(\STDOUT, "there\n");
/** @var array<int, resource> $ends by number */
$ends = [];
/** @var array<int, int> $other the other end of each */
$other = [];
while (true) {
    $read = [$listening, ...$ends];
    $write = $except = null;
    if (false === stream_select($read, $write, $except, null)) {
        exit(1);
    }
    foreach ($read as $one) {
        if ($one === $listening) {
            $near = stream_socket_accept($listening);
            $far = @stream_socket_client("tcp://127.0.0.1:$to");
            if (false === $near || false === $far) {
                continue;
            }
            [$a, $b] = [(int) $near, (int) $far];
            $ends += [$a => $near, $b => $far];
            $other += [$a => $b, $b => $a];
            continue;
        }
        $number = (int) $one;
        if (!isset($ends[$number])) {
            continue;
        }
        $bytes = fread($one, 65_536);
        if (false === $bytes || '' === $bytes) {
            fclose($ends[$number]);
            fclose($ends[$other[$number]]);
            unset($ends[$other[$number]], $ends[$number], $other[$other[$number]], $other[$number]);
            continue;
        }
        for ($far = $ends[$other[$number]]; '' !== $bytes; $bytes = substr($bytes, $sent)) {
            if (false === $sent = @fwrite($far, $bytes)) {
                break;
            }
        }
    }
}
