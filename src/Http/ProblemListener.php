<?php

declare(strict_types=1);

namespace App\Http;

use App\Http\Wire\KitSheetJson;
use App\Http\Wire\ProblemJson;
use App\Security\AccountRefused;
use App\UseCase\DraftConflict;
use App\UseCase\HowFarWritten;
use App\UseCase\PlanConflict;
use App\UseCase\PlanJob;
use App\UseCase\PlannedJob;
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

        $refusal = ProblemJson::ofRefusal($error);

        return match (true) {
            null !== $refusal => self::said($refusal),
            $error instanceof PlanConflict => self::said(ProblemJson::ofConflict(
                $error, new PlannedJob($error->stored, ($this->plan)($error->stored)),
            )),
            $error instanceof DraftConflict => self::problem(
                409, 'draft-conflict', $error->getMessage(), ['theirDraft' => KitSheetJson::draft(
                    $error->theirs, ($this->howFar)($error->theirs), $this->howFar->likeId($error->theirs), null,
                )],
            ),
            $error instanceof AccountRefused => self::account($error),
            // The firewall hands it on wrapped.
            $error instanceof AccessDeniedException, $error->getPrevious() instanceof AccessDeniedException => self::said(
                ProblemJson::notAllowed(),
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
        return self::said(ProblemJson::of($status, $type, $detail, $more));
    }

    /** @param array{status: int, ...} $problem */
    private static function said(array $problem): JsonResponse
    {
        return new JsonResponse($problem, $problem['status'], ['Content-Type' => 'application/problem+json']);
    }

    private static function account(AccountRefused $refused): JsonResponse
    {
        return 422 === $refused->status
            ? self::problem(422, 'bad-document', 'Some of it cannot be used. Nothing was stored.', [
                'problems' => [['path' => $refused->field, 'message' => $refused->getMessage()]],
            ])
            : self::problem($refused->status, 404 === $refused->status ? 'not-found' : 'account', $refused->getMessage());
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
