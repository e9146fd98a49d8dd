<?php

declare(strict_types=1);

namespace Berm\Core\Fit;

use Berm\Core\Cable\CableEnd;
use Berm\Core\Conductor\ConductorShape;
use Berm\Core\Connector\CentreStop;
use Berm\Core\Connector\Connector;
use Berm\Core\Connector\ConnectorKind;
use Berm\Core\Kit\AccessoryFunction;
use Berm\Core\Saying\Sentence;

/** The kinds of accessory and conductor that a connector is for: all that it asks apart from what its barrels take. */
final readonly class ConnectorKinds
{
    /**
     * @param list<ConductorShape> $shapes
     */
    private function __construct(public ConnectorKind $kind, public array $shapes, public CentreStop $stop)
    {
    }

    public static function of(Connector $connector): self
    {
        return new self($connector->kind, $connector->specification->shapes, $connector->specification->stop);
    }

    /**
     * @param list<CableEnd> $cables
     *
     * @return list<Finding>
     */
    public function judge(AccessoryFunction $wanted, array $cables): array
    {
        $findings = [$this->function($wanted), ...EndsFit::judge($wanted, $cables)];
        foreach ($cables as $cable) {
            $findings = [...$findings, $this->shape($cable)];
        }

        return [...$findings, ...$this->stop($cables)];
    }

    private function function(AccessoryFunction $wanted): Finding
    {
        $needed = $wanted->connectorKind();
        $values = ['needed' => $needed->label(), 'is' => $this->kind->label()];

        return $needed === $this->kind
            ? Finding::fits(
                Criterion::ConnectorKind, null, Sentence::of("A [{$wanted->value}] needs a {needed}, and this is one.", $values),
            )
            : Finding::refused(
                Criterion::ConnectorKind, null, Sentence::of("A [{$wanted->value}] needs a {needed}; this is a {is}.", $values),
            );
    }

    private function shape(CableEnd $cable): Finding
    {
        $shape = $cable->construction->design->conductor->shape;

        return \in_array($shape, $this->shapes, true)
            ? Finding::fits(Criterion::ConnectorShape, $cable->end, Sentence::plain("Takes {$shape->value} conductors."))
            : Finding::refused(
                Criterion::ConnectorShape, $cable->end, Sentence::plain("The conductor is {$shape->value}; this is not made for that."),
            );
    }

    /**
     * Oil must not pass from a paper cable into a polymeric one (common practice).
     *
     * @param list<CableEnd> $cables
     *
     * @return list<Finding>
     */
    private function stop(array $cables): array
    {
        $kinds = array_unique(array_map(
            static fn (CableEnd $cable): string => $cable->construction->design->insulation->isExtruded() ? 'polymeric' : 'paper', $cables,
        ));
        if (ConnectorKind::Joint !== $this->kind || \count($kinds) < 2) {
            return [];
        }

        return [CentreStop::Solid === $this->stop
            ? Finding::fits(Criterion::ConnectorStop, null, Sentence::plain('A solid stop keeps the oil on the paper side.'))
            : Finding::refused(
                Criterion::ConnectorStop,
                null,
                Sentence::plain('Paper to polymeric needs a solid stop, so that no oil passes; this has none.'),
            )];
    }
}
