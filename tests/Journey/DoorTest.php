<?php

declare(strict_types=1);

namespace App\Tests\Journey;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** What the web server and the application answer together: headers, errors, and what is not served. */
final class DoorTest extends TestCase
{
    /** @return iterable<string, array{non-empty-string, string, int}> method, path and status */
    public static function answers(): iterable
    {
        yield 'the page' => ['GET', '/', 200];
        yield 'a page of the router' => ['GET', '/kits/none', 200];
        yield 'the empty route' => ['GET', '/api/ping', 200];
        yield 'nobody signed in' => ['GET', '/api/jobs', 401];
        yield 'no such route' => ['GET', '/api/nothing', 404];
        yield 'another method' => ['PUT', '/api/ping', 405];
        yield 'no such script' => ['GET', '/build/assets/none.js', 404];
        yield 'the script of the server' => ['GET', '/index.php', 404];
        yield 'a hidden file' => ['GET', '/.htaccess', 404];
        yield 'a hidden file of the build' => ['GET', '/build/.berm', 404];
        yield 'a file of the project' => ['GET', '/build/../../composer.json', 400];
        yield 'an address longer than is read' => ['GET', '/api/cables?search='.str_repeat('x', 9_000), 414];
        yield 'more than anybody sends' => ['POST', '/api/cables/import', 413];
    }

    /** @param non-empty-string $method */
    #[Test]
    #[DataProvider('answers')]
    public function everyAnswerGuardsThePageAndEveryErrorIsAProblemDocument(string $method, string $path, int $status): void
    {
        [$is, $headers, $body] = self::ask($method, $path, 413 === $status ? str_repeat('x', 6_500_000) : null);
        self::assertSame($status, $is, $body);
        foreach (self::guards() as $name => $value) {
            self::assertSame([$value], $headers[strtolower($name)] ?? [], "$name, once");
        }
        if ($status >= 400) {
            self::assertSame(['application/problem+json'], $headers['content-type'] ?? []);
            $problem = json_decode($body, true, 8, \JSON_THROW_ON_ERROR);
            self::assertTrue(\is_array($problem) && $status === $problem['status'] && \is_string($problem['detail']));
        }
        self::assertArrayNotHasKey('x-powered-by', $headers);
    }

    #[Test]
    public function theScriptsOfThePageAreGuardedAndKept(): void
    {
        [, , $page] = self::ask('GET', '/');
        preg_match('~/build/assets/[^"]+\.js~', $page, $script);
        [$status, $headers] = self::ask('GET', $script[0] ?? '/no-script');
        self::assertSame(200, $status);
        self::assertContains('public, immutable', $headers['cache-control'] ?? []);
        foreach (self::guards() as $name => $value) {
            self::assertSame([$value], $headers[strtolower($name)] ?? [], $name);
        }
    }

    /** The engine of the page without signal is WebAssembly: it compiles here, and nothing else that is made of text runs. */
    #[Test]
    public function thePolicyLetsWebAssemblyCompileAndNoTextRun(): void
    {
        $page = Page::open();
        try {
            $page->go('/')->see('Sign in');
            // Later, since what the driver runs at once is not held to the policy.
            $later = static fn (string $script): string => $page->run("setTimeout(() => { $script }, 0)");
            self::assertSame('compiled', $later(
                'WebAssembly.compile(new Uint8Array([0, 97, 115, 109, 1, 0, 0, 0])).then(() => done("compiled"), (e) => done(String(e)))',
            ));
            self::assertStringContainsString(
                'EvalError', $later('try { done(String(new Function("return 1")())) } catch (e) { done(String(e)) }'),
            );
        } finally {
            $page->close();
        }
    }

    /** @return array<string, string> */
    private static function guards(): array
    {
        $guards = [];
        foreach ((array) file(__DIR__.'/../../config/security-headers.txt', \FILE_IGNORE_NEW_LINES) as $line) {
            [$name, $value] = explode(': ', (string) $line, 2);
            $guards[$name] = $value;
        }

        return $guards;
    }

    /**
     * @param non-empty-string $method
     *
     * @return array{int, array<string, list<string>>, string} status, headers by lower-case name, body
     */
    private static function ask(string $method, string $path, ?string $body = null): array
    {
        $base = $_SERVER['BERM_URL'] ?? null;
        self::assertIsString($base);
        $headers = [];
        $curl = curl_init();
        curl_setopt($curl, \CURLOPT_URL, '' === $base.$path ? '/' : $base.$path);
        curl_setopt($curl, \CURLOPT_CUSTOMREQUEST, $method);
        curl_setopt($curl, \CURLOPT_RETURNTRANSFER, true);
        curl_setopt($curl, \CURLOPT_PATH_AS_IS, true);
        curl_setopt($curl, \CURLOPT_PROXY, '');
        curl_setopt($curl, \CURLOPT_TIMEOUT, 20);
        curl_setopt($curl, \CURLOPT_HEADERFUNCTION, static function (mixed $curl, string $line) use (&$headers): int {
            if (str_contains($line, ':')) {
                [$name, $value] = explode(':', $line, 2);
                $headers[strtolower($name)][] = trim($value);
            }

            return \strlen($line);
        });
        if (null !== $body) {
            curl_setopt($curl, \CURLOPT_POSTFIELDS, $body);
        }
        $answer = curl_exec($curl);

        return [curl_getinfo($curl, \CURLINFO_RESPONSE_CODE), $headers, \is_string($answer) ? $answer : ''];
    }
}
