<?php

declare(strict_types=1);

namespace App\Tests\Journey;

/** A question on its way. */
final readonly class Asked
{
    private function __construct(private \CurlMultiHandle $many, private \CurlHandle $question)
    {
    }

    public static function now(\CurlHandle $question): self
    {
        $many = curl_multi_init();
        curl_multi_add_handle($many, $question);
        // Until all of it is sent; the answer is not waited for.
        do {
            curl_multi_exec($many, $open);
            curl_multi_select($many, 0.001);
            $left = curl_getinfo($question, \CURLINFO_CONTENT_LENGTH_UPLOAD) - curl_getinfo($question, \CURLINFO_SIZE_UPLOAD);
        } while ($open > 0 && (0.0 === curl_getinfo($question, \CURLINFO_PRETRANSFER_TIME) || $left > 0));

        return new self($many, $question);
    }

    public function hangUp(): void
    {
        curl_multi_remove_handle($this->many, $this->question);
        curl_multi_close($this->many);
        curl_close($this->question);
    }

    public function end(): Answer
    {
        do {
            curl_multi_exec($this->many, $open);
            curl_multi_select($this->many, 0.2);
        } while ($open > 0);

        return Answer::of($this->question);
    }
}
