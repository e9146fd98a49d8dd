<?php

declare(strict_types=1);

namespace App\Http\Wire;

use App\UseCase\BoxNotFound;
use App\UseCase\BoxRefused;
use App\UseCase\BoxTaken;
use App\UseCase\ChangedMeanwhile;
use App\UseCase\DraftNotFound;
use App\UseCase\EntryIdTaken;
use App\UseCase\EntryRefused;
use App\UseCase\IdTaken;
use App\UseCase\JobNotFound;
use App\UseCase\NoSuchTool;
use App\UseCase\NotTheirs;
use App\UseCase\PictureNotFound;
use App\UseCase\PlanConflict;
use App\UseCase\PlanDraftFile;
use App\UseCase\PlannedJob;
use App\UseCase\SheetExists;
use App\UseCase\SheetNotFound;
use App\UseCase\ToolNotFound;
use Berm\Core\CoreError;
use Berm\Core\File\BadDocument;
use Berm\Core\File\Problem;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Saying\Reader;
use Berm\Core\Saying\Sentence;
use Berm\Core\Wire\SentenceJson;

/** Why something was not done, as a problem document (RFC 9457): a sentence that says what to do. */
final class ProblemJson
{
    private const TITLES = [
        400 => 'Not understood',
        401 => 'Not signed in',
        403 => 'Not allowed',
        404 => 'Not found',
        405 => 'Not this way',
        409 => 'In the way',
        413 => 'Too large',
        415 => 'Of another type',
        422 => 'Cannot be used',
        428 => 'Version missing',
        429 => 'Too many tries',
        500 => 'Something went wrong',
        503 => 'Not there now',
    ];

    /**
     * @param array<string, mixed> $more
     *
     * @return array{status: int, ...}
     */
    public static function of(int $status, string $type, string $detail, array $more = []): array
    {
        $title = self::TITLES[$status] ?? 'Cannot be answered';

        return ['type' => "/problems/$type", 'title' => $title, 'status' => $status, 'detail' => $detail] + $more;
    }

    /** @return array{status: int, ...}|null null of what is no refusal of a use case */
    public static function ofRefusal(\Throwable $error): ?array
    {
        return match (true) {
            $error instanceof BadDocument => self::badDocument($error),
            $error instanceof EntryRefused, $error instanceof BoxRefused => self::refused($error->reason),
            $error instanceof EntryIdTaken, $error instanceof SheetExists, $error instanceof IdTaken, $error instanceof ChangedMeanwhile,
            $error instanceof BoxTaken => self::of(409, 'taken', $error->getMessage()),
            $error instanceof NotTheirs => self::of(403, 'not-theirs', $error->getMessage()),
            $error instanceof JobNotFound, $error instanceof SheetNotFound, $error instanceof DraftNotFound, $error instanceof BoxNotFound,
            $error instanceof ToolNotFound, $error instanceof PictureNotFound,
            $error instanceof NoSuchTool => self::of(404, 'not-found', $error->getMessage()),
            $error instanceof CoreError => self::of(422, 'bad-document', $error->getMessage()),
            default => null,
        };
    }

    /** @return array{status: int, ...} */
    public static function ofConflict(PlanConflict $conflict, PlannedJob $theirs): array
    {
        return self::of(409, 'plan-conflict', $conflict->getMessage(), [
            'theirs' => JobJson::of($theirs), 'yours' => PlanDraftFile::write($conflict->yours),
        ]);
    }

    /** @return array{status: int, ...} */
    public static function notAllowed(): array
    {
        return self::of(403, 'not-allowed', 'Your role does not allow this. Ask somebody whose role does.');
    }

    /** @return array{status: int, ...} */
    private static function badDocument(BadDocument $error): array
    {
        return self::of(422, 'bad-document', 'Some of it cannot be used. Nothing was stored.', ['problems' => array_map(
            static fn (Problem $problem): array => ['path' => $problem->path, 'message' => $problem->message], $error->problems,
        )]);
    }

    /**
     * The page says the reason in the reader's own units; the detail is for those who only log it.
     *
     * @return array{status: int, ...}
     */
    private static function refused(Sentence $reason): array
    {
        return self::of(409, 'refused', (new Reader(LengthUnit::Millimetre))->say($reason), ['reason' => SentenceJson::of($reason)]);
    }
}
