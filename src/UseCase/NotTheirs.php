<?php

declare(strict_types=1);

namespace App\UseCase;

/** Somebody else may do that: the sentence says who. */
final class NotTheirs extends \DomainException
{
    public static function entry(): self
    {
        return new self(
            'Your role does not write this: what an engineer let stand, an engineer takes back; what is built, a jointer writes down.',
        );
    }

    /** @param list<Who> $crew */
    public static function job(array $crew): self
    {
        return self::jobOf(array_map(static fn (Who $one): string => $one->name, $crew));
    }

    /** @param list<string> $crew by name */
    public static function jobOf(array $crew): self
    {
        $names = implode(', ', $crew);

        return new self(\sprintf(
            'This job is given to %s. You can read it; ask one of them or an engineer to give it to you too.',
            '' === $names ? 'nobody yet' : $names,
        ));
    }

    public static function crew(): self
    {
        return new self('Whom a job is given to is changed by those who have it, by an engineer or by an administrator.');
    }

    public static function draft(KitDraft $draft): self
    {
        return new self("$draft->author wrote this draft: only who wrote in it or an administrator may throw it away.");
    }

    public static function sheet(string $by): self
    {
        return new self("$by wrote this sheet: somebody else looks at it.");
    }
}
