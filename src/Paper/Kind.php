<?php

declare(strict_types=1);

namespace App\Paper;

/** The papers of a job beside its record. */
enum Kind: string
{
    case Card = 'card';
    case Template = 'template';
    case Stages = 'stages';
    case Labels = 'labels';
}
