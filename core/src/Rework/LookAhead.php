<?php

declare(strict_types=1);

namespace Berm\Core\Rework;

use Berm\Core\Build\BuildState;
use Berm\Core\Build\Entry;
use Berm\Core\Build\Event\CutMeasured;
use Berm\Core\Job\Layout;
use Berm\Core\Job\Plan;
use Berm\Core\MarkOut\Cut;
use Berm\Core\MarkOut\Mark;
use Berm\Core\MarkOut\MarkPlace;
use Berm\Core\Quantity\Instrument;
use Berm\Core\Quantity\Judgement;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Quantity\Reading;
use Berm\Core\Saying\Sentence;
use Berm\Core\Section\Ruling;

/** What comes of a cut past its mark or short of it, before anybody makes it: which margin goes first, and how far it may go. */
final readonly class LookAhead
{
    /** As far as is looked, in mm; and how finely. */
    private const FARTHEST = 64;
    private const FINE = 0.5;
    /** So many rules are told. */
    private const TOLD = 4;

    /**
     * @param list<Shift> $shifts rules that come to something else by it, the thinnest first
     */
    private function __construct(
        public Mark $mark,
        public Length $by,
        public Judgement $judgement,
        public array $shifts,
        /** How far past its mark, the same way, every rule still holds; null: farther than Berm looks. */
        public ?Length $most,
        /** The rule that goes first beyond that. */
        public ?Ruling $first,
        /** How often this end can be cut back by what its connector holds; null: nobody has measured its slack. */
        public ?int $times,
    ) {
    }

    /** Why nothing can be said of it; null: it can. @param Length $by past the mark; below zero: short of it */
    public static function refusal(Plan $plan, MarkPlace $place, Length $by): ?Sentence
    {
        $mark = $plan->markOut?->mark($place->end, $place->cut, $place->core);

        return match (true) {
            null === $plan->markOut => $plan->firstObstacle() ?? Sentence::plain('Nothing is marked out on this job.'),
            null === $mark || !$mark->place->equals($place) => Sentence::plain('There is no such cut on this job.'),
            Length::ofMillimetres(self::FARTHEST)->isLessThan($by->absolute()), !self::isOnCable($mark->at->plus($by)) => Sentence::of(
                'Berm looks no farther than {most} past a mark, and no nearer than to the cable end.',
                ['most' => Length::ofMillimetres(self::FARTHEST)],
            ),
            default => null,
        };
    }

    private static function isOnCable(Length $at): bool
    {
        return Length::ofMillimetres(1)->isAtMost($at);
    }

    /** @param Plan $plan of which nothing stands against it: see refusal() */
    public static function at(Plan $plan, MarkPlace $place, Length $by, \DateTimeImmutable $now): self
    {
        $mark = $plan->markOut?->mark($place->end, $place->cut, $place->core) ?? throw new \LogicException('its refusal was asked for');
        $planned = self::rulings($plan, $mark, Length::ofNanometres(0), $now);
        $then = self::rulings($plan, $mark, $by, $now);
        [$most, $first] = self::limit($plan, $mark, $by->isNegative() ? -1 : 1, $now);

        return new self(
            $mark, $by, Judgement::of($mark->at->plus($by), Length::ofNanometres(0), $mark->window()),
            Shift::between($planned, $then, self::TOLD),
            $most, $first, self::times($plan, $place),
        );
    }

    /**
     * By halving: the rules are kept as far as a point, and broken beyond it.
     *
     * @return array{Length|null, Ruling|null}
     */
    private static function limit(Plan $plan, Mark $mark, int $sign, \DateTimeImmutable $now): array
    {
        $at = static fn (float $mm): Length => Length::nearestToMillimetres($sign * $mm);
        // Short of the mark no farther than to the cable end.
        $farthest = $sign < 0 ? min(self::FARTHEST, floor($mark->at->inMillimetres()) - 1) : self::FARTHEST;
        [$kept, $broken] = [0.0, (float) $farthest];
        $first = self::broken(self::rulings($plan, $mark, $at($broken), $now));
        while (null !== $first && $broken - $kept > self::FINE) {
            $middle = ($kept + $broken) / 2;
            $breaks = self::broken(self::rulings($plan, $mark, $at($middle), $now));
            [$kept, $broken, $first] = null === $breaks ? [$middle, $broken, $first] : [$kept, $middle, $breaks];
        }

        return [null === $first ? null : $at($kept), $first];
    }

    /** @param list<Ruling> $rulings */
    private static function broken(array $rulings): ?Ruling
    {
        foreach ($rulings as $ruling) {
            if ($ruling->needsEngineer()) {
                return $ruling;
            }
        }

        return null;
    }

    /** @return list<Ruling> with the cut made so much past its mark; nothing where it cannot be laid */
    private static function rulings(Plan $plan, Mark $mark, Length $by, \DateTimeImmutable $now): array
    {
        $sheet = $plan->sheet;
        $at = $mark->at->plus($by);
        if (null === $sheet || !self::isOnCable($at)) {
            return [];
        }
        $log = array_values(array_filter($plan->build->counting, static fn (Entry $one): bool => !($one->event instanceof CutMeasured
            && $one->event->place->equals($mark->place))));
        $reading = Reading::typed($at->toText(), LengthUnit::Millimetre, Instrument::SteelRule);
        $log[] = Entry::of('made', '', $now, new CutMeasured($mark->place, $reading));

        return Layout::withoutWork($plan->job, $sheet, BuildState::fold($log, $plan->job->pins()))->rulings;
    }

    /** A connector that is cut out takes the conductor that it holds with it: as often as that is left. */
    private static function times(Plan $plan, MarkPlace $place): ?int
    {
        $left = SlackLeft::of($plan, $place->end);
        $each = $plan->markOut?->mark($place->end, Cut::Insulation, $place->core)?->at->nanometres ?? 0;

        return null === $left || $each <= 0 ? null : max(0, intdiv($left->nanometres, $each));
    }
}
