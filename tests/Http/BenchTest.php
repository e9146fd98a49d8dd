<?php

declare(strict_types=1);

namespace App\Tests\Http;

use Berm\Core\Bench\Ask;
use Berm\Core\Bench\Bench;
use PHPUnit\Framework\Attributes\Test;

/** Bench tools by their addresses. */
final class BenchTest extends ApiTestCase
{
    #[Test]
    public function everyToolComesToSomethingAsItStandsInEitherWorld(): void
    {
        $this->signIn('trainer');
        $listed = self::listAt($this->call('GET', '/api/bench'), 'tools');
        self::assertSame(array_keys(Bench::tools()), array_column($listed, 'key'));
        foreach (Bench::tools() as $key => $tool) {
            foreach (['mm', 'in'] as $unit) {
                $given = array_map(static fn (Ask $ask): string => $ask->first[$unit], array_column($tool->asks, null, 'key'));
                $answer = $this->call('GET', "/api/bench/$key?".http_build_query(['unit' => $unit, ...$given]));
                self::assertSame(200, $answer->getStatusCode(), "$key, $unit");
                self::assertSame(
                    self::at($this->call('GET', "/api/bench/$key?unit=$unit"), ''), self::at($answer, ''), 'as it is at first',
                );
                self::assertNotEmpty(self::listAt($answer, 'figures'));
            }
        }
    }

    #[Test]
    public function everyFieldOfALinkThatCannotBeTakenIsNamedWithItsMend(): void
    {
        $this->signIn('jointer');
        $answer = $this->call('GET', '/api/bench/dew?air=400&humidity=soon&surface=16&hat=1');
        self::assertSame(422, $answer->getStatusCode());
        $problems = array_column(self::listAt($answer, 'problems'), 'message', 'path');
        self::assertSame(['air', 'humidity', 'hat'], array_keys($problems));
        self::assertSame('must be a number from 1 to 100 %.', $problems['humidity']);
        self::assertSame('is not asked for by this tool: leave it out.', $problems['hat']);
        self::assertSame(404, $this->call('GET', '/api/bench/hat')->getStatusCode());
        self::assertSame(422, $this->call('GET', '/api/bench/dew?air[]=12')->getStatusCode());
    }
}
