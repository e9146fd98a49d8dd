<?php

declare(strict_types=1);

namespace App\Tests\Process;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** Served over TLS at a named address; and why not, where something about that is not right. */
final class NamedAddressTest extends TestCase
{
    private const NAME = 'berm.test';

    #[Test]
    public function thePageComesOverTlsByItsNameAndByNoOther(): void
    {
        [$cert, $key] = self::certificate('good', self::NAME);
        $berm = Instance::in('named')->filled()->with(['BERM_ADDRESS' => self::NAME, 'BERM_CERT' => $cert, 'BERM_KEY' => $key]);
        try {
            $said = $berm->berm('start');
            self::assertStringContainsString("Berm is at https://berm.test:$berm->port\n", $said);
            self::assertStringNotContainsString('phones cannot reach it', $said);
            [$status, $head] = self::ask($berm, 'https://'.self::NAME.":$berm->port/api/session", $cert);
            self::assertSame(200, $status);
            self::assertMatchesRegularExpression('/^strict-transport-security: max-age=31536000\r?$/mi', $head);
            self::assertSame(1, substr_count(strtolower($head), 'strict-transport-security'));
            self::assertMatchesRegularExpression('/^set-cookie: berm=[^\r\n]*; secure; httponly; samesite=strict/mi', $head);
            [$status, $head] = self::ask($berm, 'https://'.self::NAME.":$berm->port/build/none", $cert);
            self::assertSame(
                [404, 1], [$status, substr_count(strtolower($head), 'strict-transport-security')], 'what the web server answers itself',
            );
            self::assertSame(421, self::ask($berm, "https://127.0.0.1:$berm->port/", null)[0], 'by another name');
            self::assertSame(400, self::ask($berm, 'http://'.self::NAME.":$berm->port/", null)[0], 'without TLS');
        } finally {
            $berm->berm('stop');
        }
    }

    /** @return iterable<string, array{\Closure(): array<string, string>, string}> */
    public static function faults(): iterable
    {
        yield 'no certificate' => [static fn (): array => ['BERM_ADDRESS' => self::NAME], 'set BERM_CERT and BERM_KEY'];
        yield 'a file that is not there' => [static fn (): array => self::with('/none', '/none'), 'cannot be read'];
        yield 'a text' => [static fn (): array => self::with(__FILE__, __FILE__), 'is no certificate in PEM form'];
        yield 'another one\'s key' => [
            static fn (): array => self::with(self::certificate('a', self::NAME)[0], self::certificate('b', self::NAME)[1]),
            'is not the key of BERM_CERT',
        ];
        yield 'of another name' => [
            static fn (): array => self::with(...self::certificate('other', 'other.test')),
            'is for other.test and not for BERM_ADDRESS, berm.test',
        ];
        yield 'run out' => [static fn (): array => self::with(...self::certificate('old', self::NAME, 0)), 'have it renewed'];
    }

    /** @param \Closure(): array<string, string> $settings */
    #[Test]
    #[DataProvider('faults')]
    public function whatIsNotRightIsSaidBeforeAnythingIsServed(\Closure $settings, string $told): void
    {
        $berm = Instance::in('named')->with($settings());
        try {
            self::assertStringContainsString($told, $berm->refused('start'));
            self::assertSame([], $berm->named('/nginx/'));
        } finally {
            $berm->with([])->berm('stop');
        }
    }

    /** @return array<string, string> */
    private static function with(string $cert, string $key): array
    {
        return ['BERM_ADDRESS' => self::NAME, 'BERM_CERT' => $cert, 'BERM_KEY' => $key];
    }

    /** @return array{string, string} paths of a certificate and its key */
    private static function certificate(string $file, string $name, int $days = 30): array
    {
        if (!is_dir(Instance::scratch('tls'))) {
            mkdir(Instance::scratch('tls'), 0o755, true);
        }
        $config = Instance::scratch("tls/$file.cnf");
        file_put_contents($config, "[req]\ndistinguished_name=dn\n[dn]\n[ext]\nsubjectAltName=DNS:$name\nbasicConstraints=CA:true\n");
        $options = ['config' => $config, 'x509_extensions' => 'ext', 'private_key_bits' => 2048, 'digest_alg' => 'sha256'];
        $key = openssl_pkey_new($options);
        self::assertInstanceOf(\OpenSSLAsymmetricKey::class, $key);
        $made = $key;
        $request = openssl_csr_new(['commonName' => $name], $key, $options);
        self::assertInstanceOf(\OpenSSLCertificateSigningRequest::class, $request);
        $signed = openssl_csr_sign($request, null, $made, $days, $options);
        self::assertInstanceOf(\OpenSSLCertificate::class, $signed);
        openssl_x509_export_to_file($signed, Instance::scratch("tls/$file.crt"));
        openssl_pkey_export_to_file($made, Instance::scratch("tls/$file.key"), null, $options);

        return [Instance::scratch("tls/$file.crt"), Instance::scratch("tls/$file.key")];
    }

    /**
     * @param string|null $trusted the certificate that is trusted; null: none is asked for
     *
     * @return array{int, string} status and head
     */
    private static function ask(Instance $berm, string $url, ?string $trusted): array
    {
        $curl = curl_init('' === $url ? '/' : $url);
        self::assertInstanceOf(\CurlHandle::class, $curl);
        curl_setopt_array($curl, [
            \CURLOPT_RETURNTRANSFER => true, \CURLOPT_HEADER => true, \CURLOPT_PROXY => '', \CURLOPT_TIMEOUT => 20,
            \CURLOPT_CONNECT_TO => ["::127.0.0.1:$berm->port"],
        ] + (null === $trusted || '' === $trusted
            ? [\CURLOPT_SSL_VERIFYPEER => false, \CURLOPT_SSL_VERIFYHOST => 0]
            : [\CURLOPT_CAINFO => $trusted]));
        $answer = curl_exec($curl);
        if (null !== $trusted) {
            self::assertSame('', curl_error($curl));
        }

        $head = substr(\is_string($answer) ? $answer : '', 0, curl_getinfo($curl, \CURLINFO_HEADER_SIZE));

        return [curl_getinfo($curl, \CURLINFO_RESPONSE_CODE), $head];
    }
}
