<?php

declare(strict_types=1);

namespace App\Tests\Http;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use Symfony\Component\HttpFoundation\Response;

final class PeopleTest extends ApiTestCase
{
    private const OWN = 'a splice in the rain';

    #[Test]
    public function whoIsAddedComesInByAOneTimePasswordAndChoosesTheirOwnFirst(): void
    {
        $given = $this->added('moss', 'Moss Tarrant', 'jointer');
        $this->call('DELETE', '/api/session');
        self::assertSame(
            [200, true],
            [$this->signIn('moss', $given)->getStatusCode(), self::at($this->call('GET', '/api/session'), 'person.ownPasswordFirst')],
        );
        $barred = $this->call('GET', '/api/jobs');
        self::assertSame([403, '/problems/own-password'], [$barred->getStatusCode(), self::at($barred, 'type')]);
        self::assertSame(422, $this->choose('wrong', self::OWN)->getStatusCode());
        self::assertSame(200, $this->choose($given, self::OWN)->getStatusCode());
        self::assertSame(200, $this->call('GET', '/api/jobs')->getStatusCode(), 'goes on without signing in anew');
        self::assertSame(401, $this->signIn('moss', $given)->getStatusCode(), 'good for once');
        self::assertSame(
            [200, false],
            [$this->signIn('moss', self::OWN)->getStatusCode(), self::at($this->call('GET', '/api/session'), 'person.ownPasswordFirst')],
        );
    }

    /** @return iterable<string, array{string, string}> */
    public static function weak(): iterable
    {
        yield 'short' => ['ninechars', 'at least 10 characters'];
        yield 'longer than is looked at' => [str_repeat('long words ', 7), 'longer than 72 bytes'];
        yield 'one letter' => ['aaaaaaaaaaaaaaaa', 'easily guessed'];
        yield 'with the name in it' => ['the JOINTER of all', 'easily guessed'];
        yield 'the old one' => [self::PASSWORD, 'the same as the old one'];
    }

    #[Test]
    #[DataProvider('weak')]
    public function aPasswordThatIsNoGoodIsRefusedWithWhatWouldBe(string $password, string $told): void
    {
        $this->signIn('jointer');
        $refused = $this->choose(self::PASSWORD, $password);
        self::assertSame([422, 'new'], [$refused->getStatusCode(), self::at($refused, 'problems.0.path')]);
        self::assertStringContainsString($told, self::text($refused, 'problems.0.message'));
        self::assertSame(200, $this->signIn('jointer')->getStatusCode());
    }

    #[Test]
    public function theOldPasswordIsGuessedFiveTimesAMinuteAtMost(): void
    {
        $this->signIn('jointer');
        for ($try = 0; $try < 5; ++$try) {
            self::assertSame(422, $this->choose("guess $try", self::OWN)->getStatusCode());
        }
        self::assertSame(429, $this->choose(self::PASSWORD, self::OWN)->getStatusCode(), 'even with the right one');
    }

    #[Test]
    public function aSuspendedPersonIsOutAtOnceAndToldSoWhenTheirPasswordIsRight(): void
    {
        $this->signIn('trainer');
        $session = $this->browser->getCookieJar()->all();
        $this->administer('PUT', 'trainer', ['shownAs' => 'Ines Farrow', 'role' => 'trainer', 'suspended' => true]);
        array_walk($session, fn ($cookie) => $this->browser->getCookieJar()->set($cookie));
        self::assertSame(401, $this->call('GET', '/api/jobs')->getStatusCode(), 'the session they had');
        $this->browser->getCookieJar()->clear();
        $refused = $this->signIn('trainer');
        self::assertSame(
            [403, 'You are suspended: an administrator can take you on again.'],
            [$refused->getStatusCode(), self::text($refused, 'detail')],
        );
        self::assertSame(401, $this->signIn('trainer', 'not it')->getStatusCode(), 'nobody else learns of it');
        $this->administer('PUT', 'trainer', ['shownAs' => 'Ines Farrow', 'role' => 'trainer', 'suspended' => false], 2);
        self::assertSame(200, $this->signIn('trainer')->getStatusCode());
    }

    /** @return iterable<string, array{string, string, mixed}> */
    public static function endings(): iterable
    {
        yield 'sessions ended' => ['DELETE', 'jointer/sessions', null];
        yield 'another role' => ['PUT', 'jointer', ['shownAs' => 'Wren Addlery', 'role' => 'trainer', 'suspended' => false]];
        yield 'a password given' => ['POST', 'jointer/one-time-password', null];
    }

    #[Test]
    #[DataProvider('endings')]
    public function theirSessionsEndByWhatAnAdministratorDoes(string $method, string $path, mixed $body): void
    {
        $this->signIn('jointer');
        $session = $this->browser->getCookieJar()->all();
        self::assertSame(200, $this->call('GET', '/api/jobs')->getStatusCode());
        $this->administer($method, $path, $body);
        $this->browser->getCookieJar()->clear();
        array_walk($session, fn ($cookie) => $this->browser->getCookieJar()->set($cookie));
        self::assertSame(401, $this->call('GET', '/api/jobs')->getStatusCode());
    }

    #[Test]
    public function aChangedNameAloneEndsNoSession(): void
    {
        $this->signIn('jointer');
        $session = $this->browser->getCookieJar()->all();
        $this->administer('PUT', 'jointer', ['shownAs' => 'Wren Addlery-Moss', 'role' => 'jointer', 'suspended' => false]);
        $this->browser->getCookieJar()->clear();
        array_walk($session, fn ($cookie) => $this->browser->getCookieJar()->set($cookie));
        self::assertSame('Wren Addlery-Moss', self::at($this->call('GET', '/api/session'), 'person.shownAs'));
    }

    #[Test]
    public function anAdministratorIsAlwaysLeft(): void
    {
        $this->signIn('administrator');
        $own = $this->change('administrator', ['shownAs' => 'Joss Pellin', 'role' => 'administrator', 'suspended' => true]);
        self::assertSame(
            [409, 'Nobody suspends themselves or gives themselves another role: ask another administrator.'],
            [$own->getStatusCode(), self::text($own, 'detail')],
        );
        self::assertSame(
            200, $this->change('engineer', ['shownAs' => 'Tamsin Oake', 'role' => 'administrator', 'suspended' => false])->getStatusCode(),
        );
        $this->signIn('engineer');
        self::assertSame(
            200, $this->change('administrator', ['shownAs' => 'Joss Pellin', 'role' => 'trainer', 'suspended' => false])->getStatusCode(),
        );
        self::assertSame(
            409, $this->change('engineer', ['shownAs' => 'Tamsin Oake', 'role' => 'engineer', 'suspended' => false], 2)->getStatusCode(),
        );
    }

    #[Test]
    public function whoChangesWhatSomebodyElseChangedMeanwhileIsTold(): void
    {
        $this->signIn('administrator');
        $to = ['shownAs' => 'Ines Farrow', 'role' => 'jointer', 'suspended' => false];
        self::assertSame(200, $this->change('trainer', $to)->getStatusCode());
        self::assertSame(409, $this->change('trainer', $to)->getStatusCode());
        self::assertSame(404, $this->change('nobody', $to)->getStatusCode());
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function bad(): iterable
    {
        $good = ['name' => 'moss', 'shownAs' => 'Moss Tarrant', 'role' => 'jointer'];
        yield 'a name with a space' => [[...$good, 'name' => 'moss t'], 'name'];
        yield 'a name in capitals' => [[...$good, 'name' => 'Moss'], 'name'];
        yield 'a name that is somebody\'s' => [[...$good, 'name' => 'jointer'], 'name'];
        yield 'the program\'s own' => [[...$good, 'name' => 'berm'], 'name'];
        yield 'shown as somebody else' => [[...$good, 'shownAs' => 'wren addlery'], 'shownAs'];
        yield 'shown as nothing' => [[...$good, 'shownAs' => ' '], 'shownAs'];
        yield 'turned round' => [[...$good, 'shownAs' => "Moss \u{202E}Tarrant"], 'shownAs'];
        yield 'a role that there is not' => [[...$good, 'role' => 'king'], 'role'];
    }

    /** @param array<string, mixed> $person */
    #[Test]
    #[DataProvider('bad')]
    public function aPersonWhoCannotBeIsRefusedWithTheField(array $person, string $field): void
    {
        $this->signIn('administrator');
        $refused = $this->call('POST', '/api/people', $person);
        self::assertSame(
            [422, $field], [$refused->getStatusCode(), self::at($refused, 'problems.0.path')], (string) $refused->getContent(),
        );
    }

    private function added(string $name, string $shownAs, string $role): string
    {
        $this->signIn('administrator');
        $added = $this->call('POST', '/api/people', ['name' => $name, 'shownAs' => $shownAs, 'role' => $role]);
        self::assertSame(201, $added->getStatusCode(), (string) $added->getContent());

        return self::text($added, 'oneTimePassword');
    }

    private function administer(string $method, string $path, mixed $body, int $version = 1): void
    {
        $this->browser->getCookieJar()->clear();
        $this->signIn('administrator');
        self::assertContains(
            $this->call($method, "/api/people/$path", $body, ['If-Match' => "\"$version\""])->getStatusCode(), [200, 201, 204],
        );
        $this->browser->getCookieJar()->clear();
    }

    /** @param array<string, mixed> $to */
    private function change(string $name, array $to, int $version = 1): Response
    {
        return $this->call('PUT', "/api/people/$name", $to, ['If-Match' => "\"$version\""]);
    }

    private function choose(string $old, string $new): Response
    {
        return $this->call('PUT', '/api/own-password', ['old' => $old, 'new' => $new]);
    }
}
