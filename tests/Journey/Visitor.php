<?php

declare(strict_types=1);

namespace App\Tests\Journey;

use PHPUnit\Framework\Assert;

/** Somebody who is signed in at the running server, without a browser: asks one thing, or several at the same moment. */
final class Visitor
{
    private string $cookie = '';
    private string $token = '';

    private function __construct(private readonly string $at)
    {
    }

    public static function of(string $user): self
    {
        $url = $_SERVER['BERM_URL'] ?? null;
        Assert::assertIsString($url);

        return self::at($url, $user, (string) getenv('BERM_PASSWORD'));
    }

    /** Somebody who is not signed in. */
    public static function nobody(): self
    {
        $url = $_SERVER['BERM_URL'] ?? null;
        Assert::assertIsString($url);
        $visitor = new self($url);
        $visitor->remember($visitor->ask('GET', '/api/session'));

        return $visitor;
    }

    public static function at(string $url, string $user, string $password): self
    {
        $visitor = new self($url);
        $visitor->remember($visitor->ask('GET', '/api/session'));
        $signedIn = $visitor->ask('POST', '/api/sign-in', ['user' => $user, 'password' => $password]);
        Assert::assertSame(200, $signedIn->status, $signedIn->body);
        $visitor->remember($signedIn);

        return $visitor;
    }

    /** @param array<string, string> $headers */
    public function ask(string $method, string $path, mixed $body = null, array $headers = []): Answer
    {
        return $this->atOnce([[$method, $path, $body, $headers]])[0];
    }

    /**
     * Asks, and goes on before the answer is there.
     *
     * @param array<string, string> $headers
     */
    public function begin(string $method, string $path, mixed $body = null, array $headers = []): Asked
    {
        return Asked::now($this->question($method, $path, $body, $headers));
    }

    /**
     * @param non-empty-list<array{0: string, 1: string, 2?: mixed, 3?: array<string, string>}> $questions method, path, body and headers
     *
     * @return non-empty-list<Answer> in the same order
     */
    public function atOnce(array $questions): array
    {
        $many = curl_multi_init();
        $asked = [];
        foreach ($questions as $question) {
            $curl = $this->question(...$question);
            curl_multi_add_handle($many, $curl);
            $asked[] = $curl;
        }
        do {
            curl_multi_exec($many, $open);
            curl_multi_select($many, 0.2);
        } while ($open > 0);
        $answers = array_map(Answer::of(...), $asked);
        curl_multi_close($many);

        return $answers;
    }

    /** @param array<string, string> $headers */
    private function question(string $method, string $path, mixed $body = null, array $headers = []): \CurlHandle
    {
        $curl = curl_init($this->at.$path);
        Assert::assertInstanceOf(\CurlHandle::class, $curl);
        $headers += ['Content-Type' => \is_string($body) ? 'text/plain' : 'application/json'];
        $lines = ["Cookie: $this->cookie", "X-CSRF-Token: $this->token"];
        foreach ($headers as $name => $value) {
            $lines[] = "$name: $value";
        }
        curl_setopt_array($curl, [
            \CURLOPT_CUSTOMREQUEST => '' === $method ? 'GET' : $method, \CURLOPT_RETURNTRANSFER => true, \CURLOPT_HEADER => true,
            \CURLOPT_PROXY => '',
            \CURLOPT_TIMEOUT => 60, \CURLOPT_HTTPHEADER => $lines, \CURLOPT_PATH_AS_IS => true,
        ]);
        if (null !== $body) {
            curl_setopt(
                $curl, \CURLOPT_POSTFIELDS,
                \is_string($body) ? $body : json_encode($body, \JSON_THROW_ON_ERROR | \JSON_INVALID_UTF8_SUBSTITUTE),
            );
        }

        return $curl;
    }

    private function remember(Answer $session): void
    {
        if (1 === preg_match('/^set-cookie: (berm=[^;]+)/mi', $session->head, $is)) {
            $this->cookie = $is[1];
        }
        $token = $session->at('csrfToken');
        $this->token = \is_string($token) ? $token : $this->token;
    }
}
