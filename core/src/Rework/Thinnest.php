<?php

declare(strict_types=1);

namespace Berm\Core\Rework;

use Berm\Core\Job\Plan;
use Berm\Core\Saying\Sentence;
use Berm\Core\Section\Ruling;

/** Of a plan's rules, the one that holds by least, and the one that does not. */
final class Thinnest
{
    /** At the worst; null where there is none. */
    public static function of(Plan $plan): ?Ruling
    {
        $thinnest = null;
        foreach ($plan->rulings as $ruling) {
            $isThinner = $ruling->isBinding && (null === $thinnest || $ruling->margin->worst->isLessThan($thinnest->margin->worst));
            $thinnest = $isThinner ? $ruling : $thinnest;
        }

        return $thinnest;
    }

    /** Why no accessory comes of it; null: every rule holds, or most likely will. */
    public static function broken(Plan $plan): ?Sentence
    {
        foreach ($plan->rulings as $ruling) {
            if ($ruling->needsEngineer() && null === $plan->build->acceptanceOf($ruling)) {
                return $ruling->isShort() ? $ruling->reason() : $ruling->withWorst();
            }
        }

        return $plan->problem ?? self::unfit($plan) ?? self::outOfCheck($plan);
    }

    /** A cut that was made, and that would lie too far once what it is laid from lies elsewhere: nobody puts it back. */
    public static function tooFar(Plan $plan): ?Sentence
    {
        foreach ($plan->markOut?->all() ?? [] as $mark) {
            $judgement = $plan->build->judgementOf($mark);
            $most = $mark->window()->max;
            if (null !== $most && true === $judgement?->isTooLong() && null === $plan->build->acceptance($mark)) {
                return Sentence::of('{cut} is made already, at {is:fine}; at most {most:fine} would be asked for.', [
                    'cut' => Sentence::plain($mark->place->inWords())->capitalised(), 'is' => $judgement->value, 'most' => $most,
                ]);
            }
        }

        return null;
    }

    /** A length that is still to be measured, and would be outside of what its check asks for. */
    private static function outOfCheck(Plan $plan): ?Sentence
    {
        foreach ($plan->progress?->tasks() ?? [] as $task) {
            $is = null === $task->verdict ? $task->possible?->length->nominal : null;
            if (null !== $is && null !== $task->window && null !== $task->limits && !$task->window->contains($is)) {
                return Sentence::of('{check}: it would be {is:fine}, and {limits} is asked for.', [
                    'check' => $task->title, 'is' => $is, 'limits' => $task->limits,
                ]);
            }
        }

        return null;
    }

    private static function unfit(Plan $plan): ?Sentence
    {
        foreach ([$plan->wholeKitFit(), $plan->connectorFit] as $fit) {
            $worst = null !== $fit && !$fit->outcome()->lets() ? $fit->worst() : null;
            if (null !== $worst) {
                return $worst->reason;
            }
        }

        return null;
    }
}
