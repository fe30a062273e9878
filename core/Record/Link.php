<?php

declare(strict_types=1);

namespace Core\Record;

/** A record sealed into a chain: its canonical bytes, the hash of the link before it, and its own. */
final readonly class Link
{
    /** What the first link of a chain names as the one before it. */
    public const NO_LINK = '0000000000000000000000000000000000000000000000000000000000000000';

    /** @param  int  $number from 1, without gaps */
    private function __construct(
        public int $number,
        public string $previous,
        public string $canonical,
        public string $hash,
    ) {
    }

    /**
     * @param  array<string, mixed>  $record
     *
     * @throws NotCanonical if the record holds what JSON does not
     */
    public static function first(array $record): self
    {
        return self::seal(1, self::NO_LINK, $record);
    }

    /** @param  array<string, mixed>  $record */
    public function next(array $record): self
    {
        return self::seal($this->number + 1, $this->hash, $record);
    }

    /** A link as it was stored; nothing is believed of it yet (see {@see ChainCheck}). */
    public static function stored(int $number, string $previous, string $canonical, string $hash): self
    {
        return new self($number, $previous, $canonical, $hash);
    }

    public function hashIsRight(): bool
    {
        return hash_equals(self::hashOf($this->canonical), $this->hash);
    }

    /** @param  array<string, mixed>  $record */
    private static function seal(int $number, string $previous, array $record): self
    {
        $canonical = CanonicalJson::encode([...$record, 'number' => $number, 'previous' => $previous]);

        return new self($number, $previous, $canonical, self::hashOf($canonical));
    }

    private static function hashOf(string $canonical): string
    {
        return hash('sha256', $canonical);
    }
}
