<?php

declare(strict_types=1);

namespace App\Paper\Section;

use App\Paper\Paper;
use Berm\Core\Cable\End;
use Berm\Core\Job\Plan;
use Berm\Core\Kit\AccessoryFunction;
use Berm\Core\Section\CutPoint;
use Berm\Core\Wire\SectionJson;

/** The side of one end, or all of it, to scale along the axis, each cut by its number in the table below. */
final class HalfSection
{
    /** Of the bodies of all lanes together, in mm of paper. */
    private const TALL = 26.0;
    private const ROW = 3.4;

    /** @param End|null $end null: both */
    public static function draw(Paper $paper, Plan $plan, ?End $end): void
    {
        $section = SectionJson::of($plan);
        $isShown = static fn (CutPoint $cut): bool => null === $end || $cut->place->end === $end;
        $cuts = array_values(array_filter($plan->section->cuts ?? [], $isShown));
        if (null === $section || [] === $cuts) {
            return;
        }
        $described = DescribedSection::of($section);
        [$from, $to] = self::side($plan, $end, $described);
        $axis = new PaperAxis($paper->left(), $paper->wide() / ($to - $from), $from);
        $lanes = \array_slice($described->lanes(), 0, 2);
        foreach ($lanes as $i => $lane) {
            $tall = self::TALL / \count($lanes);
            $axisY = $paper->GetY() + $tall;
            $paper->StartTransform();
            $paper->Rect($paper->left(), $axisY - $tall - 1, $paper->wide(), $tall + 1.2, 'CNZ');
            (new BodyPencil($paper, $axis, $axisY, $tall / $lane->largest))->bodies($lane);
            $paper->StopTransform();
            $isOfLane = static fn (CutPoint $cut): bool => 1 === \count($lanes) || (null === $cut->place->core) === (0 === $i);
            self::numbers($paper, $axis, $axisY, array_values(array_filter($cuts, $isOfLane)), $plan);
        }
        $paper->Ln(1);
    }

    /** @return array{float, float} of the axis, in mm: from beyond the cable's last body to beyond the connector */
    private static function side(Plan $plan, ?End $end, DescribedSection $described): array
    {
        $connector = $plan->section->connector ?? throw new \LogicException('there is a section');
        [$low, $high] = [$connector->from->inMillimetres(), $connector->to->inMillimetres()];

        return match (true) {
            null === $end, AccessoryFunction::Joint !== $plan->job->function => [$described->from, $described->to],
            End::A === $end => [$described->from, $high + 10],
            default => [$low - 10, $described->to],
        };
    }

    /** @param list<CutPoint> $cuts */
    private static function numbers(Paper $paper, PaperAxis $axis, float $axisY, array $cuts, Plan $plan): void
    {
        $paper->face(8, 'B');
        $paper->setLineStyle(['width' => 0.3, 'dash' => 0, 'color' => [29, 33, 28]]);
        usort($cuts, static fn (CutPoint $one, CutPoint $other): int => $one->onAxis->nanometres <=> $other->onAxis->nanometres);
        $ends = [-\INF, -\INF, -\INF];
        foreach ($cuts as $cut) {
            $x = $axis->x($cut->onAxis->inMillimetres());
            $mark = $plan->markOut?->mark($cut->place->end, $cut->place->cut, $cut->place->core);
            $row = $ends[0] <= $x - 2 ? 0 : ($ends[1] <= $x - 2 ? 1 : 2);
            $ends[$row] = $x + 2.5;
            $y = $axisY + 1 + self::ROW * $row;
            $paper->Line($x, $axisY, $x, $y + 0.4);
            $paper->MultiCell(6, self::ROW, (string) ($mark->order ?? ''), 0, 'C', false, 1, $x - 3, $y);
        }
        $rows = \count(array_filter($ends, is_finite(...)));
        $paper->setY($axisY + 1 + self::ROW * max(1, $rows));
    }
}
