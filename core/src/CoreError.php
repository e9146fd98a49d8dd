<?php

declare(strict_types=1);

namespace Berm\Core;

/** Marks every exception that the core throws on purpose; its message is fit to show to a person. */
interface CoreError extends \Throwable
{
}
