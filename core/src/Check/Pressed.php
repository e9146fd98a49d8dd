<?php

declare(strict_types=1);

namespace Berm\Core\Check;

use Berm\Core\File\Fields;
use Berm\Core\File\SentByFile;
use Berm\Core\Quantity\SentBy;
use Berm\Core\Tool\DieName;

/** What a press reports of one crimp: the die in its jaws, the force it came to, and which press it is. */
final readonly class Pressed
{
    public const KEY = 'press';

    private function __construct(public string $die, /** With its unit. */ public string $force, public SentBy $by)
    {
    }

    public static function read(Fields $file): self
    {
        return self::reported($file, Fields::got($file->object(SentByFile::KEY, SentByFile::read(...))));
    }

    /** As a press says it that has said already which one it is. */
    public static function reported(Fields $file, SentBy $by): self
    {
        $force = $file->text('force', 20);
        if (1 !== preg_match('/\A\d{1,6}(\.\d{1,3})? ?(kN|lbf|tonf)\z/', $force)) {
            $file->problem('force', 'must be a force with its unit: 130 kN, or 13 tonf, or 29000 lbf.');
        }

        return new self($file->text('die', 40), $force, $by);
    }

    public function isWith(string $die): bool
    {
        return DieName::areSame($die, $this->die);
    }

    public function inWords(): string
    {
        return "die $this->die, $this->force, by press {$this->by->inWords()}";
    }

    /** @return array<string, mixed> */
    public function write(): array
    {
        return ['die' => $this->die, 'force' => $this->force, ...SentByFile::write($this->by)];
    }
}
