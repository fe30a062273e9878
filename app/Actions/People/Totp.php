<?php

declare(strict_types=1);

namespace App\Actions\People;

use App\Refusals\NotRight;

/**
 * Codes by the clock: TOTP (RFC 6238) with HMAC-SHA-1, six digits and steps of 30 seconds, as the apps take it. The
 * secret is written in Base32 (RFC 4648).
 */
final readonly class Totp
{
    private const STEP_SECONDS = 30;

    private const DIGITS = 6;

    private const ALPHABET = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ234567';

    /** A step to either side: clocks differ, and typing takes time (RFC 6238, section 5.2). */
    private const LENIENCE = 1;

    /** @param  string  $secret bytes; 20 of them for a new one, as RFC 4226 recommends */
    private function __construct(private string $secret)
    {
    }

    public static function ofBytes(string $secret): self
    {
        return new self($secret);
    }

    /** @throws NotRight if it is no Base32 */
    public static function ofBase32(string $text): self
    {
        $bits = '';
        foreach (str_split(strtoupper(rtrim($text, '='))) as $letter) {
            $value = strpos(self::ALPHABET, $letter);
            $bits .= $value === false ? throw NotRight::at('', 'not-base32', 'This is no secret in Base32.') : str_pad(decbin($value), 5, '0', STR_PAD_LEFT);
        }
        $bytes = '';
        foreach (str_split($bits, 8) as $byte) {
            $bytes .= strlen($byte) === 8 ? chr((int) bindec($byte)) : '';
        }

        return new self($bytes);
    }

    public static function fresh(): self
    {
        return new self(random_bytes(20));
    }

    public function base32(): string
    {
        $bits = implode('', array_map(static fn (string $byte): string => str_pad(decbin(ord($byte)), 8, '0', STR_PAD_LEFT), str_split($this->secret)));

        return implode('', array_map(static fn (string $five): string => self::ALPHABET[(int) bindec(str_pad($five, 5, '0'))], str_split($bits, 5)));
    }

    /** @param  int  $time in seconds since 1970 */
    public function at(int $time, int $digits = self::DIGITS): string
    {
        return $this->ofStep(intdiv($time, self::STEP_SECONDS), $digits);
    }

    /**
     * The step whose code this is, near the time; null where it is none of them, or of a step that was taken already.
     *
     * @param  int  $after steps up to this one were taken
     */
    public function stepOf(string $code, int $time, int $after): ?int
    {
        $now = intdiv($time, self::STEP_SECONDS);
        $found = null;
        for ($step = $now - self::LENIENCE; $step <= $now + self::LENIENCE; $step++) {
            // Each is compared, so that the answer takes as long whichever it is.
            if (hash_equals($this->ofStep($step, self::DIGITS), $code) && $step > $after) {
                $found = $step;
            }
        }

        return $found;
    }

    /** What an app reads from the picture. */
    public function address(string $issuer, string $account): string
    {
        return sprintf('otpauth://totp/%s:%s?secret=%s&issuer=%s', rawurlencode($issuer), rawurlencode($account), $this->base32(), rawurlencode($issuer));
    }

    /** HOTP of RFC 4226: the last four bits say where the number is taken from. */
    private function ofStep(int $step, int $digits): string
    {
        $hash = hash_hmac('sha1', pack('J', $step), $this->secret, true);
        $offset = ord($hash[19]) & 15;
        $number = (ord($hash[$offset]) & 127) << 24 | ord($hash[$offset + 1]) << 16 | ord($hash[$offset + 2]) << 8 | ord($hash[$offset + 3]);

        return str_pad((string) ($number % 10 ** $digits), $digits, '0', STR_PAD_LEFT);
    }
}
