<?php

declare(strict_types=1);

namespace App\Tests\Journey;

/** What the running server answered. */
final readonly class Answer
{
    private function __construct(public int $status, public string $head, public string $body)
    {
    }

    public static function of(\CurlHandle $asked): self
    {
        $text = (string) curl_multi_getcontent($asked);
        $size = curl_getinfo($asked, \CURLINFO_HEADER_SIZE);

        return new self(curl_getinfo($asked, \CURLINFO_RESPONSE_CODE), substr($text, 0, $size), substr($text, $size));
    }

    /** A value by a path such as "draft.kit.id". */
    public function at(string $path): mixed
    {
        $place = json_decode($this->body, true);
        foreach (explode('.', $path) as $key) {
            $place = \is_array($place) ? $place[$key] ?? null : null;
        }

        return $place;
    }
}
