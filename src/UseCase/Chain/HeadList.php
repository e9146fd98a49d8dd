<?php

declare(strict_types=1);

namespace App\UseCase\Chain;

/**
 * The heads of those jobs that have been written to since the list before, signed (Ed25519, RFC 8032) by a key that no worker has. A list
 * names the hash of the one before, so that the newest stands for all of them.
 */
final readonly class HeadList
{
    private const FORMAT = 'berm heads 1';

    /** @param list<Head> $heads */
    private function __construct(
        public int $number, public string $text, public array $heads, public string $before, public string $key, public string $signature,
    ) {
    }

    /**
     * @param list<Head> $heads
     * @param string     $seed  of the key, 32 bytes in hexadecimal
     */
    public static function next(?self $last, array $heads, \DateTimeImmutable $at, #[\SensitiveParameter] string $seed): self
    {
        $number = 1 + ($last->number ?? 0);
        $before = $last?->hash() ?? '';
        $lines = array_map(static fn (Head $head): string => "$head->job $head->lines $head->hash", $heads);
        $text = implode("\n", [self::FORMAT, (string) $number, $at->format(\DATE_ATOM), $before, ...$lines]);
        $pair = sodium_crypto_sign_seed_keypair(self::bytes($seed, \SODIUM_CRYPTO_SIGN_SEEDBYTES));
        $key = bin2hex(sodium_crypto_sign_publickey($pair));

        return new self(
            $number, $text, $heads, $before, $key, bin2hex(sodium_crypto_sign_detached($text, sodium_crypto_sign_secretkey($pair))),
        );
    }

    /** As it is kept; null when it is no such list. */
    public static function kept(int $number, string $text, string $key, string $signature): ?self
    {
        $lines = explode("\n", $text);
        [$format, $numbered, , $before] = [...\array_slice($lines, 0, 4), '', '', '', ''];
        $heads = array_map(static fn (string $line): ?Head => 1 === preg_match('/\A(\S+) (\d+) ([0-9a-f]{64})\z/', $line, $is)
            ? new Head($is[1], (int) $is[2], $is[3]) : null, \array_slice($lines, 4));
        $whole = array_values(array_filter($heads, static fn (?Head $head): bool => null !== $head));

        return self::FORMAT === $format && $numbered === (string) $number && \count($whole) === \count($heads)
            ? new self($number, $text, $whole, $before, $key, $signature) : null;
    }

    public function hash(): string
    {
        return hash('sha256', $this->text);
    }

    /** @param list<string> $known public keys in hexadecimal */
    public function isSignedBy(array $known): bool
    {
        return \in_array($this->key, $known, true) && sodium_crypto_sign_verify_detached(
            self::bytes($this->signature, \SODIUM_CRYPTO_SIGN_BYTES), $this->text,
            self::bytes($this->key, \SODIUM_CRYPTO_SIGN_PUBLICKEYBYTES),
        );
    }

    /** What is noted down outside: it stands for every line of every log up to then. */
    public function line(): string
    {
        return $this->number.' '.$this->hash();
    }

    /** @return non-empty-string of this length; zeros where it is no hexadecimal of that */
    private static function bytes(string $hexadecimal, int $length): string
    {
        $bytes = 1 === preg_match('/\A[0-9a-f]{'.(2 * $length).'}\z/', $hexadecimal) ? (string) hex2bin($hexadecimal) : '';

        return '' === $bytes ? str_repeat("\0", max(1, $length)) : $bytes;
    }
}
