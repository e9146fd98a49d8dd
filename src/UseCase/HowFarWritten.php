<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\File\Fields;
use Berm\Core\File\KitSheetFile;
use Berm\Core\Kit\KitSheet;
use Berm\Core\Writing\Loose;
use Berm\Core\Writing\StandIns;
use Berm\Core\Writing\WrittenSheet;

/** What a draft says already, what is wrong with it, and what it does not say yet. */
final readonly class HowFarWritten
{
    public function __construct(private Skeletons $skeletons)
    {
    }

    public function __invoke(KitDraft $draft): WrittenSheet
    {
        return WrittenSheet::of($draft->text, $draft->sheetId, $this->skeletons->find(...));
    }

    /** The sheet that its skeleton was made of; null where it was not begun from one. */
    public function likeId(KitDraft $draft): ?string
    {
        $like = $this->like($draft);

        return null === $like ? null : Loose::text($like, 'id');
    }

    /**
     * As it can be drawn: where it says nothing yet, the figures of another of its kind stand in.
     *
     * @param string $size of that other sheet, for sizes that are not written yet
     *
     * @throws \Berm\Core\File\BadDocument where something is wrong with it
     */
    public function drawn(KitDraft $draft, string $size): KitSheet
    {
        $like = $this->like($draft);
        if (null === $like) {
            return $draft->sheet();
        }

        return Fields::read(StandIns::in($draft->document(), StandIns::withSizeFirst($like, $size)), KitSheetFile::read(...));
    }

    /** @return array<mixed>|null */
    private function like(KitDraft $draft): ?array
    {
        $from = Loose::text(Loose::object($draft->document(), 'begun'), 'from');

        return null === $from ? null : $this->skeletons->like($from);
    }
}
