<?php

declare(strict_types=1);

namespace App\Hand;

use App\UseCase\KeptTool;
use Berm\Core\Stores\Box;

/** What of the stores a job may need where there is no signal, as it stood then. */
final readonly class CarriedStores
{
    /**
     * @param list<Box>      $boxes the first to expire first
     * @param list<KeptTool> $tools by name
     */
    public function __construct(public array $boxes, public array $tools)
    {
    }
}
