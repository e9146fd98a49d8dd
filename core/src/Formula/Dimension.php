<?php

declare(strict_types=1);

namespace Berm\Core\Formula;

/** What kind of thing a part of a formula is; adding a length to a number is refused by it. */
enum Dimension: string
{
    case Length = 'a length';
    case Number = 'a number';
    case Text = 'a text';
    case Truth = 'yes or no';
}
