<?php

declare(strict_types=1);

namespace Core\Record;

/** Whether a chain of records is as it was written. */
final readonly class ChainCheck
{
    /**
     * @param  iterable<Link>  $links in their order
     * @param  int  $after number of the record before the first of them; 0: there is none
     * @param  string  $previous hash of that record
     * @return list<ChainFault> empty when every record is as it was sealed
     */
    public static function faults(iterable $links, int $after = 0, string $previous = Link::NO_LINK): array
    {
        $faults = [];
        $expected = $after + 1;
        foreach ($links as $link) {
            foreach (self::faultsOf($link, $expected, $previous) as $sentence) {
                $faults[] = new ChainFault($link->number, $sentence);
            }
            $expected = $link->number + 1;
            $previous = $link->hash;
        }

        return $faults;
    }

    /** @return iterable<string> */
    private static function faultsOf(Link $link, int $expected, string $previous): iterable
    {
        if ($link->number !== $expected) {
            yield "Record {$link->number} stands where record {$expected} should: a record is missing or out of place.";
        }
        if ($link->previous !== $previous) {
            yield "Record {$link->number} does not follow the one before it: their hashes differ.";
        }
        if (! $link->hashIsRight()) {
            yield "Record {$link->number} was altered after it was signed: its hash does not fit what it says.";
        } elseif (! self::saysItsPlace($link)) {
            yield "Record {$link->number} says another number or another record before it than it is stored with.";
        }
    }

    private static function saysItsPlace(Link $link): bool
    {
        $record = json_decode($link->canonical, true);

        return is_array($record)
            && ($record['number'] ?? null) === $link->number
            && ($record['previous'] ?? null) === $link->previous;
    }
}
