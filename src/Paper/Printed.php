<?php

declare(strict_types=1);

namespace App\Paper;

final class Printed
{
    /** @param string $code by which the record is found, for a label */
    public static function of(Kind $kind, Occasion $of, Asked $asked, string $code): string
    {
        return match ($kind) {
            Kind::Card => CardPdf::of($of, $asked),
            Kind::Template => TemplatePdf::of($of, $asked),
            Kind::Stages => StagePdf::of($of, $asked),
            Kind::Labels => LabelPdf::of($of, $asked, $code),
        };
    }
}
