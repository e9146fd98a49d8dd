<?php

declare(strict_types=1);

namespace App\Paper;

use Berm\Core\Card\Heading;
use Berm\Core\Job\Plan;
use Berm\Core\Saying\Reader;
use Berm\Core\Saying\Sentence;

/** Of which job a paper is, for whom, and on which day it was printed. */
final readonly class Occasion
{
    public function __construct(
        public Plan $plan,
        public Reader $reader,
        public \DateTimeImmutable $on,
        /** Where the job opens; null: nobody knows, it comes from a file. */
        public ?string $address,
    ) {
    }

    /** Name, cables, kit, permit and day, with the code that opens the job at its right; and why nobody cuts by it. */
    public function head(Paper $paper, string $title, ?Sentence $stop): void
    {
        $code = null === $this->address ? 0.0 : 22.0;
        $top = $paper->GetY();
        $width = $paper->wide() - $code - 3;
        $paper->face(15, 'B')->say($this->plan->job->name, 7, width: $width);
        $paper->face(10, 'B')->say($title, 5, width: $width);
        $paper->face(8);
        $lines = array_map($this->reader->say(...), Heading::of($this->plan));
        $paper->say(implode(' ', $lines)." Printed {$this->on->format('j M Y, H:i')}.", 4, width: $width);
        $below = $paper->GetY();
        if (null !== $this->address) {
            $paper->write2DBarcode($this->address, 'QRCODE,M', $paper->left() + $paper->wide() - $code, $top, $code, $code, [], 'N');
            $paper->setY(max($top + $code, $below) + 1);
        }
        if (null !== $stop) {
            $paper->Ln(1);
            $paper->setFillColor(29, 33, 28);
            $paper->setTextColor(255, 255, 255);
            $paper->face(11, 'B');
            $paper->MultiCell(0, 7, "Do not cut by this. {$this->reader->say($stop)}", 0, 'L', true);
            $paper->setTextColor(29, 33, 28);
        }
        $paper->rule(0.5);
    }
}
