<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\Bench\BenchSheets;
use App\Actions\Composing\JobFigures;
use App\Actions\Composing\JobStandards;
use App\Models\Figure;
use App\Models\Variation;
use Illuminate\Database\QueryException;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;

/** Layers of another tier on an area of a figure or unit: offered, agreed, priced, painted, judged, and taken off again. */
final class AdditionTest extends CheckTestCase
{
    public function test_what_other_tiers_ask_is_offered_with_minutes_and_what_judges_it(): void
    {
        $uses = $this->offered('2nd Lamplighters', 'straps and pouches');

        self::assertContains(['watch', 'edge-line'], array_map(static fn (array $one): array => [$one['tier'], $one['use']], $uses));
        self::assertNotContains('base', array_column($uses, 'use'), 'Muster asks it');
        foreach ($uses as $one) {
            self::assertGreaterThan(0, $one['minutes'], (string) json_encode($one));
        }
        $this->assertRefused($this->as($this->lead(), 'GET', "/units/{$this->unit('2nd Lamplighters')->id}/further-uses?area=wings"), 422, 'unknown-area', '/area');
    }

    public function test_it_is_laid_where_its_tier_lays_it_judged_and_taken_off_again(): void
    {
        $figure = $this->figure('2nd Lamplighters', 5);
        $before = $this->steps($figure);
        $grid = $this->add(['figures' => [$figure->id], 'use' => 'wash', 'tier' => 'watch', 'price' => 120, 'agreed_with' => 'the client']);

        self::assertSame(1, $grid['additions']);
        $use = Arr::first($this->layersOf($figure->id, 'straps and pouches')['uses'], static fn (mixed $use): bool => Arr::get((array) $use, 'id') === 'wash');
        self::assertSame(['watch', 120, 'the client', false], [Arr::get((array) $use, 'from'), Arr::get((array) $use, 'addition.price'), Arr::get((array) $use, 'addition.agreed_with'), Arr::get((array) $use, 'addition.whole_unit')]);
        self::assertSame(['wash'], array_values(array_diff($this->steps($figure), $before)));
        self::assertSame($before, $this->steps($this->figure('2nd Lamplighters', 6)), 'the others are painted as before');

        $this->answer($this->lead(), 'POST', '/variations/'.$this->number(Arr::get((array) $use, 'addition.id')).'/taking-back', ['figures' => null, 'version' => $figure->unit()->firstOrFail()->version]);
        self::assertSame($before, $this->steps($figure));
    }

    public function test_its_record_says_who_agreed(): void
    {
        $figure = $this->figure('1st Lamplighters', 9);
        $this->answer($this->lead(), 'POST', "/units/{$figure->unit_id}/additions", ['version' => $figure->unit()->firstOrFail()->version, 'figures' => null, 'area' => 'straps and pouches', 'tier' => 'watch', 'use' => 'edge-line', 'reason' => 'seen from near', 'agreed_with' => 'the client', 'price' => 90]);
        foreach ($this->app->make(BenchSheets::class)->ofFigure($figure)->steps as $step) {
            $this->as($this->isla(), 'POST', '/bench-marks', ['figures' => [['id' => $figure->id, 'seen' => null]], 'area' => $step->area, 'use' => $step->use, 'state' => 'done', 'reason' => null]);
        }
        $this->answer($this->isla(), 'POST', '/hand-overs', ['figures' => [$figure->id]]);
        $check = $this->finish($this->open($figure));
        $answer = $this->answer($this->deputy(), 'POST', "/checks/{$check['id']}/sign-off", ['version' => $check['version']]);

        self::assertEquals(
            [['area' => 'straps and pouches', 'use' => 'edge-line', 'work' => 'Edge line', 'from' => 'Watch', 'reason' => 'seen from near', 'agreed_with' => 'the client', 'by' => $this->lead()->name, 'whole_unit' => true]],
            Arr::get($answer, 'record.added'),
        );
        self::assertContains('edge-line', array_column((array) Arr::get($answer, 'record.painted'), 'use'));
    }

    public function test_its_price_is_in_what_the_job_costs(): void
    {
        $figure = $this->figure('2nd Lamplighters', 5);
        $price = function () use ($figure): int {
            $composed = $this->app->make(JobFigures::class)->ofFigure($figure);

            return $composed->price($this->app->make(JobStandards::class)->of($figure->unit()->firstOrFail()->job))?->sum() ?? -1;
        };
        $bare = $price();
        $this->add(['figures' => null, 'use' => 'wash', 'tier' => 'watch', 'price' => 150]);
        self::assertSame($bare + 150, $price());

        $unit = $figure->unit()->firstOrFail();
        $this->answer($this->lead(), 'POST', "/units/{$unit->id}/waivers", ['version' => $unit->version, 'figures' => [$figure->id], 'area' => 'face', 'use' => 'wash', 'reason' => 'kept pale', 'price' => 40]);
        self::assertSame($bare + 110, $price());
    }

    public function test_at_a_tier_that_asks_it_the_addition_rests_and_takes_part_again_after(): void
    {
        $figure = $this->figure('2nd Lamplighters', 5);
        $this->add(['figures' => [$figure->id], 'use' => 'wash', 'tier' => 'watch']);
        $grid = $this->answer($this->lead(), 'PATCH', '/figures', ['figures' => [['id' => $figure->id, 'version' => $figure->refresh()->version]], 'tier' => 'watch']);
        self::assertSame(['straps and pouches: "wash" of watch added (asked for)'], $this->groupOf($grid, $figure)['resting']);

        $grid = $this->answer($this->lead(), 'PATCH', '/figures', ['figures' => [['id' => $figure->id, 'version' => $figure->refresh()->version]], 'tier' => null]);
        self::assertSame([], $this->groupOf($grid, $figure)['resting']);
    }

    public function test_a_figure_in_its_check_goes_back_to_be_painted(): void
    {
        $figure = $this->figure('1st Lamplighters', 3);
        self::assertSame('to-check', $figure->state->value);
        $this->answer($this->lead(), 'POST', "/units/{$figure->unit_id}/additions", ['version' => $figure->unit()->firstOrFail()->version, 'figures' => [$figure->id], 'area' => 'straps and pouches', 'tier' => 'watch', 'use' => 'edge-line', 'reason' => 'asked for']);

        self::assertSame('painting', $figure->refresh()->state->value);
    }

    /** @param  array<string, mixed>  $change */
    #[DataProvider('refused')]
    public function test_what_cannot_be_added_is_refused_at_its_place(array $change, string $code, string $at): void
    {
        $unit = $this->unit('2nd Lamplighters');

        $this->assertRefused($this->as($this->lead(), 'POST', "/units/{$unit->id}/additions", $change + $this->wash($unit->version)), 422, $code, $at);
        self::assertSame(0, Variation::query()->whereBelongsTo($unit)->where('kind', 'addition')->count());
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function refused(): iterable
    {
        yield 'no reason' => [['reason' => ' '], 'invalid', '/reason'];
        yield 'a price below nothing' => [['price' => -1], 'invalid', '/price'];
        yield 'a price beyond all prices' => [['price' => 100000000001], 'invalid', '/price'];
        yield 'half of a cent' => [['price' => 1.5], 'invalid', '/price'];
        yield 'no such tier' => [['tier' => 'gold'], 'unknown-tier', '/tier'];
        yield 'a tier that takes no new work' => [['tier' => 'drill'], 'unknown-tier', '/tier'];
        yield 'no such area' => [['area' => 'wings'], 'cannot-be-added', '/use'];
        yield 'that tier does not ask it' => [['use' => 'freehand'], 'cannot-be-added', '/use'];
        yield 'it is asked already' => [['use' => 'base'], 'cannot-be-added', '/use'];
    }

    public function test_two_people_on_one_unit_lose_nothing(): void
    {
        $unit = $this->unit('2nd Lamplighters');
        $this->add(['figures' => null, 'use' => 'wash', 'tier' => 'watch']);

        $this->assertRefused($this->as($this->lead(), 'POST', "/units/{$unit->id}/additions", ['use' => 'edge-line'] + $this->wash($unit->version)), 409, 'stale');
    }

    public function test_the_database_holds_a_tier_for_additions_and_for_nothing_else(): void
    {
        $this->add(['figures' => null, 'use' => 'wash', 'tier' => 'watch']);
        $this->expectException(QueryException::class);
        DB::table('variations')->where('kind', 'addition')->update(['tier_id' => null]);
    }

    /**
     * @param  array<string, mixed>  $change
     * @return array<array-key, mixed>
     */
    private function add(array $change): array
    {
        $unit = $this->unit('2nd Lamplighters');

        return $this->answer($this->lead(), 'POST', "/units/{$unit->id}/additions", $change + $this->wash($unit->version));
    }

    /** @return array<string, mixed> */
    private function wash(int $version): array
    {
        return ['version' => $version, 'figures' => null, 'area' => 'straps and pouches', 'tier' => 'watch', 'use' => 'wash', 'reason' => 'asked for'];
    }

    /** @return list<array{tier: string, use: string, minutes: float}> */
    private function offered(string $unit, string $area): array
    {
        /** @var array{uses: list<array{tier: string, use: string, minutes: float}>} $answer */
        $answer = $this->answer($this->lead(), 'GET', "/units/{$this->unit($unit)->id}/further-uses?area=".urlencode($area));

        return $answer['uses'];
    }

    /** @return list<string> uses on the straps, in the order of the sheet; tidying is none of them */
    private function steps(Figure $figure): array
    {
        $sheet = $this->app->make(BenchSheets::class)->ofFigure($figure->refresh());
        $uses = [];
        foreach ($sheet->steps as $step) {
            if ($step->area === 'straps and pouches' && ! str_starts_with($step->use, 'tidy-back') && $sheet->step($figure->id, $step->area, $step->use) === $step) {
                $uses[] = $step->use;
            }
        }

        return $uses;
    }

    /**
     * @param  array<array-key, mixed>  $grid
     * @return array<array-key, mixed>
     */
    private function groupOf(array $grid, Figure $figure): array
    {
        foreach ((array) $grid['units'] as $unit) {
            foreach ((array) Arr::get((array) $unit, 'groups') as $group) {
                if (is_array($group) && in_array($figure->id, array_column((array) $group['figures'], 'id'), true)) {
                    return $group;
                }
            }
        }

        self::fail('The figure is in no group.');
    }

    private function number(mixed $id): int
    {
        self::assertIsInt($id);

        return $id;
    }
}
