<?php

declare(strict_types=1);

namespace App\Tests\Http;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use Symfony\Component\HttpFoundation\Response;

/** A picture is sent first, kept by its hash, and then an entry says what it shows. */
final class PictureTest extends ApiTestCase
{
    #[Test]
    public function aPictureIsKeptOnceAndShownAsItWasSent(): void
    {
        $this->signIn('jointer');
        $jpeg = self::jpeg(40, 30);
        $hash = hash('sha256', $jpeg);
        $entry = ['kind' => 'pictured', 'picture' => $hash, 'caption' => 'The ring, end A'];
        $early = $this->write(self::HALF_CUT, $entry);
        self::assertSame([409, 'The picture is not here: send it first, then what it shows.'], [
            $early->getStatusCode(), self::said($early, 'reason'),
        ], (string) $early->getContent());

        self::assertSame([204, 204], [$this->keep($jpeg)->getStatusCode(), $this->keep($jpeg)->getStatusCode()], 'twice is once');
        self::assertSame(201, $this->write(self::HALF_CUT, $entry)->getStatusCode());

        $this->signIn('trainer');
        $shown = $this->call('GET', self::path($hash));
        self::assertSame([200, 'image/jpeg', $jpeg], [
            $shown->getStatusCode(), $shown->headers->get('Content-Type'), $shown->getContent(),
        ]);
        self::assertSame($hash, self::at($this->call('GET', '/api/jobs/'.self::HALF_CUT), 'pictures.0.hash'));
        $elsewhere = str_replace(self::HALF_CUT, self::FINISHED, self::path($hash));
        self::assertSame(404, $this->call('GET', $elsewhere)->getStatusCode(), 'it is of its own job');
    }

    /** @return iterable<string, array{string, string}> what is sent, and what is said of it */
    public static function refused(): iterable
    {
        $large = imagecreatetruecolor(4097, 1);
        ob_start();
        imagepng($large);
        $wide = (string) ob_get_clean();
        yield 'a text' => ['I am no picture.', 'is no JPEG and no PNG'];
        yield 'a picture of another kind' => ["GIF89a\x01\x00\x01\x00\x00\x00\x00;", 'is no JPEG and no PNG'];
        yield 'one that was cut off' => [substr(self::png(200, 200), 0, 120), 'cannot be opened'];
        yield 'one that is too wide' => [$wide, 'more than 4096 points'];
        yield 'one of 50 MB' => [self::jpeg(10, 10).str_repeat("\0", 50_000_000), 'larger than 2 MB'];
        yield 'nothing' => ['', 'is no JPEG and no PNG'];
    }

    #[Test]
    #[DataProvider('refused')]
    public function whatIsNoPictureOrTooLargeIsRefusedWithTheReason(string $sent, string $said): void
    {
        $this->signIn('jointer');
        $answer = $this->keep($sent);
        self::assertSame(422, $answer->getStatusCode());
        self::assertStringContainsString($said, (string) $answer->getContent());
        self::assertSame(404, $this->call('GET', self::path(hash('sha256', $sent)))->getStatusCode(), 'nothing of it is kept');
    }

    #[Test]
    public function oneThatWasDamagedOnItsWayIsRefused(): void
    {
        $this->signIn('jointer');
        $answer = $this->keep(self::jpeg(20, 20), hash('sha256', 'another'));
        self::assertSame(422, $answer->getStatusCode());
        self::assertStringContainsString('damaged on its way', (string) $answer->getContent());
    }

    #[Test]
    public function onlyThoseOfAJobAddPicturesToIt(): void
    {
        $this->signIn('engineer');
        $this->call('PUT', '/api/jobs/'.self::HALF_CUT.'/crew', ['people' => ['engineer']]);
        $this->signIn('jointer');
        self::assertSame(403, $this->keep(self::jpeg(20, 20))->getStatusCode());
        $nowhere = $this->call('PUT', '/api/jobs/019aa1ff-0000-7000-8000-0000000000ff/pictures/'.hash('sha256', ''), '');
        self::assertContains($nowhere->getStatusCode(), [403, 404]);
    }

    private function keep(string $bytes, ?string $hash = null): Response
    {
        return $this->call('PUT', self::path($hash ?? hash('sha256', $bytes)), $bytes, ['Content-Type' => 'image/jpeg']);
    }

    private static function path(string $hash): string
    {
        return '/api/jobs/'.self::HALF_CUT."/pictures/$hash";
    }

    /**
     * @param int<1, max> $width
     * @param int<1, max> $height
     */
    private static function jpeg(int $width, int $height): string
    {
        ob_start();
        imagejpeg(imagecreatetruecolor($width, $height));

        return (string) ob_get_clean();
    }

    /**
     * @param int<1, max> $width
     * @param int<1, max> $height
     */
    private static function png(int $width, int $height): string
    {
        ob_start();
        imagepng(imagecreatetruecolor($width, $height));

        return (string) ob_get_clean();
    }
}
