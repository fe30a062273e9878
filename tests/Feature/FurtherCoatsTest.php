<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Http\Bench\BenchSheetResource;
use App\Models\Figure;
use App\Models\FurtherCoat;

/**
 * A coat more than is asked for: on one figure, then on all.
 *
 * @phpstan-import-type BenchSheet_ from BenchSheetResource
 * @phpstan-import-type BenchStep from BenchSheetResource
 */
final class FurtherCoatsTest extends TestCase
{
    public function test_a_third_coat_on_one_figure_is_a_step_of_its_own_there_and_on_all_it_is_one_again(): void
    {
        [$one, $others] = $this->figures();
        $bare = $this->bases($this->sheetOf($one, $this->isla()));
        $sheet = $this->lay([$one], 1, 0);
        $apart = $this->bases($sheet);

        self::assertSame(['2 coats', '3 coats'], array_column($apart, 'degree'));
        self::assertSame([[], [['figure_id' => $one->id, 'coats' => 1, 'by' => 'Isla Coade']]], array_column($apart, 'further'));
        self::assertSame([$one->id], $apart[1]['figures']);
        self::assertEqualsWithDelta($bare[0]['minutes'] * 1.5, $apart[1]['minutes'], 1e-6);
        self::assertEqualsWithDelta($apart[0]['dry'], $apart[1]['dry'], 1e-6);
        self::assertSame([2, 3], array_column($apart, 'dry_times'));

        $together = $this->bases($this->lay($others, 1, 0));
        self::assertSame(['2 coats', '3 coats'], array_column($together, 'degree'), 'of those that were handed over there is nothing to choose');
        self::assertSame([$one->id, ...array_column($others, 'id')], $together[1]['figures']);
        self::assertCount(1 + count($others), $together[1]['further']);

        $this->lay([$one, ...$others], 0, 1);
        self::assertSame(0, FurtherCoat::query()->count());
        self::assertSame(array_column($bare, 'degree'), array_column($this->bases($this->sheetOf($one, $this->isla())), 'degree'));
    }

    public function test_it_is_marked_as_it_is_laid_then(): void
    {
        [$one] = $this->figures();
        $this->lay([$one], 1, 0);
        $this->answer($this->isla(), 'POST', '/bench-marks', ['figures' => $this->seen([$one->id], 'oilskin coat', 'base'), 'area' => 'oilskin coat', 'use' => 'base', 'state' => 'done']);
        self::assertSame([3], $one->marks()->where('use', 'base')->where('area', 'oilskin coat')->pluck('coats')->all());

        $this->lay([$one], 2, 1);
        self::assertSame([], $this->bases($this->sheetOf($one, $this->isla()))[1]['marks'], 'four coats are not what was marked');
        $this->lay([$one], 1, 2);
        self::assertCount(1, $this->bases($this->sheetOf($one, $this->isla()))[1]['marks']);
    }

    public function test_who_saw_another_number_of_coats_is_told(): void
    {
        [$one] = $this->figures();
        $this->lay([$one], 1, 0);

        $this->assertRefused($this->as($this->isla(), 'POST', '/further-coats', $this->further([$one], 1, 0)), 409, 'stale');
        $this->assertRefused($this->as($this->isla(), 'POST', '/further-coats', $this->further($this->figures()[1], 1, 1)), 409, 'stale');
        self::assertSame(1, FurtherCoat::query()->sole()->coats);
    }

    public function test_what_cannot_be_is_refused_at_its_place(): void
    {
        [$one] = $this->figures();
        $ask = fn (array $more): \Illuminate\Testing\TestResponse => $this->as($this->isla(), 'POST', '/further-coats', $more + $this->further([$one], 1, 0));

        $this->assertRefused($ask(['coats' => 6]), 422, 'invalid', '/coats');
        $this->assertRefused($ask(['coats' => -1]), 422, 'invalid', '/coats');
        $this->assertRefused($ask(['use' => 'glaze']), 422, 'unknown-use', '/use');
        $this->assertRefused($ask(['area' => 'figure', 'use' => 'clean']), 422, 'no-coats', '/use');
        $this->assertRefused($ask(['figures' => [$this->figure('Tide divers', 1)->id]]), 403, 'not-your-figure');
        $this->assertRefused($this->as($this->lead(), 'POST', '/further-coats', ['figures' => [$one->id, $this->figure('Tide divers', 1)->id]] + $this->further([$one], 1, 0)), 422, 'other-sheet', '/figures');
        $this->assertRefused($ask(['figures' => [$this->figure('1st Lamplighters', 2)->id]]), 403, 'not-at-the-bench');
        self::assertSame(0, FurtherCoat::query()->count());
    }

    /** @return array{Figure, list<Figure>} one that is not begun, and two beside it */
    private function figures(): array
    {
        return [$this->figure('1st Lamplighters', 9), [$this->figure('1st Lamplighters', 10), $this->figure('1st Lamplighters', 11)]];
    }

    /**
     * @param  list<Figure>  $figures
     * @return array<string, mixed>
     */
    private function further(array $figures, int $coats, int $seen): array
    {
        return ['figures' => array_map(static fn (Figure $figure): int => $figure->id, $figures), 'area' => 'oilskin coat', 'use' => 'base', 'coats' => $coats, 'seen' => $seen];
    }

    /**
     * @param  list<Figure>  $figures
     * @return BenchSheet_
     */
    private function lay(array $figures, int $coats, int $seen): array
    {
        $this->answer($this->isla(), 'POST', '/further-coats', $this->further($figures, $coats, $seen));

        return $this->sheetOf($figures[0], $this->isla());
    }

    /**
     * @param  BenchSheet_  $sheet
     * @return list<BenchStep> its base coats of the oilskin, of fewer coats first
     */
    private function bases(array $sheet): array
    {
        $bases = array_values(array_filter($sheet['steps'], static fn (array $step): bool => $step['area'] === 'oilskin coat' && $step['use'] === 'base'));
        usort($bases, static fn (array $a, array $b): int => strcmp($a['degree'], $b['degree']));

        return $bases;
    }
}
