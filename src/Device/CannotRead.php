<?php

declare(strict_types=1);

namespace App\Device;

final class CannotRead extends \InvalidArgumentException
{
}
