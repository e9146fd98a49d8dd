<?php

declare(strict_types=1);

namespace App\Tests\Http;

use PHPUnit\Framework\Attributes\Test;

/** An entry is answered by what it changed; whoever sets that into the job that they have holds what the server would send whole. */
final class ChangesTest extends ApiTestCase
{
    #[Test]
    public function theJobAsKnownAndTheChangesMakeTheJobAsItIs(): void
    {
        $this->signIn('jointer');
        $entries = [
            self::shrunk(2),
            self::step('9.5'),
            self::step('5.5'),
            ['kind' => 'kit-dated', 'batch' => 'B7', 'keepsUntil' => '2031-01-31'],
            self::shrunk(3),
            self::step('6', 3),
            ['kind' => 'taken-off', ...array_diff_key(self::shrunk(3), ['kind' => 1]), 'reason' => 'scorched'],
        ];
        $known = $this->whole();
        foreach ($entries as $entry) {
            $answer = $this->write(self::STAGED, $entry);
            self::assertSame(
                [201, $known['stamp'] ?? null], [$answer->getStatusCode(), self::at($answer, 'before')], (string) $answer->getContent(),
            );
            self::assertLessThan(25_000, \strlen((string) $answer->getContent()), 'on a job with three cores');
            foreach (self::listAt($answer, 'changes') as $change) {
                self::assertTrue(\is_array($change) && \is_array($change['at'] ?? null) && \array_key_exists('value', $change));
                $known = self::set($known, array_values($change['at']), $change['value']);
            }
            self::assertSame(json_encode($this->whole()), json_encode($known));
        }
    }

    /** @return array<mixed> */
    private function whole(): array
    {
        return self::listAt($this->call('GET', '/api/jobs/'.self::STAGED), '');
    }

    /**
     * @param array<mixed> $json
     * @param list<mixed>  $path
     *
     * @return array<mixed>
     */
    private static function set(array $json, array $path, mixed $value): array
    {
        $key = array_shift($path);
        self::assertTrue(\is_string($key) || \is_int($key));
        $inner = $json[$key] ?? [];
        $json[$key] = [] === $path ? $value : self::set(\is_array($inner) ? $inner : [], $path, $value);

        return $json;
    }

    /** @return array<string, mixed> */
    private static function shrunk(int $core): array
    {
        return ['kind' => 'applied', 'stage' => 'stress', 'how' => 'set', 'part' => 'stress', 'end' => 'A', 'core' => $core];
    }

    /** @return array<string, mixed> */
    private static function step(string $typed, int $core = 2): array
    {
        return [
            'kind' => 'check-made', 'stage' => 'stress', 'check' => 'step', 'end' => 'A', 'core' => $core,
            'reading' => ['typed' => $typed, 'unit' => 'mm', 'instrument' => 'steel-rule'],
        ];
    }
}
