<?php

declare(strict_types=1);

namespace Berm\Core\Build\Event;

use Berm\Core\Build\Basis;
use Berm\Core\Build\Event;
use Berm\Core\Build\EventKind;
use Berm\Core\Build\Names;
use Berm\Core\Build\Progress;
use Berm\Core\Build\Shortens;
use Berm\Core\Cable\End;
use Berm\Core\Cable\Where;
use Berm\Core\File\Fields;
use Berm\Core\File\ReadingFile;
use Berm\Core\Job\Plan;
use Berm\Core\Kit\Stage;
use Berm\Core\Quantity\Reading;
use Berm\Core\Rework\Aftermath;
use Berm\Core\Rework\Untrue;
use Berm\Core\Saying\Sentence;

/**
 * The connector was cut out again, with what had been set over it: a piece of each end went with it. What is parked and was not used is
 * still there; everything from the connector on is done anew, with another connector.
 */
final readonly class CutOut implements Shortens
{
    public function __construct(
        public Reading $offA,
        /** Null on a termination. */
        public ?Reading $offB,
        public string $reason,
    ) {
    }

    public static function kind(): EventKind
    {
        return EventKind::CutOut;
    }

    public function subject(): array
    {
        return [];
    }

    public static function read(Fields $file): self
    {
        return new self(
            Fields::got($file->object('offA', ReadingFile::readPositive(...))),
            $file->optionalObject('offB', ReadingFile::readPositive(...)), $file->text('reason', 400),
        );
    }

    public function write(): array
    {
        return [
            'offA' => ReadingFile::write($this->offA), ...(null === $this->offB ? [] : ['offB' => ReadingFile::write($this->offB)]),
            'reason' => $this->reason,
        ];
    }

    public function stage(Progress $progress): ?Stage
    {
        return null;
    }

    public function sawnOff(End $end, ?int $core): ?Reading
    {
        return End::A === $end ? $this->offA : $this->offB;
    }

    public function meets(Where $where): bool
    {
        return true;
    }

    public function refusal(Plan $plan): ?Sentence
    {
        $isOfTwo = isset($plan->job->cables[End::B->value]);

        return match (true) {
            null === $plan->build->connector => Sentence::plain(
                ucfirst($plan->job->function->connectorKind()->label()).' not fitted yet: there is nothing to cut out.',
            ),
            $isOfTwo && null === $this->offB => Sentence::plain('Say how much went with it on end B, too.'),
            !$isOfTwo && null !== $this->offB => Sentence::plain('A termination has one end: leave end B out.'),
            default => Aftermath::of($plan, $this)->refusal(),
        };
    }

    public function basis(Plan $plan): Basis
    {
        return Basis::of($plan->job->pins(), falls: Aftermath::of($plan, $this)->falls());
    }

    public function fells(Event $event, Plan $plan): bool
    {
        $isFrom = static fn (End $end): bool => Untrue::isMeasuredFrom($end, $event, $plan);

        return Untrue::restsOnConnector($event, $plan) || $isFrom(End::A) || $isFrom(End::B);
    }

    public function words(Names $names): Sentence
    {
        $off = null === $this->offB ? '{a}' : '{a} of end A and {b} of end B';

        return Sentence::of(
            ucfirst($names->connector())." cut out again, $off with it ({reason})",
            ['a' => $this->offA->asTyped(), 'b' => $this->offB?->asTyped() ?? '', 'reason' => $this->reason],
        );
    }
}
