<?php

declare(strict_types=1);

namespace App\Http;

use App\Http\Wire\KitSheetJson;
use App\Http\Wire\ProofJson;
use App\Http\Wire\TriedDraftJson;
use App\Http\Wire\UnreadableJson;
use App\Security\Permission;
use App\Security\Person;
use App\Security\Role;
use App\UseCase\DiscardKitDraft;
use App\UseCase\DraftNotFound;
use App\UseCase\HowFarWritten;
use App\UseCase\KitDraft;
use App\UseCase\KitDrafts;
use App\UseCase\ProveKitDraft;
use App\UseCase\ReleaseKitDraft;
use App\UseCase\SaveKitDraft;
use App\UseCase\SheetNotFound;
use App\UseCase\Sheets;
use App\UseCase\SheetWithdrawals;
use App\UseCase\Skeletons;
use App\UseCase\TryKitDraft;
use Berm\Core\File\BadDocument;
use Berm\Core\File\JobFile;
use Berm\Core\Kit\KitSheet;
use Berm\Core\Kit\Words\Change;
use Berm\Core\Revision;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** Kit sheets: read as sentences, compared, written as drafts and released by a second person. */
final readonly class KitController
{
    public function __construct(private Sheets $sheets, private KitDrafts $drafts, private HowFarWritten $howFar)
    {
    }

    #[Route('/api/kits', methods: ['GET'])]
    #[IsGranted(Permission::Read->value)]
    public function list(SheetWithdrawals $withdrawals): JsonResponse
    {
        $kits = $this->sheets->kits();
        $withdrawn = $withdrawals->all();
        $isWithdrawn = static fn (KitSheet $one): bool => [] !== array_filter(
            $withdrawn, static fn (Revision $other): bool => $other->equals($one->revision),
        );

        return new JsonResponse([
            'kits' => array_map(static fn (KitSheet $one): array => [
                ...KitSheetJson::summary($one), ...($isWithdrawn($one) ? ['withdrawn' => true] : []),
            ], $kits->items),
            'unreadable' => UnreadableJson::of($kits),
            'drafts' => array_map(KitSheetJson::draftSummary(...), $this->drafts->all()),
        ]);
    }

    #[Route('/api/kits/{id}/{revision}/words', requirements: ['revision' => '[1-9]\d{0,5}'], methods: ['GET'])]
    #[IsGranted(Permission::Read->value)]
    public function words(string $id, int $revision): JsonResponse
    {
        return new JsonResponse(KitSheetJson::whole($this->sheets->kit(Revision::of($id, $revision))));
    }

    #[Route('/api/kits/{id}/changes/{from}/{to}', requirements: ['from' => '[1-9]\d{0,5}', 'to' => '[1-9]\d{0,5}'], methods: ['GET'])]
    #[IsGranted(Permission::Read->value)]
    public function changes(string $id, int $from, int $to): JsonResponse
    {
        return new JsonResponse(['changes' => array_map(
            KitSheetJson::change(...),
            Change::between($this->sheets->kit(Revision::of($id, $from)), $this->sheets->kit(Revision::of($id, $to))),
        )]);
    }

    /** What a new sheet can be begun from. */
    #[Route('/api/kit-skeletons', methods: ['GET'])]
    #[IsGranted(Permission::WriteSheet->value)]
    public function skeletons(Skeletons $skeletons): JsonResponse
    {
        return new JsonResponse(['skeletons' => $skeletons->all()]);
    }

    #[Route('/api/kit-skeletons/{id}', methods: ['GET'])]
    #[IsGranted(Permission::WriteSheet->value)]
    public function skeleton(string $id, Skeletons $skeletons): JsonResponse
    {
        return new JsonResponse($skeletons->find($id) ?? throw SheetNotFound::skeleton($id));
    }

    #[Route('/api/kit-drafts/{id}', methods: ['GET'])]
    #[IsGranted(Permission::Read->value)]
    public function draft(string $id): JsonResponse
    {
        return $this->answer($this->drafts->find($id) ?? throw DraftNotFound::of($id));
    }

    #[Route('/api/kit-drafts/{id}', methods: ['PUT'])]
    #[IsGranted(Permission::WriteSheet->value)]
    public function save(string $id, Request $request, SaveKitDraft $saveDraft, #[CurrentUser] Person $person): JsonResponse
    {
        return $this->answer($saveDraft($id, Version::of($request), $request->getContent(), $person->who()));
    }

    #[Route('/api/kit-drafts/{id}', methods: ['DELETE'])]
    #[IsGranted(Permission::DiscardDraft->value)]
    public function discard(string $id, DiscardKitDraft $discard, #[CurrentUser] Person $person): Response
    {
        $discard($id, $person->who(), Role::Administrator === $person->role);

        return new Response(status: 204);
    }

    #[Route('/api/kit-drafts/{id}/return', methods: ['POST'])]
    #[IsGranted(Permission::DiscardDraft->value)]
    public function putBack(string $id, DiscardKitDraft $discard, #[CurrentUser] Person $person): JsonResponse
    {
        return $this->answer($discard->putBack($id, $person->who(), Role::Administrator === $person->role));
    }

    #[Route('/api/kit-drafts/{id}/release', methods: ['POST'])]
    #[IsGranted(Permission::WriteSheet->value)]
    public function release(string $id, Request $request, ReleaseKitDraft $releaseDraft, #[CurrentUser] Person $person): JsonResponse
    {
        return new JsonResponse(KitSheetJson::whole($releaseDraft($id, Version::of($request), $person->who())), 201);
    }

    #[Route('/api/kit-drafts/{id}/tried-on/{job}', methods: ['GET'])]
    #[IsGranted(Permission::Read->value)]
    public function tried(string $id, string $job, Request $request, TryKitDraft $tryDraft): JsonResponse
    {
        return new JsonResponse(TriedDraftJson::of($tryDraft($id, $job, $request->query->getString('size'))));
    }

    /** The same with what is being typed: nothing of it is kept. */
    #[Route('/api/kit-drafts/{id}/tried-on/{job}', methods: ['POST'])]
    #[IsGranted(Permission::WriteSheet->value)]
    public function triedAsTyped(string $id, string $job, Request $request, TryKitDraft $tryDraft): JsonResponse
    {
        return new JsonResponse(
            TriedDraftJson::of($tryDraft->asTyped($id, $request->getContent(), $job, $request->query->getString('size'))),
        );
    }

    #[Route('/api/kit-drafts/{id}/proof', methods: ['GET'])]
    #[IsGranted(Permission::WriteSheet->value)]
    public function proof(string $id, ProveKitDraft $prove): JsonResponse
    {
        return new JsonResponse(ProofJson::of($prove($id)));
    }

    /** The corner in which it fails first, as a job that can be opened. */
    #[Route('/api/kit-drafts/{id}/proof/{number}', requirements: ['number' => '[1-9]\d{0,2}'], methods: ['GET'])]
    #[IsGranted(Permission::WriteSheet->value)]
    public function corner(string $id, int $number, ProveKitDraft $prove): JsonResponse
    {
        $corner = $prove($id)->shortfalls[$number - 1]->corner ?? null;
        if (null === $corner) {
            throw BadDocument::because('number', 'is of no corner: the draft has changed; prove it again.');
        }

        return new JsonResponse((new JobFile($corner->job, []))->write(), 200, [
            'Content-Disposition' => "attachment; filename=\"$id-$number.job.json\"",
        ]);
    }

    private function answer(KitDraft $draft): JsonResponse
    {
        return new JsonResponse(
            KitSheetJson::draft(
                $draft, ($this->howFar)($draft), $this->howFar->likeId($draft), $this->sheets->newestKit($draft->sheetId),
            ), 200, ['ETag' => '"'.$draft->version.'"'],
        );
    }
}
