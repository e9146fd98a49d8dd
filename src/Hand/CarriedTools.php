<?php

declare(strict_types=1);

namespace App\Hand;

use App\UseCase\KeptTool;
use App\UseCase\Listing;
use App\UseCase\ToolNotFound;
use App\UseCase\Tools;
use Berm\Core\Tool\Tool;

/** The presses and wrenches as they were written down when the job was taken along. */
final readonly class CarriedTools implements Tools
{
    /** @param list<KeptTool> $tools by name */
    public function __construct(private array $tools)
    {
    }

    public function get(string $id): KeptTool
    {
        foreach ($this->tools as $kept) {
            if ($kept->tool->id === $id) {
                return $kept;
            }
        }
        throw ToolNotFound::withId($id);
    }

    public function page(int $page, int $perPage): Listing
    {
        return Listing::read(
            \array_slice($this->tools, ($page - 1) * $perPage, $perPage), \count($this->tools),
            static fn (KeptTool $kept): KeptTool => $kept,
            static fn (KeptTool $kept): string => $kept->tool->name,
        );
    }

    public function add(Tool $tool): void
    {
        throw new \LogicException('a tool is written down where there is a signal');
    }

    public function change(Tool $tool, int $version): KeptTool
    {
        throw new \LogicException('a calibration is renewed where there is a signal');
    }
}
