<?php

declare(strict_types=1);

namespace Berm\Core\File;

use Berm\Core\Cable\Construction;
use Berm\Core\Cable\InsulationMaterial;
use Berm\Core\Cable\LayerKind;
use Berm\Core\Cable\MetallicScreen;
use Berm\Core\Cable\SheathMaterial;
use Berm\Core\Conductor\ConductorMaterial;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Rounding;

/**
 * Cables as a utility's asset system hands them over: RDF/XML with the cable classes of IEC 61968-11.
 *
 * Names of classes, attributes and enumerations from memory of the standard. Its lengths are metres. It has no rated voltage for a cable
 * type, so the voltage is asked for, or taken from the extension that Berm writes.
 */
final class CimFile
{
    private const RDF = 'http://www.w3.org/1999/02/22-rdf-syntax-ns#';
    private const CIM = 'http://iec.ch/TC57/2013/CIM-schema-cim16#';
    /** Of our own, for what the standard has no attribute for. */
    private const EXTENSION = 'urn:berm:cable:1#';
    private const CLASSES = ['ConcentricNeutralCableInfo', 'TapeShieldCableInfo', 'CableInfo'];
    private const MATERIALS = ['copper' => 'copper', 'aluminum' => 'aluminium', 'aluminium' => 'aluminium'];
    private const SHAPES = [
        'compacted' => 'compacted', 'compressed' => 'compressed', 'sector' => 'sector', 'solid' => 'solid', 'stranded' => 'stranded',
    ];
    private const INSULATIONS = [
        'crosslinkedPolyethylene' => 'xlpe', 'treeRetardantCrosslinkedPolyethylene' => 'tr-xlpe', 'highModulusEPR' => 'epr',
        'ozoneResistantRubber' => 'epr', 'oilPaper' => 'paper',
        'beltedPilc' => 'paper', 'unbeltedPilc' => 'paper', 'varnishedCambricCloth' => 'varnished-cambric',
    ];
    private const JACKETS = [
        'pvc' => 'pvc', 'polyethylene' => 'pe', 'linearLowDensityPolyethylene' => 'pe', 'insulating' => 'pe', 'semiconducting' => 'pe',
    ];
    /** Attribute => layer that it gives the diameter over. */
    private const DIAMETERS = [
        'CableInfo.diameterOverCore' => 'conductor-screen', 'CableInfo.diameterOverInsulation' => 'insulation',
        'CableInfo.diameterOverScreen' => 'insulation-screen',
        'ConcentricNeutralCableInfo.diameterOverNeutral' => 'metallic-screen', 'CableInfo.diameterOverJacket' => 'oversheath',
    ];

    /** @param string|null $ratedVoltage for cables that do not carry the extension */
    public static function read(string $xml, ?string $ratedVoltage): CableImport
    {
        $document = self::document($xml);
        if (null === $document?->documentElement) {
            return CableImport::unreadable(
                'is not RDF/XML that can be read: send the export of the asset system as it is, without a document type.',
            );
        }
        [$cables, $problems, $skipped, $place] = [[], [], [], 0];
        // From sibling to sibling: a list of children is counted through anew for every one of them.
        for ($node = $document->documentElement->firstElementChild; null !== $node; $node = $node->nextElementSibling) {
            if (!\in_array($node->localName, self::CLASSES, true)) {
                $skipped[] = (string) $node->localName;
                continue;
            }
            ++$place;
            try {
                $cables[] = Fields::read(self::json(self::attributes($node), $node, $ratedVoltage), CableTypeFile::read(...));
            } catch (BadDocument $error) {
                array_push(
                    $problems,
                    ...array_map(
                        static fn (Problem $problem): ImportProblem => new ImportProblem(
                            $place, self::attributeOf($problem->path), $problem->message,
                        ),
                        $error->problems,
                    ),
                );
            }
        }
        $listed = array_map(
            static fn (string $class, int $count): string => "$class ($count)",
            array_keys(array_count_values($skipped)),
            array_count_values($skipped),
        );

        return new CableImport($cables, $problems, $listed);
    }

    /** @param iterable<Construction> $cables */
    public static function write(iterable $cables): string
    {
        $xml = new \XMLWriter();
        $xml->openMemory();
        $xml->setIndent(true);
        $xml->startDocument('1.0', 'UTF-8');
        $xml->startElement('rdf:RDF');
        foreach (['rdf' => self::RDF, 'cim' => self::CIM, 'berm' => self::EXTENSION] as $prefix => $namespace) {
            $xml->writeAttribute("xmlns:$prefix", $namespace);
        }
        foreach ($cables as $cable) {
            self::element($xml, $cable);
        }
        $xml->endDocument();

        return $xml->outputMemory();
    }

    /** Null for what is not XML, and for a document type, which a cable list has no need of and an attacker has. */
    private static function document(string $xml): ?\DOMDocument
    {
        $document = new \DOMDocument();
        $before = libxml_use_internal_errors(true);
        $isRead = '' !== trim($xml) && $document->loadXML($xml, \LIBXML_NONET);
        libxml_clear_errors();
        libxml_use_internal_errors($before);

        return $isRead && null === $document->doctype ? $document : null;
    }

    /** @return array<string, string> by local name; a reference counts with what stands after its last "." or "#" */
    private static function attributes(\DOMElement $element): array
    {
        $attributes = [];
        for ($node = $element->firstElementChild; null !== $node; $node = $node->nextElementSibling) {
            $resource = $node->getAttributeNS(self::RDF, 'resource');
            $attributes[(string) $node->localName] = '' === $resource
                ? trim($node->textContent)
                : (string) preg_replace('/\A.*[.#]/s', '', $resource);
        }

        return $attributes;
    }

    /**
     * @param array<string, string> $has
     *
     * @return array<string, mixed>
     */
    private static function json(array $has, \DOMElement $element, ?string $ratedVoltage): array
    {
        $name = $has['IdentifiedObject.name'] ?? '';
        $id = $element->getAttributeNS(self::RDF, 'ID').$element->getAttributeNS(self::RDF, 'about');
        $kind = $has['WireInfo.insulationMaterial'] ?? '';
        $insulation = self::INSULATIONS[$kind] ?? $kind;
        $isBelted = 'beltedPilc' === $kind;

        return array_filter([
            'id' => self::slug('' === $id ? $name : $id), 'revision' => (int) ($has['revision'] ?? 1),
            'designation' => '' === $name ? $id : $name, 'standard' => 'IEC 61968-11 asset file',
            'ratedVoltage' => $has['ratedVoltage'] ?? $ratedVoltage,
            'insulationLevel' => isset($has['insulationLevel']) ? (int) $has['insulationLevel'] : null,
            'cores' => isset($has['cores']) ? (int) $has['cores'] : ($isBelted ? 3 : 1),
            'conductor' => [
                'material' => self::MATERIALS[$has['WireInfo.material'] ?? ''] ?? $has['WireInfo.material'] ?? '',
                'shape' => self::SHAPES[$has['CableInfo.constructionKind'] ?? ''] ?? $has['CableInfo.constructionKind'] ?? '',
                'size' => $has['WireInfo.sizeDescription'] ?? '',
            ],
            'insulation' => $insulation,
            'insulationScreen' => $isBelted ? 'none' : ('paper' === $insulation ? 'metallised-paper' : null),
            'metallicScreen' => self::screen($element->localName, $has, $insulation),
            'screenWires' => self::wires($has),
            'oversheath' => self::JACKETS[$has['CableInfo.outerJacketKind'] ?? ''] ?? $has['CableInfo.outerJacketKind'] ?? '',
            'layers' => self::layers($has),
        ], static fn (mixed $value): bool => null !== $value);
    }

    /** @param array<string, string> $has */
    private static function screen(?string $class, array $has, string $insulation): string
    {
        return match (true) {
            'lead' === ($has['CableInfo.shieldMaterial'] ?? '') || \in_array(
                $insulation, ['paper', 'varnished-cambric'], true,
            ) => 'lead-sheath',
            'ConcentricNeutralCableInfo' === $class => 'concentric-neutral',
            'TapeShieldCableInfo' === $class => 'copper-tape',
            default => 'copper-wire',
        };
    }

    /**
     * @param array<string, string> $has
     *
     * @return array<string, mixed>|null
     */
    private static function wires(array $has): ?array
    {
        $count = $has['ConcentricNeutralCableInfo.neutralStrandCount'] ?? null;
        $radius = $has['ConcentricNeutralCableInfo.neutralStrandRadius'] ?? null;

        return null === $count || null === $radius ? null : [
            'count' => is_numeric($count) ? (int) $count : $count, 'diameter' => self::metres($radius, 2),
        ];
    }

    /**
     * @param array<string, string> $has
     *
     * @return list<array<string, string>>
     */
    private static function layers(array $has): array
    {
        $layers = isset($has['WireInfo.radius']) ? [[
            'layer' => 'conductor', 'diameter' => self::metres($has['WireInfo.radius'], 2), 'source' => 'WireInfo.radius',
        ]] : [];
        foreach (self::DIAMETERS as $attribute => $layer) {
            if (isset($has[$attribute])) {
                $layers[] = ['layer' => $layer, 'diameter' => self::metres($has[$attribute], 1), 'source' => $attribute];
            }
        }

        return $layers;
    }

    /** The standard's metres as the text of a length; what is no number goes on as it is, to be refused by its own name. */
    private static function metres(string $text, int $times): string
    {
        return is_numeric($text) ? Length::nearestToMillimetres(1000 * $times * (float) $text)->toText() : $text;
    }

    private static function slug(string $text): string
    {
        return substr(trim((string) preg_replace('/[^a-z0-9]+/', '-', strtolower($text)), '-'), 0, 80);
    }

    private static function attributeOf(string $path): string
    {
        return match (true) {
            'conductor.material' === $path => 'WireInfo.material',
            'conductor.shape' === $path => 'CableInfo.constructionKind',
            'conductor.size' === $path => 'WireInfo.sizeDescription',
            'insulation' === $path => 'WireInfo.insulationMaterial',
            'oversheath' === $path => 'CableInfo.outerJacketKind',
            'designation' === $path => 'IdentifiedObject.name',
            str_starts_with($path, 'screenWires') => 'ConcentricNeutralCableInfo.neutralStrandCount, neutralStrandRadius',
            str_starts_with($path, 'layers') => 'CableInfo.diameterOver…',
            default => $path,
        };
    }

    private static function element(\XMLWriter $xml, Construction $cable): void
    {
        $design = $cable->design;
        $class = match (true) {
            $design->metallicScreen->hasWires() => 'ConcentricNeutralCableInfo',
            MetallicScreen::CopperTape === $design->metallicScreen => 'TapeShieldCableInfo',
            default => 'CableInfo',
        };
        $xml->startElement("cim:$class");
        $xml->writeAttribute('rdf:ID', $cable->revision->id);
        $metres = static fn (?Length $length, int $parts = 1): ?string => null === $length ? null : rtrim(
            rtrim(\sprintf('%.10F', $length->nanometres / 1e9 / $parts), '0'), '.',
        );
        $texts = [
            'IdentifiedObject.name' => $cable->designation, 'WireInfo.sizeDescription' => $design->conductor->size->label,
            'WireInfo.radius' => $metres($cable->diameterOver(LayerKind::Conductor), 2),
            'WireInfo.insulated' => 'true', 'WireInfo.insulationThickness' => $metres(self::thickness($cable)),
            ...array_map(static fn (string $layer): ?string => $metres($cable->diameterOver(LayerKind::from($layer))), self::DIAMETERS),
            'ConcentricNeutralCableInfo.neutralStrandCount' => null === $design->wires ? null : (string) $design->wires->count,
            'ConcentricNeutralCableInfo.neutralStrandRadius' => $metres($design->wires?->diameter, 2),
        ];
        foreach ($texts as $name => $text) {
            if (null !== $text && (str_starts_with($name, $class) || !str_starts_with($name, 'ConcentricNeutral'))) {
                $xml->writeElement("cim:$name", $text);
            }
        }
        foreach (self::references($cable) as $name => $value) {
            $xml->startElement("cim:$name");
            $xml->writeAttribute('rdf:resource', self::CIM.$value);
            $xml->endElement();
        }
        $ours = [
            'revision' => (string) $cable->revision->number, 'ratedVoltage' => $design->voltage->label,
            'insulationLevel' => null === $design->level ? null : (string) $design->level->value, 'cores' => (string) $design->cores->value,
        ];
        foreach ($ours as $name => $text) {
            if (null !== $text) {
                $xml->writeElement("berm:$name", $text);
            }
        }
        $xml->endElement();
    }

    private static function thickness(Construction $cable): ?Length
    {
        $under = $cable->diameterOver(LayerKind::ConductorScreen) ?? $cable->diameterOver(LayerKind::Conductor);

        return null === $under ? null : $cable->diameterOver(LayerKind::Insulation)?->minus($under)->dividedBy(2, Rounding::Nearest);
    }

    /** @return array<string, string> */
    private static function references(Construction $cable): array
    {
        $design = $cable->design;
        $insulation = match (true) {
            $design->isBelted() => 'beltedPilc',
            InsulationMaterial::Paper === $design->insulation => 'unbeltedPilc',
            default => (string) array_search($design->insulation->value, self::INSULATIONS, true),
        };

        return [
            'WireInfo.material' => 'WireMaterialKind.'.(ConductorMaterial::Copper === $design->conductor->material ? 'copper' : 'aluminum'),
            'WireInfo.insulationMaterial' => 'WireInsulationKind.'.$insulation,
            'CableInfo.constructionKind' => 'CableConstructionKind.'.$design->conductor->shape->value,
            'CableInfo.outerJacketKind' => 'CableOuterJacketKind.'.(SheathMaterial::Pvc === $design->sheath ? 'pvc' : 'polyethylene'),
            'CableInfo.shieldMaterial' => 'CableShieldMaterialKind.'
                .(MetallicScreen::LeadSheath === $design->metallicScreen ? 'lead' : 'copper'),
        ];
    }
}
