<?php

declare(strict_types=1);

namespace App\UseCase\Instruments;

use App\UseCase\IdTaken;
use Berm\Core\File\BadDocument;
use Psr\Clock\ClockInterface;

final readonly class MakeInstrumentToken
{
    private const MOST = 5;

    public function __construct(private InstrumentTokens $tokens, private ClockInterface $clock)
    {
    }

    /**
     * @return string the secret: said this once
     *
     * @throws BadDocument
     * @throws IdTaken
     */
    public function __invoke(string $id, string $person, int $epoch, string $name): string
    {
        if (\count($this->tokens->of($person)) >= self::MOST) {
            throw BadDocument::because('name', \sprintf('would be one too many: you have %d. End one that is not used.', self::MOST));
        }
        $secret = 'berm-'.bin2hex(random_bytes(24));
        $token = new InstrumentToken($id, $person, $epoch, $name, $this->clock->now(), null);
        if (!$this->tokens->add($token, InstrumentToken::hash($secret))) {
            throw IdTaken::by('token', $id);
        }

        return $secret;
    }
}
