<?php

declare(strict_types=1);

namespace Berm\Core\Tests;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** The layer rules see classes, not functions: this sees that the core asks no clock, no chance, no file and prints nothing. */
final class PurityTest extends TestCase
{
    private const FORBIDDEN = [
        'time', 'microtime', 'hrtime', 'date', 'gmdate', 'mktime', 'strtotime', 'date_create', 'rand', 'mt_rand', 'random_int',
        'random_bytes', 'uniqid', 'shuffle', 'array_rand',
        'fopen', 'file_get_contents', 'file_put_contents', 'file', 'is_file', 'glob', 'scandir', 'unlink', 'mkdir', 'getenv', 'putenv',
        'header', 'printf', 'print_r', 'var_dump',
        'exec', 'shell_exec', 'proc_open', 'curl_init', 'fsockopen', 'stream_socket_client', 'sleep', 'usleep', 'error_log', 'ini_set',
        'setlocale', 'eval',
    ];

    #[Test]
    public function theCoreIsGivenEverythingItNeeds(): void
    {
        $offences = [];
        foreach (self::sources() as $path => $code) {
            $offences = [...$offences, ...array_map(static fn (string $what): string => "$path: $what", self::offences($code))];
        }
        self::assertSame([], $offences);
    }

    #[Test]
    public function anOffenceWouldBeSeen(): void
    {
        self::assertSame(
            ['time()', 'echo', 'new DateTimeImmutable'],
            self::offences('<?php $a = time(); echo $this->time(); $b = new \DateTimeImmutable();'),
        );
    }

    /** @return iterable<string, string> */
    private static function sources(): iterable
    {
        $root = \dirname(__DIR__).'/src';
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($root, \FilesystemIterator::SKIP_DOTS)) as $file) {
            if ($file instanceof \SplFileInfo) {
                yield substr($file->getPathname(), \strlen($root) + 1) => (string) file_get_contents($file->getPathname());
            }
        }
    }

    /** @return list<string> */
    private static function offences(string $code): array
    {
        $tokens = array_values(array_filter(\PhpToken::tokenize($code), static fn (\PhpToken $token): bool => !$token->isIgnorable()));
        $found = [];
        foreach ($tokens as $i => $token) {
            $before = $tokens[$i - 1] ?? null;
            $after = $tokens[$i + 1] ?? null;
            $name = ltrim($token->text, '\\');
            $isCall = $token->is([\T_STRING, \T_NAME_FULLY_QUALIFIED]) && '(' === $after?->text && true !== $before?->is([
                \T_OBJECT_OPERATOR, \T_DOUBLE_COLON, \T_FUNCTION, \T_NULLSAFE_OBJECT_OPERATOR, \T_NEW,
            ]);
            $found = match (true) {
                $isCall && \in_array(strtolower($name), self::FORBIDDEN, true) => [...$found, "$name()"],
                $token->is([\T_ECHO, \T_PRINT]) => [...$found, $token->text],
                true === $before?->is(\T_NEW) && \in_array($name, ['DateTimeImmutable', 'DateTime'], true) => [...$found, "new $name"],
                default => $found,
            };
        }

        return $found;
    }
}
