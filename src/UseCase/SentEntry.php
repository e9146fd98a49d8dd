<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\Build\Event;
use Berm\Core\Build\EventKind;
use Berm\Core\Build\Writer;
use Berm\Core\File\BadDocument;
use Berm\Core\File\Fields;
use Berm\Core\File\LogFile;

/** An entry as it is sent. */
final readonly class SentEntry
{
    private function __construct(public SentAs $as, public Event $event)
    {
    }

    public static function read(Fields $body): self
    {
        return new self(SentAs::read($body), Fields::got($body->object('event', LogFile::readEvent(...))));
    }

    /**
     * Who may send it; null: that is decided where the entry is known that is withdrawn.
     *
     * @throws BadDocument of what nobody sends
     */
    public function writer(): ?Writer
    {
        $kind = $this->event::kind();
        if (EventKind::Withdrawn === $kind) {
            return null;
        }

        return Writer::Server !== $kind->writer() ? $kind->writer() : throw BadDocument::because(
            'event.kind', 'is written by the server alone, when a box is opened, a tool named or the plan changed.',
        );
    }
}
