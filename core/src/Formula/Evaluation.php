<?php

declare(strict_types=1);

namespace Berm\Core\Formula;

use Berm\Core\Quantity\Length;
use Symfony\Component\ExpressionLanguage\Node\BinaryNode;
use Symfony\Component\ExpressionLanguage\Node\ConditionalNode;
use Symfony\Component\ExpressionLanguage\Node\ConstantNode;
use Symfony\Component\ExpressionLanguage\Node\FunctionNode;
use Symfony\Component\ExpressionLanguage\Node\NameNode;
use Symfony\Component\ExpressionLanguage\Node\Node;
use Symfony\Component\ExpressionLanguage\Node\UnaryNode;

/**
 * Works out a formula whose dimensions have been checked. Sums of lengths are exact; a product or quotient is taken to the nearest
 * nanometre.
 * An area is a number of mm², a voltage a number of kV.
 *
 * @internal
 */
final readonly class Evaluation
{
    /** A thousand kilometres in nanometres, or as much of anything else: what a whole number and a float both hold exactly. */
    private const MOST = 1e15;

    /** @param array<string, Length> $literals lengths that stand in the formula, by their text */
    public function __construct(private string $formula, private Values $values, private array $literals)
    {
    }

    /** @throws MissingValue|BadFormula */
    public function of(Node $node): Length|float|string|bool
    {
        $value = $this->worked($node);
        $size = \is_float($value) ? abs($value) : ($value instanceof Length ? abs($value->nanometres) : 0.0);

        return is_finite($size) && $size <= self::MOST ? $value : throw BadFormula::tooLarge($this->formula);
    }

    private function worked(Node $node): Length|float|string|bool
    {
        return match (true) {
            $node instanceof NameNode => $this->values->get(Nodes::text($node, 'name')),
            $node instanceof ConstantNode => self::constant($node),
            $node instanceof UnaryNode => $this->unary(Nodes::text($node, 'operator'), $this->of(Nodes::child($node, 'node'))),
            $node instanceof BinaryNode => $this->binary($node),
            $node instanceof ConditionalNode => $this->of(Nodes::child(
                $node, true === $this->of(Nodes::child($node, 'expr1')) ? 'expr2' : 'expr3',
            )),
            $node instanceof FunctionNode => $this->function(Nodes::text($node, 'name'), Nodes::arguments($node)),
            default => throw BadFormula::notAllowed($this->formula, 'lists, properties or calls'),
        };
    }

    private static function constant(ConstantNode $node): float|string|bool
    {
        $value = $node->attributes['value'] ?? null;

        return \is_int($value) || \is_float($value) ? (float) $value : (\is_bool($value) ? $value : Nodes::text($node, 'value'));
    }

    private function unary(string $operator, Length|float|string|bool $operand): Length|float|bool
    {
        return match (true) {
            \is_bool($operand) => !$operand,
            $operand instanceof Length => '-' === $operator ? $operand->negated() : $operand,
            default => '-' === $operator ? -(float) $operand : (float) $operand,
        };
    }

    private function binary(BinaryNode $node): Length|float|bool
    {
        $operator = Nodes::text($node, 'operator');
        $left = $this->of(Nodes::child($node, 'left'));
        $right = $this->of(Nodes::child($node, 'right'));
        $isExact = $left instanceof Length && $right instanceof Length && \in_array($operator, ['+', '-'], true);
        if ($isExact) {
            return '+' === $operator ? $left->plus($right) : $left->minus($right);
        }
        [$a, $b] = [self::plain($left), self::plain($right)];

        return match ($operator) {
            '+', '-' => '+' === $operator ? (float) $a + (float) $b : (float) $a - (float) $b,
            '*' => self::product($left, $right),
            '/' => $this->quotient($left, $right),
            '<' => $a < $b,
            '>' => $a > $b,
            '<=' => $a <= $b,
            '>=' => $a >= $b,
            '==' => $a === $b,
            '!=' => $a !== $b,
            'and', '&&' => true === $a && true === $b,
            default => true === $a || true === $b,
        };
    }

    private static function product(Length|float|string|bool $left, Length|float|string|bool $right): Length|float
    {
        return $left instanceof Length && $right instanceof Length
            ? $left->inMillimetres() * $right->inMillimetres()
            : self::scaled((float) self::plain($left) * (float) self::plain($right), $left instanceof Length || $right instanceof Length);
    }

    private function quotient(Length|float|string|bool $left, Length|float|string|bool $right): Length|float
    {
        $divisor = (float) self::plain($right);
        if (0.0 === $divisor) {
            throw BadFormula::dividesByZero($this->formula);
        }
        if (!$left instanceof Length && $right instanceof Length) {
            return Length::nearestToMillimetres((float) $left / $right->inMillimetres());
        }

        return self::scaled((float) self::plain($left) / $divisor, $left instanceof Length && !$right instanceof Length);
    }

    private static function scaled(float $value, bool $isLength): Length|float
    {
        // What is too large for a length is told by whoever asked for it.
        return $isLength && abs($value) <= self::MOST ? Length::ofNanometres((int) round($value)) : $value;
    }

    /** @param list<Node> $arguments */
    private function function(string $name, array $arguments): Length|float
    {
        if (\in_array($name, ['length', 'area', 'voltage'], true)) {
            $text = Nodes::text($arguments[0], 'value');

            return 'length' === $name ? $this->literals[$text] ?? Length::parseWithUnit($text) : (float) $text;
        }
        // Each once: a formula of functions in functions is as quick as it is long.
        $given = array_map($this->of(...), $arguments);
        $values = array_map(static fn (Length|float|string|bool $value): float => (float) self::plain($value), $given);
        $isLength = ($given[0] ?? null) instanceof Length;

        $all = [array_shift($values) ?? 0.0, ...$values];

        return self::scaled('max' === $name ? max($all) : min($all), $isLength);
    }

    /** Lengths as their nanometres; a float holds them exactly up to 9 000 km. */
    private static function plain(Length|float|string|bool $value): float|string|bool
    {
        return $value instanceof Length ? (float) $value->nanometres : $value;
    }
}
