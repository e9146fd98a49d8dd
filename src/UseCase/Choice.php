<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\Connector\Connector;
use Berm\Core\Fit\FitReport;
use Berm\Core\Kit\KitSheet;
use Berm\Core\Kit\KitSize;

/** One kit size, or one connector, judged for a job. */
final readonly class Choice
{
    private function __construct(public FitReport $fit, public ?KitSheet $sheet, public ?KitSize $size, public ?Connector $connector)
    {
    }

    public static function ofKit(KitSheet $sheet, KitSize $size, FitReport $fit): self
    {
        return new self($fit, $sheet, $size, null);
    }

    public static function ofConnector(Connector $connector, FitReport $fit): self
    {
        return new self($fit, null, null, $connector);
    }
}
