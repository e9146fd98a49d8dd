<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\Tool\Tool;

/** The presses and wrenches of the works. */
interface Tools
{
    /** @throws ToolNotFound */
    public function get(string $id): KeptTool;

    /** @return Listing<KeptTool> by name */
    public function page(int $page, int $perPage): Listing;

    /** Harmless when the same tool was added before. @throws IdTaken when another one has its id */
    public function add(Tool $tool): void;

    /**
     * Stores what has changed about a tool when the stored one has this version.
     *
     * @throws ToolNotFound
     * @throws ChangedMeanwhile
     */
    public function change(Tool $tool, int $version): KeptTool;
}
