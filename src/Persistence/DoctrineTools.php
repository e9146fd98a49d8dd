<?php

declare(strict_types=1);

namespace App\Persistence;

use App\Persistence\Row\ToolRow;
use App\UseCase\ChangedMeanwhile;
use App\UseCase\IdTaken;
use App\UseCase\KeptTool;
use App\UseCase\Listing;
use App\UseCase\ToolNotFound;
use App\UseCase\Tools;
use Berm\Core\File\Fields;
use Berm\Core\File\ToolFile;
use Berm\Core\Tool\Tool;
use Doctrine\ORM\EntityManagerInterface;

final readonly class DoctrineTools implements Tools
{
    public function __construct(private EntityManagerInterface $entities)
    {
    }

    public function get(string $id): KeptTool
    {
        return self::tool($this->entities->find(ToolRow::class, $id) ?? throw ToolNotFound::withId($id));
    }

    public function page(int $page, int $perPage): Listing
    {
        $rows = $this->entities->getRepository(ToolRow::class);

        return Listing::read(
            $rows->findBy([], ['name' => 'ASC', 'id' => 'ASC'], $perPage, ($page - 1) * $perPage), $rows->count(), self::tool(...),
            static fn (ToolRow $row): string => $row->name,
        );
    }

    public function add(Tool $tool): void
    {
        // One statement decides: of two that are sent at once, one is stored.
        $stored = $this->entities->getConnection()->executeStatement(
            'INSERT INTO tool (id, name, body, version) VALUES (?, ?, ?, 1) ON CONFLICT (id) DO NOTHING',
            [$tool->id, $tool->name, self::body($tool)],
        );
        if (0 === (int) $stored && ToolFile::write($this->get($tool->id)->tool) !== ToolFile::write($tool)) {
            throw IdTaken::by('tool', $tool->id);
        }
    }

    public function change(Tool $tool, int $version): KeptTool
    {
        $stored = $this->entities->getConnection()->executeStatement(
            'UPDATE tool SET name = ?, body = ?, version = version + 1 WHERE id = ? AND version = ?',
            [$tool->name, self::body($tool), $tool->id, $version],
        );

        return 0 === (int) $stored ? throw ChangedMeanwhile::tool() : new KeptTool($tool, $version + 1);
    }

    private static function body(Tool $tool): string
    {
        return json_encode(Stored::form(ToolFile::write($tool)), \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE);
    }

    private static function tool(ToolRow $row): KeptTool
    {
        return new KeptTool(Fields::read($row->body, ToolFile::read(...)), $row->version);
    }
}
