<?php

declare(strict_types=1);

namespace App\Persistence;

use App\Persistence\Row\ToolRow;
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

    public function get(string $id): Tool
    {
        return self::tool($this->entities->find(ToolRow::class, $id) ?? throw ToolNotFound::withId($id));
    }

    public function page(int $page, int $perPage): array
    {
        return array_map(
            self::tool(...),
            $this->entities->getRepository(ToolRow::class)->findBy([], ['name' => 'ASC', 'id' => 'ASC'], $perPage, ($page - 1) * $perPage),
        );
    }

    public function count(): int
    {
        return $this->entities->getRepository(ToolRow::class)->count();
    }

    public function save(Tool $tool): void
    {
        $body = Stored::form(ToolFile::write($tool));
        $row = $this->entities->find(ToolRow::class, $tool->id);
        if (null === $row) {
            $this->entities->persist(new ToolRow($tool->id, $tool->name, $body));
        } else {
            [$row->name, $row->body] = [$tool->name, $body];
        }
        $this->entities->flush();
    }

    private static function tool(ToolRow $row): Tool
    {
        return Fields::read($row->body, ToolFile::read(...));
    }
}
