<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\Connector\Connector;
use Berm\Core\File\BadDocument;

/** Keeps a connector's sheet as its next revision. */
final readonly class AddConnector
{
    public function __construct(private Sheets $sheets, private RankingTables $tables, private Atomically $atomically)
    {
    }

    /** @throws BadDocument when it is not the next revision @throws SheetExists */
    public function __invoke(Connector $connector, Who $by): Connector
    {
        $added = $this->atomically->run(function () use ($connector, $by): Connector {
            NextRevision::ensure($connector->revision, $this->sheets->newestConnector($connector->revision->id)?->revision);
            $this->sheets->addConnector($connector, $by);

            return $connector;
        });
        $this->tables->connectors($added->kind);

        return $added;
    }
}
