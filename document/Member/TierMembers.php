<?php

declare(strict_types=1);

namespace Document\Member;

use Core\Composition\SizeClass;
use Core\Standard\Checker;
use Core\Standard\FaultLimits;
use Core\Standard\Judging;
use Core\Standard\Price;
use Core\Standard\Purpose;
use Core\Standard\Side;
use Core\Standard\Tier;
use Document\Shape\Schema;

/**
 * The members of a tier.
 *
 * @phpstan-type PriceDocument array{list?: array<string, int|float>, hourly?: int|float}
 * @phpstan-type LimitsDocument array{critical: int|float, major: int|float, minor: int|float}
 * @phpstan-type JudgingDocument array{
 *   distance_mm: int|float,
 *   sides: list<string>,
 *   limits: LimitsDocument,
 *   colour_tolerance: int|float,
 *   notice_arcmin?: int|float,
 *   ...,
 * }
 * @phpstan-type TierDocument array{
 *   id: string,
 *   name: string,
 *   rank: int|float,
 *   distance_mm: int|float,
 *   sides: list<string>,
 *   look_minutes: int|float,
 *   limits: LimitsDocument,
 *   limits_by_size?: array<string, LimitsDocument>,
 *   colour_tolerance: int|float,
 *   notice_arcmin?: int|float,
 *   budget_minutes: int|float,
 *   by_agreement: bool,
 *   retired: bool,
 *   purpose?: string,
 *   value_span?: int|float,
 *   price?: PriceDocument,
 *   sampling?: bool,
 *   photograph?: bool,
 *   checked_by?: string,
 *   note?: string,
 * }
 *
 * @phpstan-import-type SchemaArray from Schema
 */
final readonly class TierMembers
{
    /** @return Members<Tier> */
    public static function all(): Members
    {
        ['distance_mm' => $distance, 'sides' => $sides, 'limits' => $limits, 'colour_tolerance' => $tolerance, 'notice_arcmin' => $notice] = self::judgingMembers();

        return new Members(Tier::class, [
            Member::needed('id', Kind::id()),
            Member::needed('name', Kind::text())->called(new Called('Name', 'head', changed: 'name')),
            Member::needed('rank', Kind::whole())->called(new Called('Rank', 'head', changed: 'rank')),
            $distance->within('judging'),
            $sides->within('judging'),
            Member::needed('look_minutes', Kind::over(0), 'lookMinutes')->called(new Called('Last look', 'look', 'min', 0.5, changed: 'minutes of the last look')),
            $limits->within('judging'),
            Member::optional('limits_by_size', self::limitsBySize(), 'judging.limitsBySize', '`{"monster": {"critical": 0, "major": 2, "minor": 6}}`: size classes that bear more or less than the others')
                ->called(new Called(changed: 'limits by size class')),
            $tolerance->within('judging'),
            $notice->within('judging'),
            Member::needed('budget_minutes', Kind::atLeast(0), 'budgetMinutes')->called(new Called('Budget', 'bounds', 'min', changed: 'budget in minutes')),
            Member::needed('by_agreement', Kind::flag(), 'byAgreement')->called(new Called('By agreement: no bounds, no list', 'dealing', switched: ['by agreement', 'no longer by agreement'], inHead: 'by agreement')),
            Member::needed('retired', Kind::flag())->called(new Called('Retired: old jobs keep it, new ones do not take it', 'dealing', switched: ['retired', 'offered again'])),
            Member::optional('purpose', Kind::word(Purpose::class), 'terms.purpose', '`played` or `displayed`')
                ->called(new Called('Made', 'head', changed: 'purpose', inHead: '%s', words: ['played' => 'to be played with', 'displayed' => 'to be displayed'])),
            Member::optional('value_span', Kind::between(0, 100), 'terms.valueSpan', 'difference of L* to reach')
                ->called(new Called('Value span to reach', 'bounds', 'L*', changed: 'value span', inHead: 'span %s')),
            Member::optional('price', self::price(), 'terms.price', '`{"list": {"foot": 2200}}` by size class, or `{"hourly": 3900}`')->called(new Called(changed: 'price')),
            Member::optional('sampling', Kind::flag(), 'terms.sampling', 'whether long runs may be checked by a sample')
                ->called(new Called('Long runs may be checked by a sample', 'dealing', switched: ['sampling allowed', 'no sampling'], inHead: 'sampling')),
            Member::optional('photograph', Kind::flag(), 'terms.photograph', 'whether a photograph belongs to the record')
                ->called(new Called('A photograph belongs to the record', 'dealing', switched: ['photograph required', 'no photograph required'], inHead: 'photograph')),
            Member::optional('checked_by', Kind::word(Checker::class), 'terms.checker', '`lead` where only the lead checks')
                ->called(new Called(changed: 'checked by', inHead: ['lead' => 'lead checks'])),
            Member::optional('note', Kind::text(), 'terms.note', 'words')->called(new Called('Note', 'note', rows: 2, changed: 'note')),
        ]);
    }

    /** @return Members<Judging> what judging needs of a tier */
    public static function judging(): Members
    {
        return new Members(Judging::class, array_values(self::judgingMembers()));
    }

    /** @return array{distance_mm: Member, sides: Member, limits: Member, colour_tolerance: Member, notice_arcmin: Member} */
    private static function judgingMembers(): array
    {
        return [
            'distance_mm' => Member::needed('distance_mm', Kind::over(0), 'distanceMm')->called(new Called('Distance', 'look', 'mm', changed: 'distance in mm')),
            'sides' => Member::needed('sides', Kind::listOf(Kind::word(Side::class)))->called(new Called(changed: 'sides that count')),
            'limits' => Member::needed('limits', self::limits())->called(new Called(changed: 'limits')),
            'colour_tolerance' => Member::needed('colour_tolerance', Kind::atLeast(0), 'colourTolerance')->called(new Called('Colour off by', 'bounds', 'ΔE', 0.5, changed: 'colour tolerance')),
            'notice_arcmin' => Member::optional('notice_arcmin', Kind::atLeast(1), 'noticeArcmin', 'the angle, in minutes of arc, from which a flaw is noticed')
                ->called(new Called('Notices from', 'look', '′', 0.5, changed: 'noticing angle in minutes of arc')),
        ];
    }

    private static function limits(): Kind
    {
        $members = new Members(FaultLimits::class, [Member::needed('critical', Kind::whole()), Member::needed('major', Kind::whole()), Member::needed('minor', Kind::whole())]);

        return Kind::of(
            $members->schema(),
            static fn (mixed $value): FaultLimits => $members->read(is_array($value) ? $value : []),
            static fn (mixed $value): ?array => $value instanceof FaultLimits ? $members->spell($value) : null,
        );
    }

    private static function limitsBySize(): Kind
    {
        $limits = self::limits();
        $classes = [];
        foreach (SizeClass::cases() as $class) {
            $classes[$class->value] = $limits->schema;
        }

        return Kind::of(
            Schema::object([], $classes),
            static fn (mixed $value): array => array_map($limits->read(...), is_array($value) ? $value : []),
            static fn (mixed $value): ?array => is_array($value) && $value !== [] ? array_map($limits->write(...), $value) : null,
        );
    }

    /** By list or by the hour, one of the two. */
    private static function price(): Kind
    {
        $classes = [];
        foreach (SizeClass::cases() as $class) {
            $classes[$class->value] = Schema::whole();
        }
        $schema = Schema::object([], ['list' => Schema::object([], $classes), 'hourly' => Schema::whole()]) + [
            'if' => ['required' => ['list']],
            'then' => ['properties' => ['hourly' => false]],
            'else' => ['required' => ['hourly']],
        ];

        return Kind::of($schema, self::readPrice(...), static fn (mixed $value): ?array => match (true) {
            ! $value instanceof Price => null,
            $value->hourly !== null => ['hourly' => $value->hourly],
            default => ['list' => $value->list],
        });
    }

    private static function readPrice(mixed $value): Price
    {
        /** @var PriceDocument $value */
        return isset($value['hourly']) ? Price::byHours((int) $value['hourly']) : Price::byList(array_map(intval(...), $value['list'] ?? []));
    }
}
