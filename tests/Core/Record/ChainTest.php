<?php

declare(strict_types=1);

namespace Tests\Core\Record;

use Core\Record\ChainCheck;
use Core\Record\ChainFault;
use Core\Record\Link;
use PHPUnit\Framework\TestCase;

final class ChainTest extends TestCase
{
    public function test_the_first_link_names_64_zeros(): void
    {
        self::assertSame(str_repeat('0', 64), Link::first(['a' => 1])->previous);
    }

    public function test_the_hash_is_the_sha_256_of_the_canonical_record(): void
    {
        $link = Link::first(['b' => 1, 'a' => 'x']);

        self::assertSame('{"a":"x","b":1,"number":1,"previous":"'.str_repeat('0', 64).'"}', $link->canonical);
        self::assertSame(hash('sha256', $link->canonical), $link->hash);
    }

    public function test_a_chain_as_it_was_written_holds(): void
    {
        self::assertSame([], ChainCheck::faults(self::chain()));
    }

    public function test_an_altered_record_is_found(): void
    {
        $chain = self::chain();
        $chain[1] = Link::stored(2, $chain[1]->previous, str_replace('two', 'tvo', $chain[1]->canonical), $chain[1]->hash);

        self::assertSame([2], self::places($chain));
    }

    public function test_a_record_altered_and_hashed_anew_breaks_the_link_after_it(): void
    {
        $chain = self::chain();
        $altered = str_replace('two', 'tvo', $chain[1]->canonical);
        $chain[1] = Link::stored(2, $chain[1]->previous, $altered, hash('sha256', $altered));

        self::assertSame([3], self::places($chain));
    }

    public function test_a_record_taken_away_is_found(): void
    {
        $chain = self::chain();
        unset($chain[1]);

        self::assertSame([3, 3], self::places($chain));
    }

    public function test_after_a_gap_the_chain_is_read_on_from_where_it_goes_on(): void
    {
        $chain = self::chain();
        $four = $chain[2]->next(['figure' => 'four']);

        self::assertSame([3, 3], self::places([$chain[0], $chain[2], $four, $four->next(['figure' => 'five'])]));
    }

    public function test_two_records_that_changed_places_are_found(): void
    {
        [$one, $two, $three] = self::chain();

        self::assertContains(3, self::places([$one, $three, $two]));
    }

    public function test_a_record_moved_to_another_number_is_found(): void
    {
        $chain = self::chain();
        $chain[2] = Link::stored(4, $chain[2]->previous, $chain[2]->canonical, $chain[2]->hash);

        self::assertSame([4, 4], self::places($chain));
    }

    /** @return array<int, Link> */
    private static function chain(): array
    {
        $one = Link::first(['figure' => 'one']);
        $two = $one->next(['figure' => 'two']);

        return [$one, $two, $two->next(['figure' => 'three'])];
    }

    /**
     * @param  array<int, Link>  $chain
     * @return list<int>
     */
    private static function places(array $chain): array
    {
        return array_map(static fn (ChainFault $fault): int => $fault->number, ChainCheck::faults($chain));
    }
}
