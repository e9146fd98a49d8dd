<?php

declare(strict_types=1);

namespace Berm\Core\Build;

/** How much of what is pinned an entry was written for. */
enum StandsOn
{
    /** A fact, whatever is planned. */
    case Nothing;
    /** The sheet and the size: a part of another kit is another part. */
    case Kit;
    /** The connector too: somebody judged the whole as it was. */
    case Assembly;
}
