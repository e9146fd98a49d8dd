<?php

declare(strict_types=1);

namespace Berm\Core\Formula;

use Symfony\Component\ExpressionLanguage\Node\Node;

/** Takes the expression library's loosely typed nodes apart. @internal */
final class Nodes
{
    public static function text(Node $node, string $attribute): string
    {
        $value = $node->attributes[$attribute] ?? null;

        return \is_string($value) ? $value : '';
    }

    public static function child(Node $node, string|int $name): Node
    {
        $child = $node->nodes[$name] ?? null;

        return $child instanceof Node ? $child : new Node();
    }

    /** @return list<Node> */
    public static function arguments(Node $function): array
    {
        return array_values(array_filter(
            self::child($function, 'arguments')->nodes, static fn (mixed $node): bool => $node instanceof Node,
        ));
    }
}
