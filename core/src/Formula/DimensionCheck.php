<?php

declare(strict_types=1);

namespace Berm\Core\Formula;

use Berm\Core\CoreError;
use Berm\Core\Quantity\Length;
use Symfony\Component\ExpressionLanguage\Node\BinaryNode;
use Symfony\Component\ExpressionLanguage\Node\ConditionalNode;
use Symfony\Component\ExpressionLanguage\Node\ConstantNode;
use Symfony\Component\ExpressionLanguage\Node\FunctionNode;
use Symfony\Component\ExpressionLanguage\Node\NameNode;
use Symfony\Component\ExpressionLanguage\Node\Node;
use Symfony\Component\ExpressionLanguage\Node\UnaryNode;

/** Works out what kind of thing each part of a formula is, and refuses what has no meaning. @internal */
final readonly class DimensionCheck
{
    public function __construct(private string $formula, private Vocabulary $vocabulary)
    {
    }

    /** @throws BadFormula */
    public function of(Node $node): Dimension
    {
        return match (true) {
            $node instanceof NameNode => $this->vocabulary->names[Nodes::text($node, 'name')] ?? Dimension::Length,
            $node instanceof ConstantNode => $this->ofConstant($node),
            $node instanceof UnaryNode => $this->ofUnary($node),
            $node instanceof BinaryNode => $this->ofBinary($node),
            $node instanceof ConditionalNode => $this->ofConditional($node),
            $node instanceof FunctionNode => $this->ofFunction($node),
            default => throw BadFormula::notAllowed($this->formula, 'lists, properties or calls'),
        };
    }

    private function ofConstant(ConstantNode $node): Dimension
    {
        $value = $node->attributes['value'] ?? null;

        return match (true) {
            \is_int($value), \is_float($value) => Dimension::Number,
            \is_string($value) => Dimension::Text,
            \is_bool($value) => Dimension::Truth,
            default => throw BadFormula::notAllowed($this->formula, 'an empty value'),
        };
    }

    private function ofUnary(UnaryNode $node): Dimension
    {
        $operator = Nodes::text($node, 'operator');
        $operand = $this->of(Nodes::child($node, 'node'));
        $isFine = match ($operator) {
            '-', '+' => $operand->isMeasure(),
            'not', '!' => Dimension::Truth === $operand,
            default => false,
        };

        return $isFine ? $operand : throw BadFormula::notAllowed($this->formula, \sprintf('"%s" before %s', $operator, $operand->value));
    }

    private function ofBinary(BinaryNode $node): Dimension
    {
        $operator = Nodes::text($node, 'operator');
        $left = $this->of(Nodes::child($node, 'left'));
        $right = $this->of(Nodes::child($node, 'right'));
        $result = self::result($operator, $left, $right) ?? throw BadFormula::combines($this->formula, $operator, $left, $right);
        $this->ensureKnownText(Nodes::child($node, 'left'), Nodes::child($node, 'right'));
        $this->ensureKnownText(Nodes::child($node, 'right'), Nodes::child($node, 'left'));

        return $result;
    }

    private static function result(string $operator, Dimension $left, Dimension $right): ?Dimension
    {
        return match ($operator) {
            '+', '-' => $left === $right && $left->isMeasure() ? $left : null,
            '*' => self::product($left, $right),
            '/' => self::quotient($left, $right),
            '<', '>', '<=', '>=' => $left === $right && $left->isMeasure() ? Dimension::Truth : null,
            '==', '!=' => $left === $right ? Dimension::Truth : null,
            'and', '&&', 'or', '||' => Dimension::Truth === $left && Dimension::Truth === $right ? Dimension::Truth : null,
            default => null,
        };
    }

    private static function product(Dimension $left, Dimension $right): ?Dimension
    {
        return match (true) {
            Dimension::Number === $left && $right->isMeasure() => $right,
            Dimension::Number === $right && $left->isMeasure() => $left,
            Dimension::Length === $left && Dimension::Length === $right => Dimension::Area,
            default => null,
        };
    }

    private static function quotient(Dimension $left, Dimension $right): ?Dimension
    {
        return match (true) {
            Dimension::Number === $right && $left->isMeasure() => $left,
            $left === $right && $left->isMeasure() => Dimension::Number,
            Dimension::Area === $left && Dimension::Length === $right => Dimension::Length,
            default => null,
        };
    }

    /** A misspelt text would never be equal to anything, and its rule would never hold. @throws BadFormula */
    private function ensureKnownText(Node $name, Node $constant): void
    {
        $allowed = $name instanceof NameNode ? $this->vocabulary->textsOf(Nodes::text($name, 'name')) : null;
        $text = $constant instanceof ConstantNode ? Nodes::text($constant, 'value') : null;
        if (null !== $allowed && null !== $text && !\in_array($text, $allowed, true)) {
            throw BadFormula::unknownText($this->formula, Nodes::text($name, 'name'), $text, $allowed);
        }
    }

    private function ofConditional(ConditionalNode $node): Dimension
    {
        $test = $this->of(Nodes::child($node, 'expr1'));
        $then = $this->of(Nodes::child($node, 'expr2'));
        $else = $this->of(Nodes::child($node, 'expr3'));
        if (Dimension::Truth !== $test || $then !== $else) {
            throw BadFormula::combines($this->formula, '? :', $then, $else);
        }

        return $then;
    }

    private function ofFunction(FunctionNode $node): Dimension
    {
        $arguments = Nodes::arguments($node);
        $literal = match (Nodes::text($node, 'name')) {
            'length' => $this->ofLiteral($arguments),
            'area' => $this->ofNumber($arguments, Dimension::Area),
            'voltage' => $this->ofNumber($arguments, Dimension::Voltage),
            default => null,
        };
        if (null !== $literal) {
            return $literal;
        }
        $kinds = array_map($this->of(...), $arguments);
        $first = $kinds[0] ?? throw BadFormula::notAllowed($this->formula, 'max or min of nothing');
        foreach ($kinds as $kind) {
            if ($kind !== $first || !$kind->isMeasure()) {
                throw BadFormula::combines($this->formula, Nodes::text($node, 'name'), $first, $kind);
            }
        }

        return $first;
    }

    /**
     * "95 mm²" and "15 kV", as they were rewritten; whoever writes the function itself can mean nothing else.
     *
     * @param list<Node> $arguments
     */
    private function ofNumber(array $arguments, Dimension $of): Dimension
    {
        $text = isset($arguments[0]) && 1 === \count($arguments) ? $arguments[0]->attributes['value'] ?? null : null;
        $isNumber = \is_string($text) && 1 === preg_match('/\A\d{1,6}(\.\d{1,6})?\z/', $text);

        return $isNumber ? $of : throw BadFormula::notAllowed($this->formula, "{$of->value} that is not written as 95 mm² or 15 kV");
    }

    /** @param list<Node> $arguments */
    private function ofLiteral(array $arguments): Dimension
    {
        $text = isset($arguments[0]) && 1 === \count($arguments) ? $arguments[0]->attributes['value'] ?? null : null;
        if (!\is_string($text)) {
            throw BadFormula::notAllowed($this->formula, 'length() of anything but one text such as "1 3/4 in"');
        }
        try {
            Length::parseWithUnit($text);
        } catch (CoreError $error) {
            throw BadFormula::unreadable($this->formula, $error->getMessage());
        }

        return Dimension::Length;
    }
}
