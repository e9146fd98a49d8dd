<?php

declare(strict_types=1);

namespace Berm\Core\Formula;

use Berm\Core\Margin\Locus;
use Berm\Core\Quantity\Length;
use Symfony\Component\ExpressionLanguage\Node\BinaryNode;
use Symfony\Component\ExpressionLanguage\Node\ConditionalNode;
use Symfony\Component\ExpressionLanguage\Node\FunctionNode;
use Symfony\Component\ExpressionLanguage\Node\NameNode;
use Symfony\Component\ExpressionLanguage\Node\Node;
use Symfony\Component\ExpressionLanguage\Node\UnaryNode;

/**
 * Works out a formula of a length with the causes of the lengths that it uses: sums and multiples keep them, max and min keep their arms,
 * and a condition that can turn out either way gives either of its lengths. Of a product or a quotient of two lengths only the nominal is
 * taken.
 *
 * @internal
 */
final readonly class LocusEvaluation
{
    private Evaluation $exact;

    /** @param array<string, Length> $literals lengths that stand in the formula, by their text */
    public function __construct(string $formula, private Values $values, array $literals)
    {
        $this->exact = new Evaluation($formula, $values, $literals);
    }

    /** @throws MissingValue|BadFormula */
    public function of(Node $node): Locus
    {
        return match (true) {
            $node instanceof NameNode => $this->values->locus(Nodes::text($node, 'name')),
            $node instanceof UnaryNode => $this->signed($node),
            $node instanceof BinaryNode => $this->binary($node),
            $node instanceof ConditionalNode => $this->conditional($node),
            $node instanceof FunctionNode => $this->function($node),
            default => $this->nominal($node),
        };
    }

    private function nominal(Node $node): Locus
    {
        $value = $this->exact->of($node);

        return $value instanceof Length ? Locus::exact($value) : throw new \LogicException('the dimensions of a formula have been checked');
    }

    private function signed(UnaryNode $node): Locus
    {
        $operand = $this->of(Nodes::child($node, 'node'));

        return '-' === Nodes::text($node, 'operator') ? $operand->negated() : $operand;
    }

    private function binary(BinaryNode $node): Locus
    {
        [$left, $right] = [Nodes::child($node, 'left'), Nodes::child($node, 'right')];

        return match (Nodes::text($node, 'operator')) {
            '+' => $this->of($left)->plus($this->of($right)),
            '-' => $this->of($left)->minus($this->of($right)),
            '*' => $this->product($node, $left, $right),
            '/' => $this->quotient($node, $left, $right),
            default => $this->nominal($node),
        };
    }

    private function product(BinaryNode $node, Node $left, Node $right): Locus
    {
        [$first, $second] = [$this->exact->of($left), $this->exact->of($right)];

        return match (true) {
            \is_float($first) && $second instanceof Length => $this->of($right)->times($first),
            $first instanceof Length && \is_float($second) => $this->of($left)->times($second),
            default => $this->nominal($node),
        };
    }

    private function quotient(BinaryNode $node, Node $left, Node $right): Locus
    {
        $nominal = $this->nominal($node);
        $divisor = $this->exact->of($right);

        return \is_float($divisor) ? $this->of($left)->times(1 / $divisor) : $nominal;
    }

    private function conditional(ConditionalNode $node): Locus
    {
        $test = $this->truth(Nodes::child($node, 'expr1'));
        $arm = fn (bool $isSo): Locus => $this->of(Nodes::child($node, $isSo ? 'expr2' : 'expr3'));

        return $test->canTurn ? Locus::either($arm($test->isNominally), $arm(!$test->isNominally)) : $arm($test->isNominally);
    }

    private function function(FunctionNode $node): Locus
    {
        $arguments = Nodes::arguments($node);
        $name = Nodes::text($node, 'name');
        if (!\in_array($name, ['max', 'min'], true) || [] === $arguments) {
            return $this->nominal($node);
        }
        $given = array_map($this->of(...), $arguments);

        return 'max' === $name ? Locus::largest(...$given) : Locus::smallest(...$given);
    }

    /** @throws MissingValue|BadFormula */
    public function truth(Node $node): Truth
    {
        $isNominally = true === $this->exact->of($node);
        if ($node instanceof UnaryNode) {
            return $this->truth(Nodes::child($node, 'node'))->not();
        }
        if (!$node instanceof BinaryNode) {
            return new Truth($isNominally, false);
        }
        [$left, $right] = [Nodes::child($node, 'left'), Nodes::child($node, 'right')];

        return match (Nodes::text($node, 'operator')) {
            'and', '&&' => $this->truth($left)->and($this->truth($right)),
            'or', '||' => $this->truth($left)->or($this->truth($right)),
            default => new Truth($isNominally, $this->canTurn($left, $right)),
        };
    }

    /** The causes can put one on the other side of the other. */
    private function canTurn(Node $left, Node $right): bool
    {
        if (!$this->exact->of($left) instanceof Length) {
            return false;
        }
        $difference = $this->of($left)->minus($this->of($right));

        return !$difference->isExact() && $difference->least() <= 0.0 && $difference->most() >= 0.0;
    }
}
