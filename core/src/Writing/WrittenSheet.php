<?php

declare(strict_types=1);

namespace Berm\Core\Writing;

use Berm\Core\Coverage\Caught;
use Berm\Core\File\BadDocument;
use Berm\Core\File\Fields;
use Berm\Core\File\KitSheetFile;
use Berm\Core\File\Problem;
use Berm\Core\Kit\KitSheet;
use Berm\Core\Kit\Mistake;
use Berm\Core\Saying\Sentence;

/**
 * How far a sheet is written: whole, or with what is wrong in it and what it does not say yet. What is blank is asked and is no fault.
 *
 * @phpstan-import-type Document from Skeleton
 */
final readonly class WrittenSheet
{
    /**
     * @param list<Problem>  $faults
     * @param list<Question> $questions blanks first, in the order of the text
     */
    private function __construct(
        /** Null while something is wrong, or must still be said. */
        public ?KitSheet $sheet,
        public array $faults,
        public array $questions,
    ) {
    }

    /**
     * @param string                        $id       of the sheet that it must be
     * @param (\Closure(string): ?Document) $skeleton by the id that a sheet says it was begun from
     */
    public static function of(string $text, string $id, \Closure $skeleton): self
    {
        $json = json_decode($text, true, 64);
        $document = \is_array($json) ? $json : [];
        [$sheet, $problems] = self::read($text, $id);
        $faults = array_values(array_filter(
            $problems, static fn (Problem $problem): bool => !Blanks::has($document, $problem->path),
        ));

        return new self($sheet, $faults, [
            ...Blanks::of($document), ...self::missing($document, $skeleton), ...(2 === $sheet?->edition ? self::uncaught($sheet) : []),
        ]);
    }

    /**
     * The sheet, where the text is a whole and sound one.
     *
     * @throws BadDocument with every fault
     */
    public static function sheetOf(string $text, string $id): KitSheet
    {
        return Fields::readText($text, static function (Fields $file) use ($id): KitSheet {
            $sheet = KitSheetFile::read($file);
            if ($sheet->revision->id !== $id) {
                $file->problem('id', \sprintf('is "%s", but this draft is of "%s": put that there.', $sheet->revision->id, $id));
            }

            return $sheet;
        });
    }

    /** @return array{?KitSheet, list<Problem>} */
    private static function read(string $text, string $id): array
    {
        try {
            return [self::sheetOf($text, $id), []];
        } catch (BadDocument $error) {
            return [null, $error->problems];
        }
    }

    /**
     * @param Document                      $document
     * @param (\Closure(string): ?Document) $skeleton
     *
     * @return list<Question>
     */
    private static function missing(array $document, \Closure $skeleton): array
    {
        $from = Loose::text(Loose::object($document, 'begun'), 'from');
        $begun = null === $from ? null : $skeleton($from);

        return null === $begun ? [] : Missing::of($document, $begun);
    }

    /** @return list<Question> */
    private static function uncaught(KitSheet $sheet): array
    {
        return array_map(static fn (Mistake $mistake): Question => Question::ofMissing(
            'stages', Sentence::plain(ucfirst($mistake->words())), Sentence::plain('Which check or rule shows it in time?'), null,
        ), Caught::missing($sheet));
    }
}
