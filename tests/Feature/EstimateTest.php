<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Http\Planning\UnitEstimateResource;
use App\Models\Figure;
use App\Models\Unit;
use App\Models\WorkedTime;

/**
 * What a unit takes as a batch: tidying back, mixing, looks, pace, the studio's own past, and the clock.
 *
 * @phpstan-import-type SheetEstimate_ from UnitEstimateResource
 */
final class EstimateTest extends TestCase
{
    public function test_each_sheet_of_a_unit_says_what_it_takes_beside_what_its_tiers_have(): void
    {
        $unit = $this->unit('1st Lamplighters');
        $sheets = $this->estimates($unit);

        self::assertEqualsCanonicalizing(Figure::query()->where('unit_id', $unit->id)->pluck('id')->all(), array_merge(...array_column($sheets, 'figures')));
        [$muster] = $sheets;
        $of = static fn (string $name): string => array_column($muster['why']['inputs'], 'value', 'name')[$name];
        self::assertSame(['11', 'not known', 'too little is known'], [$of('figures'), $of('pace of who paints'), $of('what was taken for what was allowed, until now')]);
        $painted = $this->sheetOf($this->figure('1st Lamplighters', 2), $this->isla())['times'];
        self::assertGreaterThan($painted['by_hand'], $muster['hands_on'], 'mixing and looks come to it');
        self::assertGreaterThanOrEqual($painted['paths'][0]['elapsed'], $muster['elapsed']);
        self::assertSame([$muster['hands_on'], true], [$muster['least'], $muster['most'] >= $muster['least']]);
        self::assertEqualsWithDelta(11 * 28.0, $muster['budget'], 1e-6, 'eleven figures of a tier that has 28 minutes for one on foot');
    }

    public function test_the_pace_of_who_paints_it_and_the_past_of_the_studio_tell(): void
    {
        $unit = $this->unit('2nd Lamplighters');
        $before = $this->estimates($unit)[0];
        $others = Unit::query()->whereKeyNot($unit->id)->orderBy('id')->limit(5)->get();
        foreach ($others as $at => $other) {
            foreach (range(1, 6) as $time) {
                WorkedTime::query()->create(['user_id' => $this->isla()->id, 'unit_id' => $other->id, 'area' => 'face', 'use' => 'base', 'technique' => 'base', 'figures' => [$time], 'minutes' => 10 + $at, 'allowed' => 10]);
            }
        }
        $after = $this->estimates($unit)[0];

        self::assertGreaterThan($before['hands_on'], $after['hands_on'], 'Isla takes longer for a base coat than it is allowed');
        self::assertSame('half of 5 units between 110 % and 130 %', array_column($after['why']['inputs'], 'value', 'name')['what was taken for what was allowed, until now']);
        self::assertGreaterThan($before['most'], $after['most']);

        Unit::query()->whereKey($unit->id)->update(['painter_id' => null]);
        self::assertSame($before['hands_on'], $this->estimates($unit)[0]['hands_on'], 'of nobody nothing is known');
    }

    /** @return non-empty-list<SheetEstimate_> */
    private function estimates(Unit $unit): array
    {
        /** @var non-empty-list<SheetEstimate_> */
        return $this->answer($this->isla(), 'GET', "/units/{$unit->id}/estimate");
    }
}
