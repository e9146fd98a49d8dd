<?php

declare(strict_types=1);

namespace Berm\Core\Build\Event;

use Berm\Core\Build\Basis;
use Berm\Core\Build\Event;
use Berm\Core\Build\EventKind;
use Berm\Core\Build\Names;
use Berm\Core\Build\PieceFrom;
use Berm\Core\Build\Progress;
use Berm\Core\File\Fields;
use Berm\Core\Job\Plan;
use Berm\Core\Kit\Stage;
use Berm\Core\Saying\Sentence;

/** A piece that the box lacks, or that was lost, came from elsewhere: another box, or the owner's store. */
final readonly class PieceTaken implements Event
{
    public function __construct(
        /** Key of the stock. */
        public string $stock,
        public int $pieces,
        /** As it stands on what it came in. */
        public string $batch,
        public PieceFrom $from,
    ) {
    }

    public static function kind(): EventKind
    {
        return EventKind::PieceTaken;
    }

    public function subject(): array
    {
        return [$this->stock, $this->batch, $this->from->value];
    }

    public static function read(Fields $file): self
    {
        return new self(
            $file->text('stock', 40), $file->integer('pieces', 1, 200), $file->text('batch', 40), $file->choice('from', PieceFrom::class),
        );
    }

    public function write(): array
    {
        return ['stock' => $this->stock, 'pieces' => $this->pieces, 'batch' => $this->batch, 'from' => $this->from->value];
    }

    public function stage(Progress $progress): ?Stage
    {
        return null;
    }

    public function refusal(Plan $plan): ?Sentence
    {
        $stock = $plan->sheet->stock[$this->stock] ?? null;

        return match (true) {
            null === $stock => Sentence::plain('The box of this kit holds no such thing.'),
            $stock->kind->isOfItsMaker() => Sentence::of(
                '{name} is the maker\'s own and of one box: another one is never used. Get a new kit.', ['name' => $stock->name],
            ),
            default => null,
        };
    }

    public function basis(Plan $plan): Basis
    {
        return Basis::of($plan->job->pins());
    }

    public function words(Names $names): Sentence
    {
        return Sentence::of(
            "{pieces} × {name} {$this->from->inWords()}, batch {batch}",
            ['pieces' => $this->pieces, 'name' => lcfirst($names->item($this->stock)), 'batch' => $this->batch],
        );
    }
}
