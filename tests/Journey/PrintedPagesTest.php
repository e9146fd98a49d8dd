<?php

declare(strict_types=1);

namespace App\Tests\Journey;

use App\Tests\Paper\Pages;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** What the browser prints of a screen: of which job it is, no control, nothing on anything else. */
final class PrintedPagesTest extends TestCase
{
    private const JOB = '/jobs/019aa100-0000-7000-8000-000000000002';

    /** Screens that are of no job. */
    private const OTHERS = [
        '/' => 'Oxmere', '/bench' => 'Each calculation', '/bench/tape' => 'Source', '/stores' => 'Harbour store',
        '/kits' => 'What it is for', '/cables' => 'Least bending radius',
    ];

    /** @var list<string> what cannot be read */
    private static array $found = [];

    #[Test]
    public function everyScreenPrintsClean(): void
    {
        $page = Page::open();
        $page->signIn('jointer');
        foreach ([
            'safety' => 'Permit', 'cables' => 'ovality', 'kit' => 'do not fit, and why', 'connector' => 'do not fit, and why',
            'mark-out' => 'thread on in this order', 'section' => 'to spare', 'build' => 'window', 'record' => 'Record of a joint',
            'paper' => 'Mark-out card',
        ] as $step => $words) {
            $text = self::printed($page->go(self::JOB."/$step")->see($words), $step);
            self::assertStringContainsString('Sallow Fen 3 · joint 2', $text, "$step says of which job it is");
            foreach (['What if I cut', 'Give to others', 'Save as SVG', 'Close'] as $control) {
                self::assertStringNotContainsString($control, $text, $step);
            }
        }
        foreach (self::OTHERS as $path => $words) {
            self::printed($page->go($path)->see($words), $path);
        }
        $page->close();
        self::assertSame([], self::$found);
    }

    /** By the server as it is deployed. */
    #[Test]
    public function everyPaperComesFromTheServer(): void
    {
        $page = Page::open();
        $page->signIn('jointer')->see('Oxmere');
        foreach (['card', 'template', 'stages', 'labels', 'record'] as $paper) {
            foreach (['unit=mm', 'unit=in&paper=letter'] as $query) {
                [$status, $type, $body] = $page->fetch('/api'.self::JOB."/$paper.pdf?$query");
                self::assertSame([200, 'application/pdf', '%PDF'], [$status, $type, substr($body, 0, 4)], "$paper, $query");
            }
        }
        $page->close();
    }

    private static function printed(Page $page, string $what): string
    {
        $pages = Pages::of($page->printed());
        self::assertNotEmpty($pages->pages, $what);
        foreach (\array_slice($pages->unreadable(0.0), 0, 5) as $one) {
            self::$found[] = "$what, $one";
        }

        return $pages->text();
    }
}
