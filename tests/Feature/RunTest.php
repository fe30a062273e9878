<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Http\Bench\BenchRunsResource;
use App\Models\Figure;

/**
 * One paint on everything that has it, over several sheets.
 *
 * @phpstan-import-type BenchRun_ from BenchRunsResource
 */
final class RunTest extends TestCase
{
    public function test_what_is_laid_the_same_way_on_several_sheets_is_one_run(): void
    {
        $clean = $this->runs();
        self::assertSame([], array_filter($clean, static fn (array $run): bool => count(array_unique(array_column($run['places'], 'sheet'))) < 2), 'one sheet alone is no run');

        $this->prime($this->figure('2nd Lamplighters', 2));
        $this->prime($this->figure('Quay watch', 5));
        $base = $this->runOf('Metal base', 'Anchor Iron');
        $places = array_map(static fn (array $place): array => [$place['unit'], $place['area'], array_column($place['figures'], 'number')], $base['places']);
        self::assertContains(['2nd Lamplighters', 'lamp cage', [2]], $places, 'only where the primer lies under it');
        self::assertContains(['Quay watch', 'lamp cage', [5]], $places);
        self::assertEqualsWithDelta(array_sum(array_column($base['places'], 'minutes')), $base['minutes'], 1e-9);
        self::assertSame(['#6b6e72'], $base['hexes']);
        self::assertGreaterThan(0, $base['batches'][0]['ml']);
        self::assertNotContains('Oilskin Ochre', array_column($this->runs(), 'paint'), 'in this school metals come first, and the coat waits for them');
    }

    public function test_its_places_are_marked_as_they_were_seen_and_then_are_gone(): void
    {
        $this->prime($this->figure('2nd Lamplighters', 2));
        $this->prime($this->figure('Quay watch', 5));
        foreach ($this->runOf('Metal base', 'Anchor Iron')['places'] as $place) {
            $figures = array_map(static fn (array $figure): array => ['id' => $figure['id'], 'seen' => $figure['seen']], $place['figures']);
            $this->answer($this->isla(), 'POST', '/bench-marks', ['figures' => $figures, 'area' => $place['area'], 'use' => $place['use'], 'state' => 'done']);
        }

        self::assertNotContains('Anchor Iron', array_column($this->runs(), 'paint'));
    }

    public function test_it_is_of_own_figures_alone(): void
    {
        $this->prime($this->figure('2nd Lamplighters', 2));
        $this->prime($this->figure('Quay watch', 5));

        self::assertSame([], $this->answer($this->jory(), 'GET', '/bench-runs'));
    }

    private function prime(Figure $figure): void
    {
        foreach (['clean', 'prime-grey'] as $use) {
            $this->answer($this->isla(), 'POST', '/bench-marks', ['figures' => $this->seen([$figure->id], 'figure', $use), 'area' => 'figure', 'use' => $use, 'state' => 'done']);
        }
    }

    /** @return BenchRun_ */
    private function runOf(string $title, string $paint): array
    {
        foreach ($this->runs() as $run) {
            if ([$run['title'], $run['paint']] === [$title, $paint]) {
                return $run;
            }
        }

        self::fail("There is no run of {$title} in {$paint}.");
    }

    /** @return list<BenchRun_> */
    private function runs(): array
    {
        /** @var list<BenchRun_> */
        return $this->answer($this->isla(), 'GET', '/bench-runs');
    }
}
