<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Build;

use Berm\Core\Build\BoxReturn;
use Berm\Core\Build\BuildState;
use Berm\Core\Build\Entry;
use Berm\Core\Build\Event;
use Berm\Core\Build\Event\BoxOpened;
use Berm\Core\Build\Event\ConnectorFitted;
use Berm\Core\Build\Event\Withdrawn;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** Which box goes back to its shelf when an entry is withdrawn, and how it is found there. */
final class BoxReturnTest extends TestCase
{
    #[Test]
    public function aBoxThatWasOpenedByMistakeGoesBackAsItWas(): void
    {
        $return = self::after(new Withdrawn('1', 'wrong box'), self::opened('red'), self::opened('blue'));
        self::assertSame('blue', $return?->box);
        self::assertNull($return->counts, 'nobody else looked into it');
    }

    #[Test]
    public function aBoxThatWasLookedAtTwiceIsAsTheLookThatStillCountsFoundIt(): void
    {
        $looks = [self::opened('red', 'sleeve'), self::opened('blue'), self::opened('red')];
        $return = self::after(new Withdrawn('2', 'slip'), ...$looks);
        self::assertSame(['red', ['sleeve']], [$return?->box, $return?->counts?->event->missing]);
        self::assertSame([], self::after(new Withdrawn('0', 'slip'), ...$looks)?->counts?->event->missing);
    }

    #[Test]
    public function noBoxIsConcernedByAnythingElse(): void
    {
        self::assertNull(self::after(new Withdrawn('1', 'slip'), self::opened('red'), new ConnectorFitted('')));
        self::assertNull(self::after(new ConnectorFitted(''), self::opened('red')));
        self::assertNull(self::after(new Withdrawn('9', 'slip'), self::opened('red')));
    }

    private static function after(Event $event, Event ...$before): ?BoxReturn
    {
        $at = new \DateTimeImmutable('2026-03-14T08:00:00Z');
        $log = [];
        foreach (array_values($before) as $i => $one) {
            $log[] = Entry::of((string) $i, 'tester', $at, $one);
        }

        return BoxReturn::after($event, BuildState::fold($log));
    }

    private static function opened(string $box, string ...$missing): BoxOpened
    {
        return new BoxOpened($box, '09521230013321', '', '', null, null, array_values($missing));
    }
}
