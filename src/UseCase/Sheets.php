<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\Connector\Connector;
use Berm\Core\Kit\KitSheet;
use Berm\Core\Revision;
use Berm\Core\Stores\Gtin;

/** All cable types, kit sheets and connectors: to look through, and to add to. */
interface Sheets extends PinnedSheets
{
    /** @return Listing<KitSheet> the newest revision of each, by name */
    public function kits(): Listing;

    /**
     * @return list<KitSheet> every revision that has a size with this item number, the newest first: boxes of older ones stay what they
     *                        are
     */
    public function kitsWithItem(Gtin $item): array;

    /** The newest revision of one sheet; null when there is none. */
    public function newestKit(string $id): ?KitSheet;

    /** The newest revision of one connector; null when there is none. */
    public function newestConnector(string $id): ?Connector;

    /**
     * @return Listing<Connector> the newest revisions whose names hold every word of $search, by name
     */
    public function connectors(string $search, int $page, int $perPage): Listing;

    /**
     * @param string $by   all who had a hand in it, for the record
     * @param Who    $last who released it
     *
     * @throws SheetExists
     */
    public function addKit(KitSheet $sheet, string $by, Who $last): void;

    /** @throws SheetExists */
    public function addConnector(Connector $connector, Who $by): void;
}
