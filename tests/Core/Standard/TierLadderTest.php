<?php

declare(strict_types=1);

namespace Tests\Core\Standard;

use Core\Standard\Standard;
use Core\Standard\TierLadder;
use Core\Standard\UnknownReference;
use Document\Standard\StandardReader;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\SmallStandard;

final class TierLadderTest extends TestCase
{
    #[DataProvider('steps')]
    public function test_it_goes_by_rank_and_stays_at_its_ends(string $from, int $steps, string $to): void
    {
        self::assertSame($to, (new TierLadder(self::standard()))->from($from, $steps));
    }

    /** @return iterable<string, array{string, int, string}> */
    public static function steps(): iterable
    {
        yield 'one up, past a retired one' => ['plain', 1, 'rich'];
        yield 'two up' => ['plain', 2, 'high'];
        yield 'the highest stays, for what is by agreement is not on the ladder' => ['high', 1, 'high'];
        yield 'further than there is' => ['plain', 9, 'high'];
        yield 'one down' => ['high', -1, 'rich'];
        yield 'the lowest stays' => ['plain', -1, 'plain'];
        yield 'from a retired one up' => ['old', 1, 'rich'];
        yield 'from a retired one down' => ['old', -1, 'plain'];
        yield 'from one by agreement down' => ['own', -1, 'high'];
        yield 'no step' => ['rich', 0, 'rich'];
    }

    public function test_a_tier_that_is_not_there_is_refused(): void
    {
        $this->expectException(UnknownReference::class);
        (new TierLadder(self::standard()))->from('gilded', 1);
    }

    private static function standard(): Standard
    {
        // Written in no order: rank alone counts.
        $tiers = [
            ['by_agreement' => true] + SmallStandard::tier('own', 9), SmallStandard::tier('high', 4), SmallStandard::tier('plain', 1),
            SmallStandard::tier('rich', 3), ['retired' => true] + SmallStandard::tier('old', 2),
        ];

        return StandardReader::ofSound()->read(SmallStandard::with(['/tiers' => $tiers]));
    }
}
