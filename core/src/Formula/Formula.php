<?php

declare(strict_types=1);

namespace Berm\Core\Formula;

use Berm\Core\Margin\Locus;
use Berm\Core\Quantity\Length;
use Berm\Core\Saying\Sentence;
use Symfony\Component\ExpressionLanguage\Lexer;
use Symfony\Component\ExpressionLanguage\Node\ConditionalNode;
use Symfony\Component\ExpressionLanguage\Node\FunctionNode;
use Symfony\Component\ExpressionLanguage\Node\NameNode;
use Symfony\Component\ExpressionLanguage\Node\Node;
use Symfony\Component\ExpressionLanguage\Parser;
use Symfony\Component\ExpressionLanguage\SyntaxError;

/**
 * A rule of a leaflet as it is written there: "connector_length / 2 + 5 mm".
 *
 * The expression library reads it; Berm works it out itself, so that lengths stay exact and a length is never added to a number.
 */
final readonly class Formula
{
    /** The library asks how to run a function; Berm works formulas out itself. */
    private const NOT_RUN = ['compiler' => 'strval', 'evaluator' => 'strval'];

    private const LONGEST = 400;
    private const DEEPEST = 24;

    /** What the library says, in the words of somebody who writes a leaflet's rule down. */
    private const OWN_WORDS = [
        '/^Unexpected token "end of expression".*/s' => 'something is missing at its end',
        '/^Unexpected token "name" of value "(?:length|area|voltage)".*/s' => 'two values stand side by side with no sign between them',
        '/^Unexpected token "[\w ]+" of value "(.*?)".*/s' => '"$1" cannot stand where it does',
        '/^Unexpected token .*/s' => 'something is missing in it',
        '/^Unexpected character "(.*)".*/s' => '"$1" is not a sign that formulas have',
        '/^Unclosed "(.*?)".*/s' => '"$1" is opened and not closed',
        '/^Unexpected "(.*?)".*/s' => '"$1" closes what was not opened',
        '/^The function "(.*?)" does not exist.*/s' => '"$1" is not one of max and min',
        '/^Variable (".*?") is not valid/s' => 'The name $1 is not one that formulas know',
    ];

    /** @param array<string, Length> $literals lengths that stand in it, by their text */
    private function __construct(public string $text, private Node $root, private array $literals)
    {
    }

    /** @throws BadFormula with the reason, when it cannot be read, uses an unknown name or does not give what is $wanted */
    public static function parse(string $text, Vocabulary $vocabulary, Dimension $wanted = Dimension::Length): self
    {
        if (mb_strlen($text) > self::LONGEST) {
            throw BadFormula::tooLong($text, self::LONGEST);
        }
        $called = self::literalsAsCalls($text);
        try {
            $root = (new Parser(array_fill_keys(['max', 'min', 'length', 'area', 'voltage'], self::NOT_RUN)))->parse(
                (new Lexer())->tokenize($called), array_keys($vocabulary->names),
            );
        } catch (SyntaxError $error) {
            $says = self::inOwnWords($error->getMessage());
            throw str_starts_with($error->getMessage(), 'Variable')
                ? BadFormula::unknownName($text, $says)
                : BadFormula::unreadable($text, $says);
        }
        self::depth($root) <= self::DEEPEST || throw BadFormula::tooDeep($text, self::DEEPEST);
        $dimension = (new DimensionCheck($text, $vocabulary))->of($root);
        if ($dimension !== $wanted) {
            throw BadFormula::yields($text, $dimension, $wanted);
        }

        return new self($text, $root, self::literalsIn($root));
    }

    public static function ofNumber(int $number): self
    {
        return self::parse((string) $number, Vocabulary::withDimensions([]), Dimension::Number);
    }

    /** The formula that always gives one length. */
    public static function ofLength(Length $length): self
    {
        return self::parse(\sprintf($length->isNegative() ? '-(%s)' : '%s', $length->absolute()->toText()), Vocabulary::withDimensions([]));
    }

    /** A rule for every job: it uses no name. */
    public function isConstant(): bool
    {
        return [] === $this->names();
    }

    /** Every name it uses has a value. */
    public function isKnown(Values $values): bool
    {
        return [] === array_filter($this->names(), static fn (string $name): bool => !$values->has($name));
    }

    /** The length it always gives. */
    public function constant(): Length
    {
        return $this->length(Values::of([]));
    }

    /** @throws MissingValue|BadFormula */
    public function length(Values $values): Length
    {
        $result = (new Evaluation($this->text, $values, $this->literals))->of($this->root);
        \assert($result instanceof Length);

        return $result;
    }

    /**
     * The length with the causes of those that it uses.
     *
     * @throws MissingValue|BadFormula
     */
    public function locus(Values $values): Locus
    {
        $name = $this->name();

        return null === $name ? (new LocusEvaluation($this->text, $values, $this->literals))->of($this->root) : $values->locus($name);
    }

    /** The causes of the lengths that it compares could turn it. @throws MissingValue|BadFormula */
    public function canTurn(Values $values): bool
    {
        return (new LocusEvaluation($this->text, $values, $this->literals))->truth($this->root)->canTurn;
    }

    /** @throws MissingValue|BadFormula */
    public function number(Values $values): float
    {
        $result = (new Evaluation($this->text, $values, $this->literals))->of($this->root);
        \assert(\is_float($result));

        return $result;
    }

    /** @throws MissingValue|BadFormula */
    public function holds(Values $values): bool
    {
        return true === (new Evaluation($this->text, $values, $this->literals))->of($this->root);
    }

    /** The name that it is, where it is nothing more. */
    public function name(): ?string
    {
        return $this->root instanceof NameNode && \is_string($this->root->attributes['name']) ? $this->root->attributes['name'] : null;
    }

    /** @return list<string> the names it uses */
    public function names(): array
    {
        return array_values(array_unique(self::namesIn($this->root)));
    }

    /** The formula with its numbers put in: "105 mm / 2 + 5 mm = 57.5 mm". @throws MissingValue|BadFormula */
    public function working(Values $values): Sentence
    {
        $shown = [];
        foreach ($this->names() as $name) {
            $shown[$name] = $values->get($name);
        }
        $text = (string) preg_replace('/\b('.implode('|', ['~none~', ...array_keys($shown)]).')\b/', '{$1:fine}', $this->text);

        return Sentence::of(
            $text.' = {result:fine}',
            [
                ...array_map(
                    static fn (Length|float|string $value): Length|string => \is_float($value) ? (string) round($value, 3) : $value, $shown,
                ),
                'result' => $this->length($values),
            ],
        );
    }

    /**
     * "5 mm", "1.5 in", "1 1/4 in", "5,5 mm", "95 mm²" and "15 kV" are written as in the leaflet; the expression library knows function
     * calls only.
     */
    private static function literalsAsCalls(string $text): string
    {
        $number = '\d+(?: +|-)\d+\/\d+|\d+\/\d+|\d+(?:[.,]\d+)?';

        return (string) preg_replace_callback('/"[^"]*"(*SKIP)(*F)|(?<![\w.])('.$number.')\s*(mm²|mm2|kV|mm|in|mil)(?![\w²])/u', static fn (array $match): string => match ($match[2]) {
            'mm²', 'mm2' => 'area("'.str_replace(',', '.', $match[1]).'")',
            'kV' => 'voltage("'.str_replace(',', '.', $match[1]).'")',
            default => "length(\"{$match[1]} {$match[2]}\")",
        }, mb_scrub($text));
    }

    /** @return array<string, Length> */
    private static function literalsIn(Node $node): array
    {
        $literals = [];
        if ($node instanceof FunctionNode && 'length' === Nodes::text($node, 'name')) {
            $text = Nodes::text(Nodes::arguments($node)[0] ?? new Node(), 'value');
            $literals[$text] = Length::parseWithUnit($text);
        }
        foreach ($node->nodes as $child) {
            $literals += $child instanceof Node ? self::literalsIn($child) : [];
        }

        return $literals;
    }

    /** How deep functions and conditions stand in one another; a sum may be as long as a line. */
    private static function depth(Node $node): int
    {
        $depths = array_map(static fn (mixed $child): int => $child instanceof Node ? self::depth($child) : 0, array_values($node->nodes));

        return ($node instanceof FunctionNode || $node instanceof ConditionalNode ? 1 : 0) + max([0, ...$depths]);
    }

    /** @return list<string> */
    private static function namesIn(Node $node): array
    {
        $own = $node instanceof NameNode && \is_string($node->attributes['name']) ? [$node->attributes['name']] : [];
        foreach ($node->nodes as $child) {
            $own = $child instanceof Node ? [...$own, ...self::namesIn($child)] : $own;
        }

        return $own;
    }

    /** The library speaks of "variables" and of the rewritten expression; people see names, and their own text already. */
    private static function inOwnWords(string $message): string
    {
        $short = (string) preg_replace('/ (?:around|at) position \d+(?: for expression `.*?`)?(?=[ .]|\z)/s', '', $message);

        return (string) preg_replace(array_keys(self::OWN_WORDS), array_values(self::OWN_WORDS), $short);
    }
}
