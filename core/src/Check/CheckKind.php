<?php

declare(strict_types=1);

namespace Berm\Core\Check;

use Berm\Core\File\Fields;
use Berm\Core\File\FormulaField;

/** How a check is answered. */
enum CheckKind: string
{
    /** Yes, or it is out. */
    case Seen = 'seen';
    /** A length, read with an instrument. */
    case Length = 'length';
    case Count = 'count';
    case Torque = 'torque';
    /** The time since another stage was finished. */
    case Wait = 'wait';
    /** What is printed somewhere: a batch, a number. */
    case Note = 'note';
    /** When it was made, judged by how long ago. */
    case Age = 'age';
    /** Which phase a core is, and by what that was proved. */
    case Phase = 'phase';

    /** A check's own limits, from a kit sheet's open file. */
    public function question(Fields $file, FormulaField $formulas): Question
    {
        return match ($this) {
            self::Seen => new Look(),
            self::Length => LengthWithin::read($file, $formulas),
            self::Count => CountWithin::read($file, $formulas),
            self::Torque => TorqueWithin::read($file),
            self::Wait => WaitSince::read($file),
            self::Note => new Note(),
            self::Age => AgeWithin::read($file),
            self::Phase => new PhaseKnown(),
        };
    }

    /** The field that an answer of this kind stands in, in an open file. */
    public function field(): string
    {
        return match ($this) {
            self::Seen => 'seen',
            self::Length => 'reading',
            self::Count => 'count',
            self::Torque => 'torque',
            self::Wait => 'waited',
            self::Note => 'note',
            self::Age => 'made',
            self::Phase => 'phase',
        };
    }

    /** Reads an answer of this kind from its field. */
    public function answer(Fields $file): Answer
    {
        return match ($this) {
            self::Seen => Looked::read($file),
            self::Length => Measured::read($file),
            self::Count => Counted::read($file),
            self::Torque => Tightened::read($file),
            self::Wait => Waited::read($file),
            self::Note => Noted::read($file),
            self::Age => Made::read($file),
            self::Phase => Identified::read($file),
        };
    }
}
