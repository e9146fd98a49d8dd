<?php

declare(strict_types=1);

/*
 * Seeds small faults into core/src, one at a time, and tells which of them no test of the core finds.
 *
 * usage: php tools/mutants.php [--count=200] [--seed=1] [--only=Build,Formula] [--workers=2] [--again=FILE]
 *
 * --again seeds only what FILE, the print of an earlier run, says survived: wherever its line is now.
 *
 * The sources stay as they are: each fault is a copy of one file that is loaded instead. Left out are core/src/Wire and Record, which are
 * tested through the application, and the numbers in constants.
 */

use PhpParser\Node;
use PhpParser\NodeFinder;
use PhpParser\ParserFactory;

$root = dirname(__DIR__);
require $root.'/vendor/autoload.php';

const LEFT_OUT = ['Wire', 'Record'];
const SWAPS = [
    Node\Expr\BinaryOp\Smaller::class => ['<', '<='], Node\Expr\BinaryOp\SmallerOrEqual::class => ['<=', '<'],
    Node\Expr\BinaryOp\Greater::class => ['>', '>='], Node\Expr\BinaryOp\GreaterOrEqual::class => ['>=', '>'],
    Node\Expr\BinaryOp\Identical::class => ['===', '!=='], Node\Expr\BinaryOp\NotIdentical::class => ['!==', '==='],
    Node\Expr\BinaryOp\Plus::class => ['+', '-'], Node\Expr\BinaryOp\Minus::class => ['-', '+'],
    Node\Expr\BinaryOp\Mul::class => ['*', '/'], Node\Expr\BinaryOp\Div::class => ['/', '*'],
    Node\Expr\BinaryOp\BooleanAnd::class => ['&&', '||'], Node\Expr\BinaryOp\BooleanOr::class => ['||', '&&'],
];
const CALLS = [
    'plus' => 'minus', 'minus' => 'plus', 'min' => 'max', 'max' => 'min', 'smallest' => 'largest', 'largest' => 'smallest',
    'atLeast' => 'atMost', 'atMost' => 'atLeast',
];

/** @return array{int, int, string}|null from, to and what stands there instead */
function mutation(Node $node, string $code): ?array
{
    $from = $node->getStartFilePos();
    $to = $node->getEndFilePos() + 1;
    if ($node instanceof Node\Expr\BinaryOp && isset(SWAPS[$node::class])) {
        [$sign, $other] = SWAPS[$node::class];
        $left = $node->left->getEndFilePos() + 1;
        $at = strpos($code, $sign, $left);

        return false === $at || $at > $node->right->getStartFilePos() ? null : [$at, $at + strlen($sign), $other];
    }
    $name = match (true) {
        $node instanceof Node\Expr\MethodCall, $node instanceof Node\Expr\StaticCall => $node->name instanceof Node\Identifier
            ? $node->name
            : null,
        $node instanceof Node\Expr\FuncCall => $node->name instanceof Node\Name ? $node->name : null,
        default => null,
    };
    if (null !== $name && isset(CALLS[$name->toString()])) {
        return [$name->getStartFilePos(), $name->getEndFilePos() + 1, CALLS[$name->toString()]];
    }

    return match (true) {
        $node instanceof Node\Expr\MethodCall
            && 'isLessThan' === (string) ($node->name instanceof Node\Identifier ? $node->name : '') => [$from, $from, '!'],
        $node instanceof Node\Expr\BooleanNot => [$from, $from + 1, ''],
        $node instanceof Node\Scalar\Int_ => [$from, $to, (string) ($node->value + 1)],
        $node instanceof Node\Scalar\Float_ => [$from, $to, (string) ($node->value * 1.1)],
        $node instanceof Node\Expr\ConstFetch && in_array($node->name->toLowerString(), ['true', 'false'], true) => [
            $from, $to, 'true' === $node->name->toLowerString() ? 'false' : 'true',
        ],
        $node instanceof Node\Expr\Ternary && null !== $node->if => [
            $node->if->getStartFilePos(), $to,
            substr(
                $code, $node->else->getStartFilePos(), $node->else->getEndFilePos() + 1 - $node->else->getStartFilePos(),
            ).' : '.substr($code, $node->if->getStartFilePos(), $node->if->getEndFilePos() + 1 - $node->if->getStartFilePos()),
        ],
        $node instanceof Node\Expr\BinaryOp\Coalesce => [
            $from,
            $to,
            '('.substr($code, $node->right->getStartFilePos(), $node->right->getEndFilePos() + 1 - $node->right->getStartFilePos()).')',
        ],
        default => null,
    };
}

/** @return list<array{string, int, string, string}> file, line, what was changed, the code with the fault */
function faults(string $file): array
{
    $code = (string) file_get_contents($file);
    $found = [];
    $finder = new NodeFinder();
    $tree = (new ParserFactory())->createForHostVersion()->parse($code) ?? [];
    // Alike whatever it says: whether cases of an enumeration are compared strictly, and at how many signs a quoted text is cut off.
    $alike = array_merge([], ...array_map(
        static fn (Node\Expr\FuncCall $call): array => match ($call->name instanceof Node\Name ? $call->name->toString() : '') {
            'in_array', 'array_search', 'array_keys' => array_slice($call->args, 2),
            'mb_strimwidth' => array_slice($call->args, 1, 2),
            default => [],
        },
        $finder->findInstanceOf($tree, Node\Expr\FuncCall::class),
    ));
    // The cells of tables are held against their source by tests of their own: a fault in one of hundreds says little.
    $cells = array_merge(
        [],
        ...array_map(
            static fn (Node $table): array => $finder->findInstanceOf($table, Node\Scalar::class),
            $finder->findInstanceOf($tree, Node\Stmt\ClassConst::class),
        ),
        ...array_map(
            static fn (Node $argument): array => $finder->find($argument, static fn (Node $node): bool => $node instanceof Node\Expr),
            $alike,
        ),
    );
    foreach ($finder->find(
        $tree, static fn (Node $node): bool => !in_array($node, $cells, true) && null !== mutation($node, $code),
    ) as $node) {
        [$from, $to, $instead] = mutation($node, $code) ?? [0, 0, ''];
        $faulty = substr($code, 0, $from).$instead.substr($code, $to);
        $lines = explode("\n", $faulty);
        $found[] = [$file, $node->getStartLine(), trim($lines[$node->getStartLine() - 1]), $faulty];
    }

    return $found;
}

/**
 * Runs the tests of the fault's own folder first, then all.
 *
 * @return array{resource, resource} the process, and a pipe that ends with it
 */
function start(string $root, string $file, string $faulty, int $slot): array
{
    $copy = "$root/var/mutants/$slot.php";
    file_put_contents($copy, $faulty);
    $folder = explode('/', substr($file, strlen("$root/core/src/")))[0];
    $unit = 'vendor/bin/phpunit --bootstrap tools/mutants-bootstrap.php --no-progress --no-output --stop-on-defect --do-not-cache-result';
    $own = is_dir("$root/core/tests/$folder") ? "timeout 120 $unit core/tests/$folder && " : '';
    $process = proc_open(
        ['bash', '-c', "$own timeout 240 $unit --testsuite core"], [1 => ['pipe', 'w'], 2 => ['file', '/dev/null', 'w']], $pipes, $root,
        [...getenv(), 'MUTANT_FILE' => $file, 'MUTANT_COPY' => $copy],
    );

    return is_resource($process) ? [$process, $pipes[1]] : throw new RuntimeException('no process');
}

$options = getopt('', ['count:', 'seed:', 'only:', 'workers:', 'again:']);
$number = static fn (string $key, int $default): int => is_string($options[$key] ?? null) ? (int) $options[$key] : $default;
$only = is_string($options['only'] ?? null) ? explode(',', $options['only']) : [];
@mkdir("$root/var/mutants", recursive: true);

passthru("cd '$root' && vendor/bin/phpunit --testsuite core --no-progress --no-output --do-not-cache-result", $red);
0 === $red || exit("The tests of the core fail before any fault is seeded: mend them first (vendor/bin/phpunit --testsuite core).\n");

$all = [];
foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator("$root/core/src", FilesystemIterator::SKIP_DOTS)) as $file) {
    $folder = explode('/', substr((string) $file, strlen("$root/core/src/")))[0];
    if (!in_array($folder, LEFT_OUT, true) && ([] === $only || in_array($folder, $only, true))) {
        array_push($all, ...faults((string) $file));
    }
}
if (is_string($options['again'] ?? null)) {
    $said = (string) file_get_contents($options['again']);
    $all = array_filter($all, static fn (array $fault): bool => 1 === preg_match(
        '{^SURVIVES '.preg_quote(substr($fault[0], strlen("$root/core/src/"))).':\d+  '.preg_quote($fault[2]).'$}m', $said,
    ));
}
mt_srand($number('seed', 1));
usort($all, static fn (array $a, array $b): int => [$a[0], $a[1], $a[3]] <=> [$b[0], $b[1], $b[3]]);
shuffle($all);
$queue = array_slice($all, 0, $number('count', 200));
printf("%d of %d faults\n", count($queue), count($all));

$running = $score = [];
while ([] !== $queue || [] !== $running) {
    for ($slot = 0; $slot < $number('workers', 2) && [] !== $queue; ++$slot) {
        if (!isset($running[$slot])) {
            $fault = array_shift($queue);
            $running[$slot] = [$fault, start($root, $fault[0], $fault[3], $slot)];
        }
    }
    $ended = array_map(static fn (array $one): mixed => $one[1][1], $running);
    $none = null;
    stream_select($ended, $none, $none, null);
    foreach ($ended as $slot => $pipe) {
        // A test may print something; only the end of it all counts.
        fread($pipe, 8192);
        if (!feof($pipe)) {
            continue;
        }
        [[$file, $line, $text], [$process]] = $running[$slot];
        $place = substr($file, strlen("$root/core/src/"));
        $folder = explode('/', $place)[0];
        $score[$folder] ??= [0, 0];
        ++$score[$folder][1];
        0 === proc_close($process) ? printf("SURVIVES %s:%d  %s\n", $place, $line, $text) : ++$score[$folder][0];
        unset($running[$slot]);
    }
}
ksort($score);
foreach ($score as $folder => [$killed, $seeded]) {
    printf("%-16s %3d of %3d  %3d %%\n", $folder, $killed, $seeded, 100 * $killed / $seeded);
}
$killed = array_sum(array_column($score, 0));
$seeded = array_sum(array_column($score, 1));
printf("%-16s %3d of %3d  %.1f %%\n", 'all', $killed, $seeded, 0 === $seeded ? 0 : 100 * $killed / $seeded);
