<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\Build\Writer;

/** Somebody who does something here: known by an id that never changes, shown by a name that may. */
final readonly class Who
{
    /** Of what this program made itself, such as cables worked out from a standard. Nobody signs in by it. */
    public const PROGRAM = 'berm';

    /** @param list<Writer> $writes which entries */
    public function __construct(public string $id, public string $name, private array $writes = [])
    {
    }

    public static function program(string $name): self
    {
        return new self(self::PROGRAM, $name, Writer::cases());
    }

    /** For an entry that follows from another deed, which was theirs to do. */
    public function asProgram(): self
    {
        return new self($this->id, $this->name, [Writer::Server]);
    }

    public function mayWriteAs(Writer $writer): bool
    {
        return \in_array($writer, $this->writes, true);
    }

    public function is(string $id): bool
    {
        return $this->id === $id;
    }
}
