<?php

declare(strict_types=1);

namespace Berm\Core\Rework;

use Berm\Core\Build\Entry;
use Berm\Core\Build\Event\CheckMade;
use Berm\Core\Build\Event\TakenOff;
use Berm\Core\Build\Task;
use Berm\Core\Build\WorkInWords;
use Berm\Core\Build\WorkKind;
use Berm\Core\Build\WorkPlace;
use Berm\Core\Cable\End;
use Berm\Core\Check\CheckPlace;
use Berm\Core\Check\Measured;
use Berm\Core\Job\Plan;
use Berm\Core\Kit\AccessoryFunction;
use Berm\Core\Kit\Item;
use Berm\Core\Kit\Nature;
use Berm\Core\Quantity\Instrument;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Quantity\Reading;
use Berm\Core\Saying\Sentence;

/** What can be done with the part that a check was made on: it is moved, or comes off again. @internal use WaysOn */
final readonly class WaysOfPart
{
    private function __construct(private Plan $plan, private Item $item, private CheckPlace $place)
    {
    }

    /** @return list<Way> nothing where the length is not one to the edge of a part */
    public static function on(OutLength $out): array
    {
        $measure = $out->measure();
        $edges = $out->plan->sheet?->edges() ?? [];
        $edge = $edges[$measure?->to->name() ?? ''] ?? $edges[$measure?->from->name() ?? ''] ?? null;
        $item = $out->plan->sheet?->items[$edge->item ?? ''] ?? null;
        if (null === $item) {
            return [];
        }
        $ways = new self($out->plan, $item, $out->place);

        return [$ways->move($out), ...$ways->off()];
    }

    /** @return list<Way> the part that was set last before a look that is not so, where it is one */
    public static function before(Task $look, Plan $plan): array
    {
        $place = $look->checkPlace();
        $last = null;
        foreach ($plan->progress?->stage($look->stage->key)->tasks ?? [] as $task) {
            if ($task === $look) {
                break;
            }
            $last = WorkKind::Set === $task->work?->how && $task->isDone && $task->meets($look) ? $task : $last;
        }
        $item = $last?->item;

        return null === $item || null === $place ? [] : (new self($plan, $item, $place))->off();
    }

    /** By as much as it is out, with what is then left at its other end. */
    private function move(OutLength $out): Way
    {
        $by = $out->needs()->absolute();
        $aim = $out->reading->value->plus($out->needs());
        $made = $this->moved($aim);
        $towards = $this->towards($out, $made);
        $part = lcfirst($this->item->name);

        return Way::of(WayKind::Move, Sentence::of("Move the {part} by {by:fine}$towards", ['part' => $part, 'by' => $by]), Sentence::of(
            '{aim:fine} is aimed at: measure it again. {left}', ['aim' => $aim, 'left' => $this->left($made) ?? ''],
        ))->ruledOut($this->fast())->comingTo(Comes::to($made));
    }

    /** "At the worst 3 mm is left at end A and 5 mm at end B." */
    private function left(Plan $made): ?Sentence
    {
        $left = [];
        foreach ($made->rulings as $ruling) {
            $end = $ruling->place->where->end?->value;
            $isOfIt = $ruling->isBinding && $ruling->place->item === $this->item->key && null !== $end
                && ($ruling->place->where->core ?? 1) === ($this->place->where->core ?? 1);
            $left = $isOfIt ? [...$left, $end => Length::smallest($left[$end] ?? $ruling->margin->worst, $ruling->margin->worst)] : $left;
        }
        [$a, $b] = [$left[End::A->value] ?? null, $left[End::B->value] ?? null];

        return null === $a || null === $b ? null : Sentence::of(
            'At the worst {a:fine} is then to spare at end A, and {b:fine} at end B.', ['a' => $a, 'b' => $b],
        );
    }

    /** What is only brought to its place, wound or laid can be moved; what has shrunk on cannot. */
    private function fast(): ?Sentence
    {
        $isSet = null !== $this->work() && !\in_array($this->item->nature, [Nature::Wrap, Nature::Laid, Nature::Zone, Nature::Layer], true);
        $isPushed = Nature::Pushed === $this->item->nature;

        return $isSet && !$isPushed ? Sentence::of(
            'The {part} is set: it does not move any more.', ['part' => lcfirst($this->item->name)],
        ) : null;
    }

    /** As it is once this length is as it should be: what else was measured of the same part is another length then. */
    private function moved(Length $aim): Plan
    {
        $log = [];
        foreach ($this->plan->build->counting as $id => $entry) {
            $event = $entry->event;
            if (isset($this->plan->build->fallen[$id]) || $event instanceof CheckMade && !$event->place->equals($this->place)
                && $this->isOfPart($event)) {
                continue;
            }
            $isIt = $event instanceof CheckMade && $event->place->equals($this->place);
            $log[] = $isIt ? Entry::of($id, $entry->by, $entry->at, new CheckMade($this->place, new Measured(
                Reading::typed($aim->toText(), LengthUnit::Millimetre, Instrument::Caliper),
            )), $entry->timing, $entry->basis) : $entry;
        }

        return Plan::ofLog($this->plan->job, $log);
    }

    private function isOfPart(CheckMade $made): bool
    {
        $measure = $this->plan->progress?->task($made->place)?->check?->measure();
        $edges = $this->plan->sheet?->edges() ?? [];
        foreach (null === $measure ? [] : [$measure->from, $measure->to] as $formula) {
            if (($edges[$formula->name() ?? ''] ?? null)?->item === $this->item->key) {
                return true;
            }
        }

        return false;
    }

    private function towards(OutLength $out, Plan $made): string
    {
        $core = $this->place->where->core ?? 1;
        $end = $out->ends()[0] ?? End::A;
        [$was, $is] = [$this->lies($this->plan, $core, $end), $this->lies($made, $core, $end)];
        $isTowardsA = null !== $was && null !== $is && $is < $was;

        return match (true) {
            null === $was, null === $is, $was === $is => '',
            AccessoryFunction::Joint === $this->plan->job->function => $isTowardsA ? ' towards end A' : ' towards end B',
            default => $isTowardsA ? ' towards the lug' : ' away from the lug',
        };
    }

    /** Its lower edge on the axis, in nanometres. */
    private function lies(Plan $plan, int $core, End $end): ?int
    {
        foreach ($plan->sectionOf($core)->items ?? [] as $placed) {
            if ($placed->item->key === $this->item->key && (null === $placed->end || $placed->end === $end)) {
                return $placed->from->nominal->nanometres;
            }
        }

        return null;
    }

    /** @return list<Way> nothing while it is not set */
    private function off(): array
    {
        $work = $this->work();
        $sheet = $this->plan->sheet;
        if (null === $work || null === $sheet) {
            return [];
        }
        $isLost = WorkInWords::isLost($this->item, $sheet);
        $event = new TakenOff($work, mb_substr("{$this->plan->progress?->task($this->place)?->check?->ask}: out", 0, 400));
        $name = WorkInWords::inASentence($this->item->name);
        $title = $isLost ? 'Take the {part} off, and put on another' : 'Take the {part} off, and set it again';

        return [Way::of(
            WayKind::TakeOff, Sentence::of($title, ['part' => $name]), WorkInWords::cost($this->item, $sheet),
            $isLost || Nature::Wrap === $this->item->nature ? Cost::nothing()->andParts([$this->item->name]) : null,
            Choice::writing($event),
        )->ruledOut($event->refusal($this->plan))->ruledOut($this->noneCanCome($isLost))->ruledOut($this->finished($work))
            ->comingTo(Comes::to($without = $this->without($event)))->ruledOut($isLost ? Lost::without($without) : null)];
    }

    /** A stage that is over is taken back first. */
    private function finished(WorkPlace $work): ?Sentence
    {
        $stage = null === $this->plan->build->finished($work->stage) ? null : $this->plan->progress?->stage($work->stage)?->stage;

        return null === $stage ? null : Sentence::of(
            '"{stage}" is finished. Withdraw that first if it has to be done again.', ['stage' => Sentence::plain($stage->title)],
        );
    }

    /** What goes on over the end of the cable cannot be brought there once the connector is on. */
    private function noneCanCome(bool $isLost): ?Sentence
    {
        $isClosed = AccessoryFunction::Joint === $this->plan->job->function && null !== $this->plan->build->connector;

        return $isLost && $isClosed && $this->item->nature->isSlidOn() ? Sentence::plain(
            'It goes on over the end of the cable: with the connector on, another one cannot be brought there.',
        ) : null;
    }

    private function without(TakenOff $event): Plan
    {
        $log = array_values($this->plan->build->counting);
        $last = $log[\count($log) - 1];

        return Plan::ofLog($this->plan->job, [
            ...$log, Entry::of('taken-off', '', $last->at, $event, null, $event->basis($this->plan)),
        ]);
    }

    /** Where it was set; null: it was not. */
    private function work(): ?WorkPlace
    {
        foreach ($this->plan->progress?->tasks() ?? [] as $task) {
            $isIt = WorkKind::Set === $task->work?->how && $task->work->part === $this->item->key
                && $task->where->meets($this->place->where);
            if ($isIt && null !== $this->plan->build->applied($task->work)) {
                return $task->work;
            }
        }

        return null;
    }
}
