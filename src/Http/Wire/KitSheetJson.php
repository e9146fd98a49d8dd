<?php

declare(strict_types=1);

namespace App\Http\Wire;

use App\UseCase\KitDraft;
use Berm\Core\Cable\End;
use Berm\Core\File\Problem;
use Berm\Core\Kit\KitSheet;
use Berm\Core\Kit\Words\Change;
use Berm\Core\Kit\Words\Rule;
use Berm\Core\Kit\Words\SheetInWords;
use Berm\Core\Saying\Sentence;
use Berm\Core\Wire\SentenceJson;
use Berm\Core\Writing\Name;
use Berm\Core\Writing\Names;
use Berm\Core\Writing\Question;
use Berm\Core\Writing\WrittenSheet;

final class KitSheetJson
{
    /** @return array<string, mixed> */
    public static function summary(KitSheet $sheet): array
    {
        return [
            'id' => $sheet->revision->id, 'revision' => $sheet->revision->number, 'name' => $sheet->name, 'maker' => $sheet->maker,
            'function' => $sheet->application->function->value,
            'technology' => $sheet->application->technology->value, 'ratedVoltage' => $sheet->application->voltage->label,
            'cores' => $sheet->takes(End::A)->cores->value, 'sizes' => array_map(strval(...), array_keys($sheet->sizes)),
        ];
    }

    /** @return array<string, mixed> */
    public static function whole(KitSheet $sheet): array
    {
        return ['sheet' => self::summary($sheet), 'rules' => array_map(self::rule(...), SheetInWords::of($sheet))];
    }

    /** @return array<string, mixed> */
    public static function change(Change $change): array
    {
        return [
            'key' => $change->key, 'heading' => SentenceJson::of(Sentence::plain($change->heading)),
            'before' => null === $change->before ? null : self::rule($change->before),
            'after' => null === $change->after ? null : self::rule($change->after),
        ];
    }

    /** @return array<string, mixed> */
    public static function draftSummary(KitDraft $draft): array
    {
        return [
            'id' => $draft->sheetId,
            'version' => $draft->version,
            'author' => $draft->author,
            'authors' => $draft->authors,
            'changedAt' => $draft->changedAt->format(\DATE_ATOM),
        ];
    }

    /** @return array<string, mixed> */
    public static function draft(KitDraft $draft, WrittenSheet $written, ?string $like, ?KitSheet $released): array
    {
        $sheet = $written->sheet;

        return [
            ...self::draftSummary($draft),
            'text' => $draft->text,
            'sheet' => null === $sheet ? null : self::summary($sheet),
            'problems' => array_map(
                static fn (Problem $problem): array => ['path' => $problem->path, 'message' => $problem->message], $written->faults,
            ),
            'questions' => array_map(self::question(...), $written->questions),
            'like' => $like,
            'rules' => null === $sheet ? [] : array_map(self::rule(...), SheetInWords::of($sheet)),
            'changes' => null === $sheet || null === $released ? [] : array_map(self::change(...), Change::between($released, $sheet)),
            'releasedRevision' => $released?->revision->number,
            'names' => array_map(self::name(...), Names::of($draft->document())),
        ];
    }

    /** @return array<string, mixed> */
    private static function question(Question $question): array
    {
        $offer = $question->offer;

        return [
            'path' => $question->path, 'about' => SentenceJson::of($question->about), 'ask' => SentenceJson::of($question->ask),
            'offer' => null === $offer ? null : ['entry' => (object) $offer->entry, 'at' => $offer->at, 'name' => $offer->name],
        ];
    }

    /** @return array<string, mixed> */
    private static function name(Name $name): array
    {
        return [
            'name' => $name->name, 'is' => $name->is->value, 'texts' => $name->texts, 'meaning' => SentenceJson::of($name->meaning),
        ];
    }

    /** @return array<string, mixed> */
    private static function rule(Rule $rule): array
    {
        return [
            'key' => $rule->key,
            'heading' => SentenceJson::of(Sentence::plain($rule->heading)),
            'sentence' => SentenceJson::of($rule->sentence),
            'reason' => $rule->reason,
        ];
    }
}
