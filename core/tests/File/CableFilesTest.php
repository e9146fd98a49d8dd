<?php

declare(strict_types=1);

namespace Berm\Core\Tests\File;

use Berm\Core\Cable\Construction;
use Berm\Core\Cable\Layer;
use Berm\Core\Cable\LayerKind;
use Berm\Core\Cable\Standard\Library;
use Berm\Core\File\CableImport;
use Berm\Core\File\CableTableFile;
use Berm\Core\File\CableTypeFile;
use Berm\Core\File\CimFile;
use Berm\Core\File\Fields;
use Berm\Core\File\ImportProblem;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

final class CableFilesTest extends TestCase
{
    #[Test]
    public function everyShippedCableComesBackFromJsonAndFromATableAsItWas(): void
    {
        $cables = [...Library::shipped()];
        foreach ($cables as $cable) {
            self::assertEquals(
                $cable,
                Fields::read(json_decode(json_encode(CableTypeFile::write($cable), \JSON_THROW_ON_ERROR), true), CableTypeFile::read(...)),
                $cable->designation,
            );
        }
        $import = CableTableFile::read(CableTableFile::write($cables));
        self::assertSame([[], \count($cables)], [$import->problems, \count($import->cables)]);
        foreach ($cables as $i => $cable) {
            self::assertEquals($cable->design, $import->cables[$i]->design, $cable->designation);
            self::assertSame(self::diameters($cable), self::diameters($import->cables[$i]), $cable->designation);
        }
    }

    #[Test]
    public function aTableNamesRowAndColumnOfEachFaultAndKeepsTheGoodRows(): void
    {
        $text = "id;designation;ratedVoltage;conductorMaterial;conductorShape;conductorSize;insulation;metallicScreen;oversheath;over-insulation\r\n"
            ."a;First;15 kV;copper;compressed;4/0;xlpe;copper-tape;pvc;23,1 mm\r\n"
            ."b;\"Second; quoted\";15 kV;tin;compressed;4/0;xlpe;copper-tape;pvc;23.1\r\n"
            ."c;Third;15 kV\r\n";
        $import = CableTableFile::read("\u{FEFF}".$text);
        self::assertSame(['First'], array_map(static fn (Construction $cable): string => $cable->designation, $import->cables));
        self::assertSame([
            [3, 'conductorMaterial', 'must be one of "copper", "aluminium".'],
            [3, 'over-insulation', '"23.1" has no unit: write 23.1 mm or 23.1 in.'],
            [4, '', 'has 3 cells where the heading has 10 columns: put a cell with a comma in quotes.'],
        ], self::problems($import));
    }

    #[Test]
    public function anInchMarkIsNoQuoteAndRowsAreCountedAsASpreadsheetDoes(): void
    {
        $import = CableTableFile::read("id,designation,ratedVoltage,conductorMaterial,conductorShape,conductorSize,insulation,metallicScreen,oversheath,over-insulation\n"
            ."a,First,15 kV,copper,compressed,4/0,xlpe,copper-tape,pvc,0.91\"\n"
            .",,,,,,,,,\n"
            ."\n"
            ."b,Second,15 kV,tin,compressed,4/0,xlpe,copper-tape,pvc,0.91 in\n"
            ."c,\"Third, of \"\"two\n lines\"\"\",15 kV,copper,compressed,4/0,xlpe,copper-tape,pvc,0.91 in\n");
        self::assertSame(
            ['First', "Third, of \"two\n lines\""],
            array_map(static fn (Construction $cable): string => $cable->designation, $import->cables),
        );
        self::assertSame('23.114 mm', $import->cables[0]->diameterOver(LayerKind::Insulation)?->toText(), '0.91 in by its definition');
        self::assertSame([[5, 'conductorMaterial', 'must be one of "copper", "aluminium".']], self::problems($import));
    }

    #[Test]
    public function aWrongHeadingIsNamedWithTheColumnThatWasMeant(): void
    {
        $problems = self::problems(
            CableTableFile::read(
                "id,designation,voltage,conductorMaterial,conductorShape,conductorSize,insulation,metallicScreen,oversheath,id\n",
            ),
        );
        self::assertContains([1, 'voltage', 'is not a column known here: name it ratedVoltage, or take it out.'], $problems);
        self::assertContains([1, 'ratedVoltage', 'is missing: add this column.'], $problems);
        self::assertContains([1, 'id', 'stands twice: keep one of them.'], $problems);
        self::assertSame(1, CableTableFile::read("\xff\xfe")->problems[0]->row);
    }

    #[Test]
    public function anAssetFileComesBackWithWhatItsClassesCanSay(): void
    {
        $cables = array_values(array_filter(
            [...Library::shipped()],
            static fn (Construction $cable): bool => \in_array(
                $cable->revision->id,
                ['icea-1-0-al-15-133', 'icea-4-0-al-15-100-tr-xlpe-concentric-neutral-11-163', 'lead-1x95-cu-12'],
                true,
            ),
        ));
        self::assertCount(3, $cables);
        $import = CimFile::read(CimFile::write($cables), null);
        self::assertSame([], $import->problems);
        foreach ($import->cables as $i => $read) {
            self::assertSame(
                [$cables[$i]->designation, $cables[$i]->design->conductor->size->label],
                [$read->designation, $read->design->conductor->size->label],
            );
            self::assertEquals($cables[$i]->design->wires, $read->design->wires);
            $screens = [$cables[$i]->design->metallicScreen, $cables[$i]->design->insulationScreen];
            self::assertSame($screens, [$read->design->metallicScreen, $read->design->insulationScreen]);
            self::assertSame(
                $cables[$i]->diameterOver(LayerKind::Insulation)?->toText(), $read->diameterOver(LayerKind::Insulation)?->toText(),
            );
        }
    }

    #[Test]
    public function unknownClassesAreSkippedAndListedAndFaultsNameTheAttribute(): void
    {
        $cim = 'http://iec.ch/TC57/2013/CIM-schema-cim16#';
        $cable = static fn (string $id, string $insulation, string $radius): string => "<cim:TapeShieldCableInfo rdf:ID=\"$id\"><cim:IdentifiedObject.name>$id</cim:IdentifiedObject.name><cim:WireInfo.sizeDescription>1/0 AWG</cim:WireInfo.sizeDescription>"
            ."<cim:WireInfo.radius>$radius</cim:WireInfo.radius><cim:CableInfo.diameterOverInsulation>0.0213</cim:CableInfo.diameterOverInsulation><cim:WireInfo.material rdf:resource=\"{$cim}WireMaterialKind.aluminum\"/>"
            ."<cim:WireInfo.insulationMaterial rdf:resource=\"{$cim}WireInsulationKind.$insulation\"/><cim:CableInfo.constructionKind rdf:resource=\"{$cim}CableConstructionKind.compressed\"/><cim:CableInfo.outerJacketKind rdf:resource=\"{$cim}CableOuterJacketKind.pvc\"/></cim:TapeShieldCableInfo>";
        $xml = "<rdf:RDF xmlns:rdf=\"http://www.w3.org/1999/02/22-rdf-syntax-ns#\" xmlns:cim=\"$cim\"><cim:OverheadWireInfo/><cim:OverheadWireInfo/><cim:ACLineSegment/>"
            .$cable('good', 'crosslinkedPolyethylene', '0.0046').$cable('gutta', 'guttaPercha', '0.0046').$cable(
                'worded', 'crosslinkedPolyethylene', 'thick',
            ).'</rdf:RDF>';
        $import = CimFile::read($xml, '15 kV');
        self::assertSame(['OverheadWireInfo (2)', 'ACLineSegment (1)'], $import->skipped);
        self::assertSame('9.2 mm', $import->cables[0]->diameterOver(LayerKind::Conductor)?->toText());
        self::assertSame(['good', 1], [$import->cables[0]->revision->id, $import->cables[0]->revision->number]);
        $renamed = CimFile::read(str_replace('IdentifiedObject.name>good', 'IdentifiedObject.name>Drum 7 (old)', $xml), '15 kV')->cables[0];
        self::assertSame(
            ['good', 'Drum 7 (old)'], [$renamed->revision->id, $renamed->designation], 'the id of the file, the name for people',
        );
        self::assertSame(
            [[2, 'WireInfo.insulationMaterial'], [3, 'CableInfo.diameterOver…']],
            array_map(static fn (array $problem): array => [$problem[0], $problem[1]], self::problems($import)),
        );
        self::assertSame('ratedVoltage', CimFile::read($xml, null)->problems[0]->column, 'the standard’s file has none: it is asked for');
    }

    /** @return iterable<string, array{string, string}> */
    public static function tooMuch(): iterable
    {
        yield 'a first line that names nothing' => [
            str_repeat('a', 2_000_000)."\n1", 'has a first line of more than 8000 signs, which names no columns.',
        ];
        yield 'a hundred thousand columns' => [
            implode(',', range(1, 100_000)), 'has a first line of more than 8000 signs, which names no columns.',
        ];
        yield 'two million rows' => ["id,designation\n".str_repeat("\n", 2_000_000), 'has more than 5000 rows: split it.'];
        yield 'rows that are not empty' => ["id,designation\n".str_repeat("a,b\n", 5001), 'has more than 5000 rows: split it.'];
    }

    /** Refused before it is taken apart: what somebody sends cannot keep others waiting. */
    #[Test]
    #[DataProvider('tooMuch')]
    public function aTableThatIsTooLargeIsRefusedEarly(string $text, string $message): void
    {
        $import = CableTableFile::read($text);
        self::assertSame([[1, '', $message]], self::problems($import));
    }

    /** A spreadsheet runs what begins like a formula; Berm writes it as a text and reads it again as it was. */
    #[Test]
    public function aCellThatASpreadsheetWouldRunIsAText(): void
    {
        foreach (['=1+1', '+1', '-1', '@SUM(A1)', '=HYPERLINK("x")'] as $designation) {
            $cable = Fields::read(
                [...CableTypeFile::write([...Library::shipped()][0]), 'designation' => $designation], CableTypeFile::read(...),
            );
            $table = CableTableFile::write([$cable]);
            self::assertStringNotContainsString(",$designation", $table);
            self::assertDoesNotMatchRegularExpression('/(^|,)"?[=+@-]/m', $table);
            self::assertSame($designation, CableTableFile::read($table)->cables[0]->designation);
        }
    }

    #[Test]
    public function onlySoManyFaultsAreListedAndTheOthersCounted(): void
    {
        $row = "x,,15 kV,tin,compressed,4/0,xlpe,copper-tape,pvc\n";
        $heading = "id,designation,ratedVoltage,conductorMaterial,conductorShape,conductorSize,insulation,metallicScreen,oversheath\n";
        $import = CableTableFile::read($heading.str_repeat($row, 4000));
        self::assertCount(201, $import->problems);
        self::assertSame([102, '', 'and 7,800 more from here on.'], self::problems($import)[200]);
    }

    #[Test]
    public function anAssetFileWithADocumentTypeIsRefused(): void
    {
        $attack = '<!DOCTYPE r [<!ENTITY x SYSTEM "file:///etc/hostname">]><r>&x;</r>';
        foreach ([$attack, 'not xml', ''] as $text) {
            self::assertStringContainsString('is not RDF/XML', CimFile::read($text, null)->problems[0]->message);
        }
    }

    /** @return list<array{int, string, string}> */
    private static function problems(CableImport $import): array
    {
        return array_map(
            static fn (ImportProblem $problem): array => [$problem->row, $problem->column, $problem->message], $import->problems,
        );
    }

    /** @return array<string, string> */
    private static function diameters(Construction $cable): array
    {
        return array_map(static fn (Layer $layer): string => $layer->diameter->toText(), $cable->layers);
    }
}
