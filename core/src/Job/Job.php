<?php

declare(strict_types=1);

namespace Berm\Core\Job;

use Berm\Core\Assembly\RuleValues;
use Berm\Core\Build\Pins;
use Berm\Core\Cable\CableEnd;
use Berm\Core\Cable\End;
use Berm\Core\Cable\LayerKind;
use Berm\Core\Connector\Connector;
use Berm\Core\Formula\Values;
use Berm\Core\Kit\AccessoryFunction;
use Berm\Core\Kit\KitSheet;
use Berm\Core\Kit\KitSize;
use Berm\Core\Kit\PhaseChecks;
use Berm\Core\Kit\Safeguards;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Site\Site;

/** What has been chosen and measured so far for one accessory. */
final readonly class Job
{
    /**
     * @param array<string, CableEnd>      $cables by End value; an end whose cable is not chosen yet is absent
     * @param array<string, string|Length> $said   what the sheet asks of the job, by its key, as far as somebody has said it
     */
    public function __construct(
        public string $name,
        public AccessoryFunction $function,
        /** What the people on the job measure in. */
        public LengthUnit $unit,
        public array $cables,
        public ?KitSheet $sheet,
        public ?KitSize $size,
        public ?Connector $connector,
        public Site $site,
        public array $said = [],
        /** Why the revision of the sheet was withdrawn; null: it holds. */
        public ?string $withdrawn = null,
    ) {
    }

    /** @return non-empty-list<CableEnd>|null null while a cable is missing */
    public function allCables(): ?array
    {
        $cables = [];
        foreach ($this->function->ends() as $end) {
            $cable = $this->cables[$end->value] ?? null;
            if (null === $cable) {
                return null;
            }
            $cables[] = $cable;
        }

        return $cables;
    }

    public function pins(): Pins
    {
        return Pins::of($this->sheet?->revision, $this->size->label ?? '', $this->connector?->revision);
    }

    /** Its sides matched to the conductors, as far as the cables are known. */
    public function turnedConnector(): ?Connector
    {
        return $this->connector?->turnedTo(array_values($this->cables));
    }

    /** Without the parts and stages whose condition does not hold on this job. */
    public function applyingSheet(): ?KitSheet
    {
        $first = $this->cables[End::A->value] ?? null;
        if (null === $first || null === $this->size) {
            return $this->sheet;
        }
        $other = $this->cables[End::B->value] ?? null;
        $values = fn (CableEnd $cable, ?CableEnd $other): Values => RuleValues::of(
            $cable, $this->size->dimensions, $this->turnedConnector(), $this->site, $other,
        )->withAll($this->sheet?->said($this->said) ?? []);

        $sheet = $this->sheet?->applyingTo($values($first, $other), null === $other ? null : $values($other, $first));

        return null === $sheet ? null : PhaseChecks::into(Safeguards::into($sheet, $this->site->place, $this->hasLead()));
    }

    private function hasLead(): bool
    {
        $leads = array_filter($this->cables, static fn (CableEnd $cable): bool => $cable->construction->design->has(LayerKind::LeadSheath));

        return [] !== $leads;
    }

    public function withConnector(?Connector $connector): self
    {
        return new self(
            $this->name, $this->function, $this->unit, $this->cables, $this->sheet, $this->size, $connector, $this->site, $this->said,
            $this->withdrawn,
        );
    }

    public function withKit(KitSheet $sheet, KitSize $size): self
    {
        return new self(
            $this->name, $this->function, $this->unit, $this->cables, $sheet, $size, $this->connector, $this->site, $this->said,
        );
    }
}
