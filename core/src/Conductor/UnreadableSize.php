<?php

declare(strict_types=1);

namespace Berm\Core\Conductor;

use Berm\Core\CoreError;

final class UnreadableSize extends \DomainException implements CoreError
{
    /**
     * @internal
     *
     * @param list<int> $beside
     */
    public static function notStandard(int $area, array $beside): self
    {
        return new self(\sprintf(
            '%d mm² is no standard size of conductor: write %s.',
            $area,
            implode(' or ', array_map(static fn (int $size): string => $size.' mm²', $beside)),
        ));
    }

    /** @internal */
    public static function of(string $text): self
    {
        return new self(\sprintf(
            '"%s" is not a conductor size: write 95 mm², 2 AWG, 4/0 or 500 kcmil.', mb_strimwidth(mb_scrub($text), 0, 40, '…'),
        ));
    }
}
