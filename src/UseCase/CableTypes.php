<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\Cable\Construction;
use Berm\Core\Identification\Catalogue;
use Berm\Core\Quantity\LengthUnit;

/** The library of cable types; their revisions never change. */
interface CableTypes
{
    /**
     * @param string     $search as CableSearch reads it
     * @param LengthUnit $first  the types of this unit's world come before the others
     *
     * @return Listing<Construction> the newest revisions, by designation
     */
    public function page(string $search, LengthUnit $first, int $page, int $perPage): Listing;

    /** @return iterable<Construction> the newest revision of each that has the words, by designation */
    public function all(string $search): iterable;

    /** The whole library made ready for comparing. */
    public function catalogue(): Catalogue;

    /** @throws SheetExists */
    public function add(Construction $cable, Who $by): void;

    /**
     * @param list<Construction> $cables
     *
     * @return array{list<Construction>, list<Construction>} those that were added, and those whose revision was there already
     */
    public function addNew(array $cables, Who $by): array;
}
