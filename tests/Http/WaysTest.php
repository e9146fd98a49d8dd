<?php

declare(strict_types=1);

namespace App\Tests\Http;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use Symfony\Component\HttpFoundation\Response;

/** What can still be done about a cut that is out, asked over HTTP; and an end that is cut back. */
final class WaysTest extends ApiTestCase
{
    private const WAYS = '/api/jobs/'.self::HALF_CUT.'/ways';

    #[Test]
    public function aCutThatIsTooFarHasWaysAndTheFirstOfThemIsTaken(): void
    {
        $this->signIn('jointer');
        self::assertSame(200, $this->after(self::HALF_CUT, self::cut('A', 'insulation', '70'))->getStatusCode());
        $answer = $this->call('GET', self::WAYS.'?end=A&cut=insulation');
        self::assertSame(200, $answer->getStatusCode(), (string) $answer->getContent());
        $ways = array_column(self::listAt($answer, 'ways'), null, 'kind');
        self::assertSame('make-safe', array_key_last($ways));
        $back = $ways['cut-back'] ?? self::fail((string) $answer->getContent());
        self::assertTrue(\is_array($back) && \is_array($back['sawing']) && null === $back['refusal']);
        self::assertContains('oversheath', array_column((array) $back['again'], 'cut'));
        self::assertSame(['insulation'], array_column((array) $back['kept'], 'cut'));
        $amount = array_column((array) $back['sawing']['off'], 'amountMm', 'end')['A'] ?? null;
        self::assertIsNumeric($amount);
        self::assertSame($amount, ((array) $back['cost'])['cableMm']);
        self::assertIsArray($back['lies'], 'it is drawn');
        self::assertIsArray($back['anew'], 'what is done again is named');
        $by = ['typed' => (string) $amount, 'unit' => 'mm', 'instrument' => 'caliper'];
        $sawn = $this->after(self::HALF_CUT, ['kind' => 'cut-back', 'end' => 'A', 'by' => $by, 'reason' => 'cut too far']);
        $recorded = self::recorded($sawn, 'insulation');
        self::assertEqualsWithDelta([$amount, 70 - $amount], [$recorded['sawnOffMm'], $recorded['valueMm']], 0.000_01);
        self::assertSame('inside', ((array) $recorded['judgement'])['verdict']);
        self::assertSame('out', ((array) self::recorded($sawn, 'oversheath')['judgement'])['verdict'], 'made again, as was said');
        self::assertSame(409, $this->call('GET', self::WAYS.'?end=A&cut=insulation')->getStatusCode(), 'it is right now');
    }

    #[Test]
    public function aCheckThatIsOutHasWaysToo(): void
    {
        $this->signIn('jointer');
        $reading = ['typed' => '30', 'unit' => 'mm', 'instrument' => 'caliper'];
        $place = ['stage' => 'stress', 'check' => 'step', 'end' => 'A', 'core' => 1];
        self::assertSame(201, $this->write(self::STAGED, ['kind' => 'check-made', ...$place, 'reading' => $reading])->getStatusCode());
        $answer = $this->call('GET', '/api/jobs/'.self::STAGED.'/ways?'.http_build_query($place));
        self::assertSame(200, $answer->getStatusCode(), (string) $answer->getContent());
        $kinds = array_column(self::listAt($answer, 'ways'), 'kind');
        self::assertContains('let-stand', $kinds);
        self::assertSame('make-safe', $kinds[\count($kinds) - 1]);
    }

    #[Test]
    public function whatComesOfACutPastItsMarkIsToldBeforeItIsMade(): void
    {
        $this->signIn('jointer');
        $ahead = fn (string $by): Response => $this->call(
            'GET', '/api/jobs/'.self::HALF_CUT.'/ahead?'.http_build_query(['end' => 'A', 'cut' => 'insulation', 'by' => $by]),
        );
        $answer = $ahead('2 mm');
        self::assertSame(200, $answer->getStatusCode(), (string) $answer->getContent());
        self::assertEqualsWithDelta(2.0, self::at($answer, 'byMm'), 0.000_01);
        $short = $ahead('-2 mm');
        self::assertEqualsWithDelta(-2.0, self::at($short, 'byMm'), 0.000_01);
        [$past, $before] = [self::at($answer, 'atMm'), self::at($short, 'atMm')];
        self::assertTrue(is_numeric($past) && is_numeric($before));
        self::assertEqualsWithDelta(4.0, $past - $before, 0.000_01);
        self::assertSame([422, 409], [$ahead('some')->getStatusCode(), $ahead('65 mm')->getStatusCode()]);
        self::assertStringContainsString('"by"', (string) $ahead('some')->getContent());
    }

    /** @return iterable<string, array{string, int, string}> */
    public static function noFaults(): iterable
    {
        yield 'inside' => ['end=A&cut=oversheath', 409, 'This cut is inside its limits: there is nothing to put right.'];
        yield 'not made' => ['end=B&cut=insulation', 409, 'This cut is not made yet: there is nothing to put right.'];
        yield 'no such cut' => ['end=A&cut=armour', 409, 'There is no such cut on this job.'];
        yield 'no end' => ['end=C&cut=armour', 422, 'end'];
        yield 'no cut' => ['end=A&cut=hat', 422, 'cut'];
        yield 'no core' => ['end=A&cut=insulation&core=x', 422, 'core'];
        yield 'nothing' => ['', 422, 'end'];
        yield 'no such check' => ['stage=hat&check=hat', 409, 'no such check'];
        yield 'no check named' => ['check=step', 422, 'stage'];
        yield 'no number' => ['stage=a&check=b&number=x', 422, 'number'];
    }

    #[Test]
    #[DataProvider('noFaults')]
    public function aFaultThatIsNoneIsSaidAndNothingChanges(string $query, int $status, string $says): void
    {
        $this->signIn('jointer');
        $answer = $this->call('GET', self::WAYS.('' === $query ? '' : "?$query"));
        self::assertSame($status, $answer->getStatusCode(), (string) $answer->getContent());
        self::assertStringContainsString($says, (string) $answer->getContent());
    }

    #[Test]
    public function whatIsSawnOffIsReadLikeAnyLength(): void
    {
        $this->signIn('jointer');
        $sawn = fn (string $typed): Response => $this->write(self::HALF_CUT, [
            'kind' => 'cut-back', 'end' => 'A', 'by' => ['typed' => $typed, 'unit' => 'mm', 'instrument' => 'tape'], 'reason' => 'r',
        ]);
        self::assertSame([422, 422, 409], [$sawn('some')->getStatusCode(), $sawn('0')->getStatusCode(), $sawn('6 m')->getStatusCode()]);
        self::assertStringContainsString('event.by.typed', (string) $sawn('some')->getContent());
        self::assertStringContainsString('check the unit', (string) $sawn('6 m')->getContent());
    }

    /** @return array<mixed> of end A */
    private static function recorded(Response $job, string $cut): array
    {
        foreach (self::listAt($job, 'markOut.marks') as $mark) {
            if (\is_array($mark) && 'A' === $mark['end'] && $cut === $mark['cut']) {
                return (array) $mark['recorded'];
            }
        }
        self::fail('it is marked out');
    }
}
