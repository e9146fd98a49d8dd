<?php

declare(strict_types=1);

namespace Berm\Core\Build;

use Berm\Core\Formula\Values;
use Berm\Core\Kit\Check;
use Berm\Core\Kit\CheckKind;
use Berm\Core\Quantity\Judgement;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Range;
use Berm\Core\Quantity\Reading;
use Berm\Core\Quantity\Torque;

/** Holds the answer to a check against its limits. */
final class CheckJudge
{
    /** Does the answer answer that kind of question? */
    public static function isAnswer(Check $check, CheckMade $made): bool
    {
        return match ($check->kind) {
            CheckKind::Seen => \is_bool($made->answer),
            CheckKind::Length => $made->answer instanceof Reading,
            CheckKind::Count => \is_int($made->answer),
            CheckKind::Torque => $made->answer instanceof Torque,
            CheckKind::Wait => null === $made->answer,
            CheckKind::Note => \is_string($made->answer),
        };
    }

    /**
     * @param Values                  $values of the end that the check was made on
     * @param \DateTimeImmutable|null $since  when the stage that a wait is counted from was finished
     *
     * @throws \Berm\Core\CoreError when a limit cannot be worked out
     */
    public static function judge(Check $check, CheckMade $made, \DateTimeImmutable $at, Values $values, ?\DateTimeImmutable $since): CheckVerdict
    {
        $answer = $made->answer;

        return match (true) {
            $answer instanceof Reading => CheckVerdict::ofLength(Judgement::ofReading($answer, self::window($check, $values))),
            $answer instanceof Torque => CheckVerdict::of(self::isWithin($check, $answer->newtonMetres()), $answer->inBothUnits().'.'),
            \is_int($answer) => CheckVerdict::of(self::isWithin($check, (float) $answer), "$answer."),
            \is_bool($answer) => CheckVerdict::of($answer, $answer ? 'Yes.' : 'No.'),
            \is_string($answer) => CheckVerdict::of(true, $answer),
            default => self::ofWait($check, $at, $since),
        };
    }

    /** @throws \Berm\Core\CoreError */
    public static function window(Check $check, Values $values): Range
    {
        $min = $check->min?->length($values);
        $max = $check->max?->length($values);

        return match (true) {
            null !== $min && null !== $max => Range::between($min, $max),
            null !== $max => Range::atMost($max),
            default => Range::atLeast($min ?? Length::ofNanometres(0)),
        };
    }

    private static function isWithin(Check $check, float $value): bool
    {
        return (null === $check->least || $value >= $check->least - 1e-6) && (null === $check->most || $value <= $check->most + 1e-6);
    }

    private static function ofWait(Check $check, \DateTimeImmutable $at, ?\DateTimeImmutable $since): CheckVerdict
    {
        $seconds = null === $since ? 0 : $at->getTimestamp() - $since->getTimestamp();

        return CheckVerdict::of(self::isWithin($check, (float) $seconds), $seconds < 120 ? "$seconds s." : round($seconds / 60, 1).' min.');
    }
}
