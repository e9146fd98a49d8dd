<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\Cable\Construction;
use Berm\Core\Connector\Connector;
use Berm\Core\Kit\KitSheet;
use Berm\Core\Revision;

/** Cable types, kit sheets and connectors as jobs pin them: numbered revisions that never change. */
interface PinnedSheets
{
    /** @throws SheetNotFound */
    public function cable(Revision $revision): Construction;

    /** @throws SheetNotFound */
    public function kit(Revision $revision): KitSheet;

    /** @throws SheetNotFound */
    public function connector(Revision $revision): Connector;
}
