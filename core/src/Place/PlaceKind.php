<?php

declare(strict_types=1);

namespace Berm\Core\Place;

enum PlaceKind
{
    case Layer;
    case Connector;
    case Item;
}
