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

    /** The higher, the further behind: what fits with the connector that goes best stands before what does not. */
    public function standing(): int
    {
        return 10 * $this->fit->outcome()->strictness() + ($this->with?->fit->outcome()->strictness() ?? 0);
    }

    public static function ofConnector(Connector $connector, FitReport $fit): self
    {
        return new self($fit, null, null, $connector, null, null);
    }
}
