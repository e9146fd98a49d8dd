<?php

declare(strict_types=1);

namespace App\Http;

use App\Http\Wire\JobJson;
use App\Http\Wire\KitSheetJson;
use App\Security\AccountRefused;
use App\UseCase\BoxNotFound;
use App\UseCase\BoxRefused;
use App\UseCase\BoxTaken;
use App\UseCase\ChangedMeanwhile;
use App\UseCase\DraftConflict;
use App\UseCase\DraftNotFound;
use App\UseCase\EntryIdTaken;
use App\UseCase\EntryRefused;
use App\UseCase\HowFarWritten;
use App\UseCase\IdTaken;
use App\UseCase\JobNotFound;
use App\UseCase\NotTheirs;
use App\UseCase\PictureNotFound;
use App\UseCase\PlanConflict;
use App\UseCase\PlanDraftFile;
use App\UseCase\PlanJob;
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
use Psr\Log\LoggerInterface;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Event\ExceptionEvent;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Symfony\Component\HttpKernel\Exception\MethodNotAllowedHttpException;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Exception\ResourceNotFoundException;
use Symfony\Component\Security\Core\Exception\AccessDeniedException;
use Symfony\Component\Security\Core\Exception\AuthenticationException;

/** Turns errors into problem documents (RFC 9457), each with a sentence that says what to do. */
final readonly class ProblemListener
{
    public function __construct(private PlanJob $plan, private HowFarWritten $howFar, private LoggerInterface $logger)
    {
    }

    #[AsEventListener]
    public function onException(ExceptionEvent $event): void
    {
        $error = $event->getThrowable();
        // The firewall answers these: it knows whether nobody is signed in or somebody may not.
        if ($error instanceof AuthenticationException || !str_starts_with($event->getRequest()->getPathInfo(), '/api/')) {
            return;
        }
        $event->setResponse($this->answer($error));
    }

    private function answer(\Throwable $error): JsonResponse
    {
        $trouble = DatabaseTrouble::of($error);
        if (null !== $trouble) {
            return $this->waiting($trouble, $error);
        }

        return match (true) {
            $error instanceof BadDocument => self::problem(
                422,
                'bad-document',
                'Some of it cannot be used. Nothing was stored.',
                ['problems' => array_map(
                    static fn (Problem $problem): array => ['path' => $problem->path, 'message' => $problem->message], $error->problems,
                )],
            ),
            $error instanceof PlanConflict => $this->conflict($error),
            $error instanceof EntryRefused, $error instanceof BoxRefused => self::refused($error->reason),
            $error instanceof EntryIdTaken, $error instanceof SheetExists, $error instanceof IdTaken, $error instanceof ChangedMeanwhile,
            $error instanceof BoxTaken => self::problem(409, 'taken', $error->getMessage()),
            $error instanceof DraftConflict => self::problem(
                409, 'draft-conflict', $error->getMessage(), ['theirDraft' => KitSheetJson::draft(
                    $error->theirs, ($this->howFar)($error->theirs), $this->howFar->likeId($error->theirs), null,
                )],
            ),
            $error instanceof NotTheirs => self::problem(403, 'not-theirs', $error->getMessage()),
            $error instanceof AccountRefused => self::account($error),
            $error instanceof JobNotFound, $error instanceof SheetNotFound, $error instanceof DraftNotFound, $error instanceof BoxNotFound,
            $error instanceof ToolNotFound, $error instanceof PictureNotFound => self::problem(404, 'not-found', $error->getMessage()),
            $error instanceof CoreError => self::problem(422, 'bad-document', $error->getMessage()),
            // The firewall hands it on wrapped.
            $error instanceof AccessDeniedException, $error->getPrevious() instanceof AccessDeniedException => self::problem(
                403, 'not-allowed', 'Your role does not allow this. Ask somebody whose role does.',
            ),
            $error instanceof MethodNotAllowedHttpException => self::problem(
                405, 'not-this-way', 'This address is not used in this way: see openapi.yaml.',
            ),
            $error instanceof NotFoundHttpException && $error->getPrevious() instanceof ResourceNotFoundException => self::problem(
                404, 'not-found', 'There is nothing at this address.',
            ),
            $error instanceof HttpExceptionInterface => self::problem(
                $error->getStatusCode(), 'http', '' === $error->getMessage() ? 'The request cannot be answered.' : $error->getMessage(),
            ),
            default => $this->unexpected($error),
        };
    }

    /** @param array<string, mixed> $more */
    public static function problem(int $status, string $type, string $detail, array $more = []): JsonResponse
    {
        $titles = [
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
        $body = [
            'type' => "/problems/$type",
            'title' => $titles[$status] ?? 'Cannot be answered',
            'status' => $status,
            'detail' => $detail,
            ...$more,
        ];

        return new JsonResponse($body, $status, ['Content-Type' => 'application/problem+json']);
    }

    /** The page says the reason in the reader's own units; the detail is for those who only log it. */
    private static function refused(Sentence $reason): JsonResponse
    {
        return self::problem(409, 'refused', (new Reader(LengthUnit::Millimetre))->say($reason), ['reason' => SentenceJson::of($reason)]);
    }

    private static function account(AccountRefused $refused): JsonResponse
    {
        return 422 === $refused->status
            ? self::problem(422, 'bad-document', 'Some of it cannot be used. Nothing was stored.', [
                'problems' => [['path' => $refused->field, 'message' => $refused->getMessage()]],
            ])
            : self::problem($refused->status, 404 === $refused->status ? 'not-found' : 'account', $refused->getMessage());
    }

    private function conflict(PlanConflict $conflict): JsonResponse
    {
        $theirs = new PlannedJob($conflict->stored, ($this->plan)($conflict->stored));

        return self::problem(
            409,
            'plan-conflict',
            $conflict->getMessage(),
            ['theirs' => JobJson::of($theirs), 'yours' => PlanDraftFile::write($conflict->yours)],
        );
    }

    /** Once in the log, without what was asked for. */
    private function waiting(DatabaseTrouble $trouble, \Throwable $error): JsonResponse
    {
        $this->logger->error('The database: '.$trouble->name, ['code' => $error->getCode()]);
        if (DatabaseTrouble::Crossed === $trouble) {
            return self::problem(409, 'crossed', $trouble->told());
        }
        $answer = self::problem(
            503, 'database-'.strtolower((string) preg_replace('/(?<=[a-z])(?=[A-Z])/', '-', $trouble->name)), $trouble->told(),
        );
        $answer->headers->set('Retry-After', '5');

        return $answer;
    }

    private function unexpected(\Throwable $error): JsonResponse
    {
        $this->logger->error($error->getMessage(), ['exception' => $error]);

        return self::problem(
            500,
            'unexpected',
            'The server failed in a way nobody foresaw. What was stored before is safe; try once more, and tell the administrator if it stays.',
        );
    }
}
