<?php

declare(strict_types=1);

namespace App\Device;

use Berm\Core\File\MomentFile;
use Symfony\Component\Uid\Uuid;

/** Carries what an instrument says to Berm, as a real bridge would: see docs/formats/instruments.md. */
final readonly class Bridge
{
    private const SECONDS = 5;

    public function __construct(private string $address, private string $token, private string $person)
    {
    }

    /**
     * @param array<string, mixed> $says
     *
     * @return string what Berm answered, in words
     */
    public function send(array $says, ?string $calibratedUntil, \DateTimeImmutable $readAt, \DateTimeImmutable $now): string
    {
        $by = \is_array($says['sentBy'] ?? null) ? $says['sentBy'] : [];
        $by['readAt'] = MomentFile::write($readAt);
        if (null !== $calibratedUntil) {
            $by['calibratedUntil'] = $calibratedUntil;
        }
        $answer = $this->post(json_encode([
            'id' => Uuid::v7()->toRfc4122(), 'person' => $this->person, 'sentAt' => MomentFile::write($now),
            'report' => ['sentBy' => $by] + $says,
        ], \JSON_THROW_ON_ERROR));
        $pages = $answer['pages'] ?? null;

        return match (true) {
            0 === $pages => 'Sent; no page of theirs has a step open: it is offered on the next.',
            \is_int($pages) => "Sent to $pages open page(s).",
            default => 'REFUSED: '.(\is_string($answer['detail'] ?? null) ? $answer['detail'] : 'no answer').self::problems($answer),
        };
    }

    /** @return array<array-key, mixed> */
    private function post(string $body): array
    {
        $text = @file_get_contents("$this->address/api/instrument-reports", false, stream_context_create(['http' => [
            'method' => 'POST', 'timeout' => self::SECONDS, 'ignore_errors' => true, 'content' => $body,
            'header' => "Content-Type: application/json\r\nAuthorization: Bearer $this->token\r\n",
        ]]));
        $answer = false === $text ? null : json_decode($text, true);

        return \is_array($answer) ? $answer : ['detail' => "Berm does not answer at $this->address."];
    }

    /** @param array<array-key, mixed> $answer */
    private static function problems(array $answer): string
    {
        $words = '';
        foreach (\is_array($answer['problems'] ?? null) ? $answer['problems'] : [] as $problem) {
            $words .= \is_array($problem) ? ' '.implode(' ', array_filter($problem, \is_string(...))) : '';
        }

        return $words;
    }
}
