<?php

declare(strict_types=1);

namespace Berm\Core\File;

use Berm\Core\Site\Mounting;
use Berm\Core\Site\Place;
use Berm\Core\Site\Site;
use Berm\Core\Site\Weather;

/** Where the accessory will be, as fields of a job. */
final class SiteFile
{
    public static function read(Fields $file): Site
    {
        return Site::of(
            $file->optionalObject('weather', WeatherFile::read(...)) ?? Weather::unknown(),
            $file->has('place') ? $file->choice('place', Place::class) : null,
            $file->has('mounting') ? $file->choice('mounting', Mounting::class) : null,
            MomentFile::optional($file, 'outageEnds'),
        );
    }

    /** @return array<string, mixed> what is not known is left out */
    public static function write(Site $site): array
    {
        $weather = WeatherFile::write($site->weather);

        return [
            ...([] === $weather ? [] : ['weather' => $weather]),
            ...(null === $site->place ? [] : ['place' => $site->place->value]),
            ...(null === $site->mounting ? [] : ['mounting' => $site->mounting->value]),
            ...(null === $site->outageEndsAt ? [] : ['outageEnds' => $site->outageEndsAt->format(\DATE_ATOM)]),
        ];
    }
}
