<?php

declare(strict_types=1);

namespace Berm\Core\Section;

use Berm\Core\Assembly\Assembly;
use Berm\Core\Cable\CableEnd;
use Berm\Core\Cable\End;
use Berm\Core\Cable\LayerKind;
use Berm\Core\Cable\Where;
use Berm\Core\Formula\Values;
use Berm\Core\Kit\Item;
use Berm\Core\Kit\Property;
use Berm\Core\Kit\Side;
use Berm\Core\Margin\Cause;
use Berm\Core\Margin\CauseKind;
use Berm\Core\Margin\Locus;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Range;
use Berm\Core\Quantity\Tolerance;
use Berm\Core\Quantity\Toleranced;

/** What is not exact about an assembly, each cause made once, so that two lengths that rest on it share it. @internal use Section::of() */
final class Causes
{
    /** @var array<string, Locus|null> */
    private array $made = [];

    /** @var array<string, Values> by End value */
    private array $values = [];

    public function __construct(private readonly Assembly $assembly)
    {
    }

    /** The quantities of an end that are no places, diameters with what is not exact about them. */
    public function values(CableEnd $cable): Values
    {
        return $this->values[$cable->end->value] ??= $this->assembly->valuesWith($cable, $this);
    }

    /** As measured within its uncertainty, else within what its standard allows; null where nobody knows it. */
    public function diameter(CableEnd $cable, LayerKind $layer): ?Locus
    {
        return $this->once(['diameter', $cable->end->value, $layer->value], static function () use ($cable, $layer): ?Locus {
            $found = $cable->asFound->diameterOver($layer);
            $stated = $cable->construction->layers[$layer->value] ?? null;
            $length = match (true) {
                null !== $found => Toleranced::of($found->mean, Tolerance::of($found->uncertainty, $found->uncertainty)),
                null === $stated => null,
                default => self::stated($stated->diameter, $stated->window),
            };

            return null === $length ? null : self::locus(
                $length, CauseKind::Diameter, $layer->value, "[{$layer->label()}]", Where::of($cable->end, null),
            );
        });
    }

    public function connectorDiameter(): Locus
    {
        return $this->known(['connector'], fn (): Locus => self::locus(
            Toleranced::of($this->assembly->connector->diameter, $this->assembly->connector->specification->seating->diameter),
            CauseKind::Diameter, 'connector', $this->assembly->connector->kind->label(), Where::of(null, null),
        ));
    }

    /** How much longer the barrel of an end is once it is crimped. */
    public function growth(End $end): Locus
    {
        return $this->known(['growth', $end->value], fn (): Locus => self::locus(
            $this->assembly->connector->barrels->at($end)
                ->grows(), CauseKind::Growth, 'connector', $this->assembly->connector->kind->label(),
            Where::of($end, null),
        ));
    }

    /** How far the conductor of an end stands short of home. */
    public function short(End $end): Locus
    {
        return $this->known(['short', $end->value], fn (): Locus => self::locus(
            Toleranced::of(Length::ofNanometres(0), Tolerance::of(
                Length::ofNanometres(0), $this->assembly->connector->specification->seating->short,
            )), CauseKind::Insertion, 'conductor', 'conductor', Where::of($end, null),
        ));
    }

    /** A dimension of what an item is made of; null where its sheet does not say. */
    public function stock(Item $item, ?End $end, Property $property): ?Locus
    {
        $kind = match ($property) {
            Property::ExpandedBore => CauseKind::ExpandedBore,
            Property::RecoveredBore => CauseKind::RecoveredBore,
            Property::Wall => CauseKind::Wall,
            Property::InstalledLength, Property::Length => CauseKind::Length,
            default => CauseKind::Thickness,
        };

        return $this->once([$property->value, $item->key, $end->value ?? ''], function () use ($item, $end, $property, $kind): ?Locus {
            $stock = $this->assembly->size->stockOf($item);
            $size = Property::InstalledLength === $property ? $stock?->installed() : $stock?->size($property);

            return null === $size ? null : self::locus($size, $kind, $item->key, lcfirst($item->name), $this->where($item, $end));
        });
    }

    /** As far as a hand sets it true. */
    public function placing(Item $item, ?End $end, string $edge = ''): Cause
    {
        return Cause::around(
            CauseKind::Placing, "$item->key $edge", lcfirst($item->name).('' === $edge ? '' : ", $edge"), $this->where($item, $end),
            $item->hand,
        );
    }

    /** An end is said only where there are two of it. */
    private function where(Item $item, ?End $end): Where
    {
        return Where::of(Side::EachEnd === $item->side && isset($this->assembly->cables[1]) ? $end : null, null);
    }

    private static function stated(Length $diameter, ?Range $window): Toleranced
    {
        $zero = Length::ofNanometres(0);
        $below = null === $window?->min ? $zero : $diameter->minus($window->min);
        $above = null === $window?->max ? $zero : $window->max->minus($diameter);

        return Toleranced::of($diameter, Tolerance::of(Length::largest($zero, $below), Length::largest($zero, $above)));
    }

    private static function locus(Toleranced $length, CauseKind $kind, string $thing, string $of, Where $where): Locus
    {
        return Locus::moved($length->value, $length->cause($kind, $thing, $of, $where));
    }

    /**
     * @param list<string>      $path
     * @param \Closure(): Locus $make
     */
    private function known(array $path, \Closure $make): Locus
    {
        return $this->once($path, $make) ?? throw new \LogicException('it is always known');
    }

    /**
     * @param list<string>       $path
     * @param \Closure(): ?Locus $make
     */
    private function once(array $path, \Closure $make): ?Locus
    {
        $key = implode(' ', $path);

        return \array_key_exists($key, $this->made) ? $this->made[$key] : $this->made[$key] = $make();
    }
}
