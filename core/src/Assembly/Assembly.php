<?php

declare(strict_types=1);

namespace Berm\Core\Assembly;

use Berm\Core\Cable\CableEnd;
use Berm\Core\Cable\Cores;
use Berm\Core\Cable\End;
use Berm\Core\Connector\Connector;
use Berm\Core\Formula\Values;
use Berm\Core\Kit\AccessoryFunction;
use Berm\Core\Kit\KitSheet;
use Berm\Core\Kit\KitSize;
use Berm\Core\MarkOut\Cut;
use Berm\Core\Quantity\Length;
use Berm\Core\Section\Causes;
use Berm\Core\Site\Site;

/** All that one accessory is made of and where: its cables, the kit's sheet and size, the connector, the site. They travel together. */
final readonly class Assembly
{
    /**
     * @param non-empty-list<CableEnd>     $cables one for each end of the accessory, end A first
     * @param array<string, Length|string> $said   what the sheet asks of the job, as far as it is known
     */
    private function __construct(
        public array $cables,
        /** As it stands for this accessory: without the parts and stages whose condition does not hold. */
        public KitSheet $sheet,
        public KitSize $size,
        public Connector $connector,
        public Site $site,
        private array $said,
    ) {
    }

    /**
     * @param non-empty-list<CableEnd>     $cables end A first
     * @param array<string, string|Length> $said   what was said on the job, by the key of what the sheet asks
     */
    public static function of(array $cables, KitSheet $sheet, KitSize $size, Connector $connector, Site $site, array $said = []): self
    {
        return new self($cables, $sheet, $size, $connector, $site, $sheet->said($said));
    }

    public function function(): AccessoryFunction
    {
        return $this->sheet->application->function;
    }

    /** That of end A where the end has none of its own: what is looked at once is looked at from there. */
    public function cable(?End $end): CableEnd
    {
        foreach ($this->cables as $cable) {
            if ($cable->end === $end) {
                return $cable;
            }
        }

        return $this->cables[0];
    }

    /** The quantities that the kit's formulas are worked out with at one end. */
    public function values(CableEnd $cable): Values
    {
        return RuleValues::of($cable, $this->size->dimensions, $this->connector, $this->site, $this->other($cable))->withAll($this->said);
    }

    /** That of the other end; null of a termination. */
    public function other(CableEnd $cable): ?CableEnd
    {
        foreach ($this->cables as $one) {
            if ($one->end !== $cable->end) {
                return $one;
            }
        }

        return null;
    }

    /** The same with what is not exact about diameters and the connector. */
    public function valuesWith(CableEnd $cable, Causes $causes): Values
    {
        return $this->values($cable)->withAll(RuleValues::inexact($cable, $causes));
    }

    /** The core that a cut of an end is made on: the one that is looked at, or null where the cut goes round all. */
    public function coreOf(End $end, Cut $cut, int $core): ?int
    {
        $isShared = 1 === $this->cores() || Cores::Three === $this->cable($end)->cores() && !$cut->isOfCore();

        return $isShared ? null : $core;
    }

    /** Places side by side: the most cores of its cables. */
    public function cores(): int
    {
        return max(array_map(static fn (CableEnd $cable): int => $cable->cores()->value, $this->cables));
    }
}
