<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\Tool\Tool;

/** The presses and wrenches of the works. */
interface Tools
{
    /** @throws ToolNotFound */
    public function get(string $id): Tool;

    /** @return list<Tool> by name */
    public function page(int $page, int $perPage): array;

    public function count(): int;

    /** Stores a new tool, or what has changed about a known one. */
    public function save(Tool $tool): void;
}
