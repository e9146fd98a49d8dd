<?php

declare(strict_types=1);

namespace Berm\Core\File;

/** Leaves off building an object whose faults have been noted. @internal never leaves this folder */
final class Skipped extends \RuntimeException
{
}
