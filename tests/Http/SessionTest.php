<?php

declare(strict_types=1);

namespace App\Tests\Http;

use Doctrine\DBAL\Connection;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;

final class SessionTest extends ApiTestCase
{
    #[Test]
    public function whoSignsInIsToldWhatTheirRoleMayDo(): void
    {
        $answer = $this->signIn('Engineer');
        self::assertSame(200, $answer->getStatusCode());
        self::assertSame('engineer', self::at($answer, 'person.role'));
        self::assertSame(
            [
                'read', 'plan', 'add-cable', 'write-sheet', 'discard-draft', 'take-box', 'accept-deviation', 'write-note', 'give-job',
                'give-every-job',
            ], self::at($answer, 'person.may'),
        );
        self::assertSame(204, $this->call('DELETE', '/api/session')->getStatusCode());
        self::assertNull(self::at($this->call('GET', '/api/session'), 'person'));
    }

    #[Test]
    public function aWrongPasswordSaysNothingAboutWhetherTheNameExists(): void
    {
        $wrong = $this->signIn('jointer', 'nonsense');
        $unknown = $this->signIn('nobody', 'nonsense');
        self::assertSame([401, 401], [$wrong->getStatusCode(), $unknown->getStatusCode()]);
        self::assertSame($wrong->getContent(), $unknown->getContent());
    }

    #[Test]
    public function afterFiveFailedTriesTheNextMustWait(): void
    {
        for ($try = 1; $try <= 5; ++$try) {
            self::assertSame(401, $this->signIn('jointer', "guess $try")->getStatusCode());
        }
        self::assertSame(429, $this->signIn('jointer')->getStatusCode(), 'even with the right password');
        self::assertSame(200, $this->signIn('engineer')->getStatusCode(), 'others are not kept out');
    }

    /** Spaces and capitals mean the same person, and walk round no limit. */
    #[Test]
    public function aNameIsTheSameHoweverItIsTyped(): void
    {
        self::assertSame(200, $this->signIn("  Jointer\u{2003}")->getStatusCode());
        $this->call('DELETE', '/api/session');
        foreach (['jointer', ' jointer', 'JOINTER ', "jointer\t", "\u{200B}jointer"] as $typed) {
            self::assertSame(401, $this->signIn($typed, 'a guess')->getStatusCode());
        }
        self::assertSame(429, $this->signIn('jointer ')->getStatusCode(), 'the right password with a space');
    }

    #[Test]
    public function whoGotInHasNoFailedTriesLeftAndOthersKeepTheirs(): void
    {
        for ($try = 1; $try <= 4; ++$try) {
            $this->signIn('engineer', "guess $try");
            $this->signIn('jointer', "guess $try");
        }
        self::assertSame(200, $this->signIn('jointer')->getStatusCode());
        $this->call('DELETE', '/api/session');
        self::assertSame(401, $this->signIn('jointer', 'another guess')->getStatusCode());
        self::assertSame([401, 429], [$this->signIn('engineer', 'g')->getStatusCode(), $this->signIn('engineer')->getStatusCode()]);
    }

    /** A hundred from one address, whatever the names, and getting in between does not begin the count anew. */
    #[Test]
    public function anAddressHasALimitOfItsOwn(): void
    {
        $answers = [];
        for ($try = 1; $try <= 101; ++$try) {
            // All within the same minute, however slow the machine is.
            self::getContainer()->get(Connection::class)->executeStatement('UPDATE sign_in_try SET began_at = clock_timestamp()');
            $answers[] = 50 === $try ? $this->signIn('jointer')->getStatusCode() : $this->signIn("nobody-$try", 'a guess')->getStatusCode();
        }
        self::assertSame(200, $answers[49]);
        self::assertSame([401, 429], [$answers[99], $answers[100]]);
    }

    #[Test]
    public function onlyJsonIsASignIn(): void
    {
        $this->call('GET', '/api/session');
        $token = self::text($this->browser->getResponse(), 'csrfToken');
        foreach (['application/x-www-form-urlencoded', 'text/plain', 'multipart/form-data'] as $type) {
            $answer = $this->call('POST', '/api/sign-in', 'user=jointer&password=x', ['Content-Type' => $type, 'X-CSRF-Token' => $token]);
            self::assertSame([415, 'application/problem+json'], [$answer->getStatusCode(), $answer->headers->get('Content-Type')], $type);
        }
    }

    #[Test]
    public function aRequestThatChangesSomethingNeedsTheSessionsToken(): void
    {
        $this->signIn('jointer');
        $answer = $this->call('POST', '/api/jobs/'.self::HALF_CUT.'/log', ['id' => 'x', 'event' => []], ['X-CSRF-Token' => 'forged']);
        self::assertSame(403, $answer->getStatusCode());
        self::assertSame('/problems/csrf', self::at($answer, 'type'));
        self::assertSame(
            403,
            $this->call(
                'POST', '/api/sign-in', ['user' => 'engineer', 'password' => self::PASSWORD], ['X-CSRF-Token' => ''],
            )->getStatusCode(),
        );
    }

    /** @return iterable<string, array{string, string}> */
    public static function closedRoutes(): iterable
    {
        $job = '/api/jobs/'.self::HALF_CUT;
        foreach ([
            '/api/jobs',
            $job,
            "$job/kits",
            "$job/connectors",
            "$job/record.json",
            "$job/record.pdf",
            "$job/ends/A/identification",
            '/api/cables',
            '/api/cables.csv',
            '/api/kits/quillon-straight-12/4',
        ] as $path) {
            yield $path => ['GET', $path];
        }
    }

    #[Test]
    #[DataProvider('closedRoutes')]
    public function withoutASignInNothingIsShown(string $method, string $path): void
    {
        $answer = $this->call($method, $path);
        self::assertSame(401, $answer->getStatusCode());
        self::assertSame('application/problem+json', $answer->headers->get('Content-Type'));
    }

    /** @return iterable<string, array{string, bool, bool, bool}> role, may plan, may build, may accept */
    public static function rights(): iterable
    {
        yield 'jointer' => ['jointer', true, true, false];
        yield 'engineer' => ['engineer', true, false, true];
        yield 'storekeeper' => ['storekeeper', false, false, false];
        yield 'trainer' => ['trainer', false, false, false];
        yield 'administrator' => ['administrator', false, false, false];
    }

    #[Test]
    #[DataProvider('rights')]
    public function everyRouteAsksForTheRight(string $role, bool $mayPlan, bool $mayBuild, bool $mayAccept): void
    {
        $this->signIn($role);
        $isLet = static fn (int $status): bool => 403 !== $status;
        $create = $this->call(
            'POST', '/api/jobs', ['id' => '019aa100-0000-7000-8000-0000000000aa', 'name' => 'Test', 'function' => 'joint', 'unit' => 'mm'],
        );
        $plan = $this->call('PUT', '/api/jobs/'.self::INCHES.'/plan', ['unit' => 'in', 'ends' => []], ['If-Match' => '"2"']);
        $cable = $this->call('POST', '/api/cables', []);
        $build = $this->write(self::INCHES, self::safe());
        $accept = $this->write(self::HALF_CUT, ['kind' => 'deviation-accepted', 'end' => 'A', 'cut' => 'oversheath', 'reason' => 'test']);
        self::assertSame(
            [$mayPlan, $mayPlan, $mayPlan], array_map($isLet, [$create->getStatusCode(), $plan->getStatusCode(), $cable->getStatusCode()]),
        );
        self::assertSame([$mayBuild, $mayAccept], array_map($isLet, [$build->getStatusCode(), $accept->getStatusCode()]));
        self::assertSame(200, $this->call('GET', '/api/jobs/'.self::HALF_CUT)->getStatusCode(), 'everybody may read');
    }

    #[Test]
    public function thePageIsProtectedAgainstFramesAndForeignScripts(): void
    {
        $this->call('GET', '/api/ping');
        $headers = $this->browser->getResponse()->headers;
        self::assertSame(['nosniff', 'DENY'], [$headers->get('X-Content-Type-Options'), $headers->get('X-Frame-Options')]);
        self::assertStringContainsString("default-src 'self'", (string) $headers->get('Content-Security-Policy'));
    }
}
