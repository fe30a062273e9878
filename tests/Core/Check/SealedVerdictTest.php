<?php

declare(strict_types=1);

namespace Tests\Core\Check;

use Core\Check\SealedVerdict;
use Core\Record\CanonicalJson;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A record judged from 700 mm, noticed from 2 minutes of arc (0.407 mm): one major flaw of 1 mm on a focal area, one waived. */
final class SealedVerdictTest extends TestCase
{
    private const FLAW = ['kind' => 'flaw', 'area' => 'face', 'severity' => 'major', 'own_severity' => null, 'side' => 'front', 'zone' => 'focal', 'size_mm' => 1.0, 'stands' => true, 'waived' => null];

    private const WAIVED = ['kind' => 'missing', 'area' => 'badge', 'severity' => 'none', 'own_severity' => 'critical', 'side' => null, 'zone' => 'plain', 'size_mm' => null, 'stands' => true, 'waived' => ['by' => 'M']];

    public function test_a_record_bears_its_verdict(): void
    {
        self::assertSame([], self::faults([]));
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function altered(): iterable
    {
        yield 'the verdict' => [['verdict' => ['is' => 'accept', 'counts' => ['critical' => 0, 'major' => 1, 'minor' => 0]]], 'The verdict is sealed as accept; from its own faults follows concession.'];
        yield 'a count' => [['verdict' => ['is' => 'concession', 'counts' => ['critical' => 0, 'major' => 0, 'minor' => 0]]], 'It counts 0 major faults; there are 1.'];
        yield 'how bad a fault is' => [['faults' => [['severity' => 'minor'] + self::FLAW, self::WAIVED]], 'A fault on face is sealed as minor; it weighs major.'];
        yield 'the size of a flaw' => [['faults' => [['size_mm' => 0.4] + self::FLAW, self::WAIVED]], 'A fault on face is sealed as major; it weighs none.'];
        yield 'that a fault was waived' => [['faults' => [self::FLAW, ['waived' => null] + self::WAIVED]], 'A fault on badge is sealed as none; it weighs critical.'];
        yield 'a word that no format knows' => [['faults' => [['kind' => 'ugly'] + self::FLAW]], 'It holds a word that its format does not know.'];
        yield 'a member taken out' => [['verdict' => null], 'The record does not say "verdict" as its format promises; it was altered, or is of another format.'];
        yield 'a text where a number stands' => [['faults' => [['size_mm' => 'large'] + self::FLAW]], 'The record does not say "size_mm" as its format promises; it was altered, or is of another format.'];
        yield 'a distance of nothing' => [['distance' => 0], 'viewing distance'];
    }

    /** @param  array<string, mixed>  $change */
    #[DataProvider('altered')]
    public function test_what_was_altered_does_not_follow(array $change, string $sentence): void
    {
        self::assertStringContainsString($sentence, implode("\n", self::faults($change)));
    }

    public function test_a_fault_that_was_taken_away_counts_nothing(): void
    {
        $gone = ['stands' => false] + self::FLAW;

        self::assertSame([], self::faults(['faults' => [$gone, self::WAIVED], 'verdict' => ['is' => 'concession', 'counts' => ['critical' => 0, 'major' => 0, 'minor' => 0]]]));
    }

    public function test_of_an_older_format_nothing_is_computed(): void
    {
        self::assertSame([], SealedVerdict::faults('{"format":"ordotype-sign-off/1"}'));
    }

    public function test_what_is_no_record_says_so(): void
    {
        self::assertCount(1, SealedVerdict::faults('"signed"'));
        self::assertCount(1, SealedVerdict::faults('no JSON at all'));
    }

    /**
     * @param  array<string, mixed>  $change
     * @return list<string>
     */
    private static function faults(array $change): array
    {
        return SealedVerdict::faults(CanonicalJson::encode([
            'format' => SealedVerdict::FORMAT,
            'tier' => ['distance_mm' => $change['distance'] ?? 700, 'sides' => ['front', 'back'], 'limits' => ['critical' => 0, 'major' => 1, 'minor' => 2], 'colour_tolerance' => 5, 'notice_arcmin' => 2],
            'rounds' => [['faults' => [['severity' => 'critical'] + self::FLAW]], ['faults' => $change['faults'] ?? [self::FLAW, self::WAIVED]]],
            'verdict' => array_key_exists('verdict', $change) ? $change['verdict'] : ['is' => 'concession', 'counts' => ['critical' => 0, 'major' => 1, 'minor' => 0]],
        ]));
    }
}
