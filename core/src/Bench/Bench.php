<?php

declare(strict_types=1);

namespace Berm\Core\Bench;

/** Every tool, in the order in which it is needed along an accessory. */
final class Bench
{
    /** @return array<string, Tool> by key */
    public static function tools(): array
    {
        $tools = [];
        foreach ([...Lengths::tools(), ...Wraps::tools(), ...Electrical::tools(), ...Conversions::tools()] as $tool) {
            $tools[$tool->key] = $tool;
        }

        return $tools;
    }
}
