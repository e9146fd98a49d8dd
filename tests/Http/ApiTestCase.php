<?php

declare(strict_types=1);

namespace App\Tests\Http;

use Symfony\Bundle\FrameworkBundle\KernelBrowser;
use Symfony\Bundle\FrameworkBundle\Test\WebTestCase;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Uid\Uuid;

/** Calls the application as the page does, against the loaded demo; what a test writes is undone after it. */
abstract class ApiTestCase extends WebTestCase
{
    protected const PASSWORD = 'a-password-for-tests';
    protected const FINISHED = '019aa100-0000-7000-8000-000000000001';
    protected const HALF_CUT = '019aa100-0000-7000-8000-000000000002';
    protected const INCHES = '019aa100-0000-7000-8000-000000000003';
    protected const STAGED = '019aa100-0000-7000-8000-000000000007';
    protected const LINED = '019aa100-0000-7000-8000-000000000024';
    protected const NO_FIT = '019aa100-0000-7000-8000-000000000004';

    protected KernelBrowser $browser;
    private string $csrfToken = '';

    protected function setUp(): void
    {
        $this->browser = self::createClient();
        $this->browser->disableReboot();
    }

    protected function signIn(string $user, string $password = self::PASSWORD): Response
    {
        $this->remember($this->call('GET', '/api/session'));
        $answer = $this->call('POST', '/api/sign-in', ['user' => $user, 'password' => $password]);
        if (200 === $answer->getStatusCode()) {
            $this->remember($answer);
        }

        return $answer;
    }

    /** @param array<string, string> $headers */
    protected function call(string $method, string $path, mixed $body = null, array $headers = []): Response
    {
        $response = $this->send($method, $path, $body, $headers);
        Contract::assertKept($method, explode('?', $path)[0], $response);

        return $response;
    }

    /**
     * Whatever the answer looks like.
     *
     * @param array<string, string> $headers
     */
    protected function send(string $method, string $path, mixed $body = null, array $headers = []): Response
    {
        $server = ['CONTENT_TYPE' => 'application/json', 'HTTP_X_CSRF_TOKEN' => $this->csrfToken];
        foreach ($headers as $name => $value) {
            $server['Content-Type' === $name ? 'CONTENT_TYPE' : 'HTTP_'.strtoupper(strtr($name, '-', '_'))] = $value;
        }
        $content = \is_string($body) || null === $body ? $body : json_encode($body, \JSON_THROW_ON_ERROR);
        $this->browser->request($method, $path, server: $server, content: $content);

        return $this->browser->getResponse();
    }

    /** @param array<mixed> $plan */
    protected function plan(string $id, int $version, array $plan): Response
    {
        return $this->call('PUT', "/api/jobs/$id/plan", $plan, ['If-Match' => "\"$version\""]);
    }

    /** @param array<string, mixed> $event */
    protected function write(string $job, array $event, ?string $id = null): Response
    {
        return $this->call('POST', "/api/jobs/$job/log", ['id' => $id ?? Uuid::v7()->toRfc4122(), 'event' => $event]);
    }

    /**
     * The job as it is after an entry that was taken.
     *
     * @param array<string, mixed> $event
     */
    protected function after(string $job, array $event): Response
    {
        self::assertSame(201, $this->write($job, $event)->getStatusCode());

        return $this->call('GET', "/api/jobs/$job");
    }

    /** Says yes to every look that is next, until something else is. */
    protected function seeWhatIsNext(string $job): Response
    {
        $answer = $this->call('GET', "/api/jobs/$job");
        while ('check' === self::at($answer, 'next.task')) {
            $place = array_filter([
                'end' => self::at($answer, 'next.end'), 'core' => self::at($answer, 'next.core'),
                'number' => self::at($answer, 'next.number'),
            ], static fn (mixed $part): bool => null !== $part);
            $isPhase = \in_array(self::at($answer, 'next.check'), ['phase-before', 'phase-after'], true);
            $answer = $this->after($job, [
                'kind' => 'check-made', 'stage' => self::at($answer, 'next.stage'), 'check' => self::at($answer, 'next.check'),
                ...($isPhase ? ['phase' => 'L1', 'by' => 'continuity'] : ['seen' => true]), ...$place,
            ]);
        }

        return $answer;
    }

    /** A value in an answer by a path such as "markOut.marks.3.recorded". */
    protected static function at(Response $response, string $path): mixed
    {
        $place = json_decode((string) $response->getContent(), true, 512, \JSON_THROW_ON_ERROR);
        foreach ('' === $path ? [] : explode('.', $path) as $key) {
            $place = \is_array($place) ? $place[$key] ?? null : null;
        }

        return $place;
    }

    /** A sentence in an answer, as somebody who reads millimetres reads it. */
    protected static function said(Response $response, string $path): string
    {
        return self::say(self::at($response, $path));
    }

    private static function say(mixed $sentence): string
    {
        $values = \is_array($sentence) && \is_array($sentence['values'] ?? null) ? $sentence['values'] : [];
        $template = \is_array($sentence) && \is_string($sentence['template'] ?? null) ? $sentence['template'] : '';

        return (string) preg_replace_callback('/\{(\w+)(?::fine)?\}/', static function (array $match) use ($values): string {
            $value = $values[$match[1]] ?? [];

            return match (true) {
                !\is_array($value) => $match[0],
                isset($value['sentence']) => self::say($value['sentence']),
                isset($value['mm']) && is_numeric($value['mm']) => $value['mm'].' mm',
                default => \is_string($value['text'] ?? null) ? $value['text'] : $match[0],
            };
        }, str_replace(['[', ']'], '', $template));
    }

    /** @return array<mixed> */
    protected static function listAt(Response $response, string $path): array
    {
        $list = self::at($response, $path);
        self::assertIsArray($list);

        return $list;
    }

    /** @return array{kind: string, end: string, cut: string, reading: array{typed: string, unit: string, instrument: string}} */
    protected static function cut(string $end, string $cut, string $typed, string $unit = 'mm'): array
    {
        return [
            'kind' => 'cut-measured',
            'end' => $end,
            'cut' => $cut,
            'reading' => ['typed' => $typed, 'unit' => $unit, 'instrument' => 'steel-rule'],
        ];
    }

    /** @return array<string, mixed> */
    protected static function safe(): array
    {
        return [
            'kind' => 'safety-confirmed',
            'permit' => 'P-9',
            'confirmedBy' => 'Control',
            'confirmedAt' => '2026-03-14T08:30:00+01:00',
            'identified' => true,
            'isolated' => true,
            'provedDead' => true,
            'earthed' => true,
        ];
    }

    private function remember(Response $session): void
    {
        $token = self::at($session, 'csrfToken');
        $this->csrfToken = \is_string($token) ? $token : '';
    }

    protected static function text(Response $response, string $path): string
    {
        $text = self::at($response, $path);

        return \is_string($text) ? $text : '';
    }
}
