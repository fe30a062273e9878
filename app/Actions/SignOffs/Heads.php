<?php

declare(strict_types=1);

namespace App\Actions\SignOffs;

use Core\Record\ChainFault;

/** The heads of a chain that were kept outside the database, held against the chain. */
final readonly class Heads
{
    /** @param  list<Anchor>  $anchors */
    public function __construct(private array $anchors)
    {
    }

    /** The last record that was sealed before records were signed; 0: there was none. */
    public function baseline(): int
    {
        $numbers = array_map(static fn (Anchor $anchor): int => $anchor->baseline && $anchor->isGenuine ? $anchor->number : 0, $this->anchors);

        return $numbers === [] ? 0 : max($numbers);
    }

    /** @return list<int> numbers of records that are named */
    public function numbers(): array
    {
        return array_values(array_unique(array_map(static fn (Anchor $anchor): int => $anchor->number, $this->anchors)));
    }

    /**
     * @param  array<int, string>  $hashes of the records, by number
     * @return list<ChainFault>
     */
    public function faults(array $hashes): array
    {
        $faults = [];
        foreach ($this->anchors as $anchor) {
            $sentence = match (true) {
                ! $anchor->isGenuine => "{$anchor->place} was not written by this application: its signature is wrong, or its key unknown.",
                ! isset($hashes[$anchor->number]) => "Record {$anchor->number} was signed off, as the file of heads says, but is not in the chain.",
                $hashes[$anchor->number] !== $anchor->hash => "Record {$anchor->number} is another than the one that was signed off, as the file of heads says.",
                default => null,
            };
            if ($sentence !== null) {
                $faults[] = new ChainFault($anchor->number, $sentence);
            }
        }

        return $faults;
    }
}
