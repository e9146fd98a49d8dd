<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\File\BadDocument;

/** Gives a job to people: by those who have it, or by somebody who may with every job. */
final readonly class GiveJob
{
    private const MOST = 30;

    public function __construct(private Crews $crews, private Jobs $jobs)
    {
    }

    /**
     * @param list<string> $ids
     * @param bool         $ofOthers may the person give away a job that is not theirs?
     *
     * @return list<Who>
     *
     * Refuses with NotTheirs when it is not theirs to give, and with BadDocument when somebody cannot have it
     *
     * @throws JobNotFound
     */
    public function __invoke(string $job, array $ids, Who $by, bool $ofOthers): array
    {
        return $this->jobs->locked($job, function (StoredJob $stored) use ($ids, $by, $ofOthers): array {
            if (!$ofOthers && !$this->crews->has($stored->id, $by)) {
                throw NotTheirs::crew();
            }
            if ([] === $ids || \count($ids) > self::MOST) {
                throw BadDocument::because('people', 'must name one to '.self::MOST.' people: a job is always somebody\'s.');
            }
            try {
                $this->crews->give($stored->id, array_values(array_unique($ids)));
            } catch (NoSuchHand $hand) {
                throw BadDocument::because('people', $hand->getMessage());
            }

            return $this->crews->of($stored->id);
        });
    }
}
