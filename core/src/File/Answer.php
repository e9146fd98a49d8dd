<?php

declare(strict_types=1);

namespace Berm\Core\File;

/** @internal how open files say whether something is so */
enum Answer: string
{
    case Yes = 'yes';
    case No = 'no';
}
