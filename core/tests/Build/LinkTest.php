<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Build;

use Berm\Core\Build\Link;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

final class LinkTest extends TestCase
{
    private const SHEETS = "connector c 1 aa\nkit k 2 bb";

    /** Worked out beside with sha256sum (GNU coreutils) over the same bytes. */
    #[Test]
    public function itIsTheSha256OfWhatTheDocumentsSay(): void
    {
        self::assertSame(
            '839d2f6436fa207a96fd67250809c380657db7fa7875882ce17e21810975af8c', Link::hash(2, 'job', 3, 'beef', self::SHEETS, '{"id":"x"}'),
        );
    }

    #[Test]
    public function everythingThatItCoversChangesIt(): void
    {
        $is = Link::hash(2, 'job', 3, 'beef', self::SHEETS, '{}');
        foreach ([
            Link::hash(2, 'job2', 3, 'beef', self::SHEETS, '{}'), Link::hash(2, 'job', 4, 'beef', self::SHEETS, '{}'),
            Link::hash(2, 'job', 3, 'bee', self::SHEETS, '{}'), Link::hash(2, 'job', 3, 'beef', self::SHEETS."\nkit z 1 cc", '{}'),
            Link::hash(2, 'job', 3, 'beef', self::SHEETS, '{ }'), Link::hash(1, 'job', 3, 'beef', self::SHEETS, '{}'),
            Link::hash(2, 'job', 3, "beef\nconnector c 1 aa", 'kit k 2 bb', '{} '),
        ] as $other) {
            self::assertNotSame($is, $other);
        }
        self::assertSame('', Link::hash(3, 'job', 3, 'beef', self::SHEETS, '{}'), 'a format that nobody knows yet is never right');
    }

    /** Entries from before the chain covered more: the hash before and the entry. */
    #[Test]
    public function theOldWayIsStillKnown(): void
    {
        self::assertSame(hash('sha256', "\n{}"), Link::hash(1, 'any', 9, '', 'any', '{}'));
    }
}
