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
    private function __construct(
        public FitReport $fit,
        public ?KitSheet $sheet,
        public ?KitSize $size,
        public ?Connector $connector,
        /** How many connectors go with the kit; null where that was not asked, since the kit itself is refused. */
        public ?int $connectorsThatGo,
        /** The one of them that goes best, judged with the kit. */
        public ?self $with,
    ) {
    }

    public static function ofKit(KitSheet $sheet, KitSize $size, FitReport $fit, ?int $connectorsThatGo, ?self $with): self
    {
        return new self($fit, $sheet, $size, null, $connectorsThatGo, $with);
    }

    public static function ofConnector(Connector $connector, FitReport $fit): self
    {
        return new self($fit, null, null, $connector, null, null);
    }
}
