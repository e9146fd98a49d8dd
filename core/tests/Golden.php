<?php

declare(strict_types=1);

namespace Berm\Core\Tests;

use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Temperature;
use Berm\Core\Quantity\TemperatureDifference;
use Berm\Core\Saying\Reader;
use Berm\Core\Saying\Sentence;
use PHPUnit\Framework\Assert;

/**
 * Long texts that people have read once: a change of one of them is looked at line by line. `BERM_WRITES_GOLDEN=1 vendor/bin/phpunit
 * --testsuite core` writes them anew.
 */
final class Golden
{
    private const FOLDER = __DIR__.'/../../cases';

    public static function assertSame(string $file, string $text): void
    {
        $path = self::FOLDER."/$file";
        if ('' !== (string) getenv('BERM_WRITES_GOLDEN')) {
            @mkdir(\dirname($path), recursive: true);
            file_put_contents($path, $text);
        }
        Assert::assertFileExists($path, 'write it: BERM_WRITES_GOLDEN=1 vendor/bin/phpunit --testsuite core');
        Assert::assertSame((string) file_get_contents($path), $text, "$file is looked at again after a change, and written anew");
    }

    /** What travels to the page, as lines that people can read: a sentence as it is said, a list with its items one deeper. */
    public static function lines(mixed $json, Reader $reader, string $indent = ''): string
    {
        $text = '';
        foreach (\is_array($json) ? $json : [] as $key => $value) {
            $shown = match (true) {
                null === $value, [] === $value => null,
                self::isSentence($value) => $reader->say(self::sentence($value)),
                \is_array($value) && self::isFlat($value) => self::line($value, $reader),
                \is_array($value) => "\n".rtrim(self::lines($value, $reader, "$indent  "), "\n"),
                \is_bool($value) => $value ? 'yes' : 'no',
                default => \is_scalar($value) ? (string) $value : null,
            };
            $text .= null === $shown ? '' : \sprintf("%s%s%s\n", $indent, \is_int($key) ? '- ' : "$key: ", $shown);
        }

        return $text;
    }

    /** @param array<mixed> $json */
    private static function isFlat(array $json): bool
    {
        return [] === array_filter(
            $json, static fn (mixed $value): bool => \is_array($value) && [] !== $value && !self::isSentence($value),
        );
    }

    /** @param array<mixed> $json */
    private static function line(array $json, Reader $reader): string
    {
        return str_replace("\n", ' · ', trim(self::lines($json, $reader)));
    }

    /** @phpstan-assert-if-true array{template: string, values: array<string, array<string, mixed>>} $value */
    private static function isSentence(mixed $value): bool
    {
        return \is_array($value) && isset($value['template']) && \array_key_exists('values', $value);
    }

    /** @param array{template: string, values: array<string, array<string, mixed>>} $json */
    private static function sentence(array $json): Sentence
    {
        return Sentence::of($json['template'], array_map(self::value(...), $json['values']));
    }

    /** @param array<string, mixed> $value */
    private static function value(array $value): Length|Temperature|TemperatureDifference|Sentence|string
    {
        $number = static fn (string $key): float => is_numeric($value[$key] ?? null) ? (float) $value[$key] : 0.0;

        return match (true) {
            isset($value['mm']) => Length::ofNanometres((int) round($number('mm') * 1e6)),
            isset($value['celsius']) => Temperature::ofCelsius($number('celsius')),
            isset($value['kelvins']) => TemperatureDifference::ofKelvins($number('kelvins')),
            self::isSentence($value['sentence'] ?? null) => self::sentence($value['sentence']),
            default => \is_scalar($value['text'] ?? null) ? (string) $value['text'] : '',
        };
    }
}
