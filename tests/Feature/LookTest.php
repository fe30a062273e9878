<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\Bench\BenchSheets;
use App\Actions\Bench\Painters;
use App\Http\Bench\BenchResource;
use App\Http\Bench\BenchSheetResource;
use App\Models\Figure;
use App\Models\User;
use Core\Schedule\Coat;
use Document\Standard\PieceKind;

/**
 * A look between stages: what comes after it waits until somebody who may check has looked.
 *
 * @phpstan-import-type BenchSheet_ from BenchSheetResource
 * @phpstan-import-type BenchRow from BenchResource
 * @phpstan-import-type BenchStep from BenchSheetResource
 */
final class LookTest extends TestCase
{
    private const LOOK = ['figure', 'flat'];

    protected function setUp(): void
    {
        parent::setUp();
        $this->rewrite(PieceKind::Technique, static fn (array $technique): array => ($technique['id'] === 'keep-apart' ? ['name' => 'Look at the base colours', 'group' => 'tidy', 'look' => true] : []) + $technique);
        $this->rewrite(PieceKind::Cell, static function (array $cell): array {
            $look = ['id' => 'flat', 'technique' => 'keep-apart', 'stage' => 'shade', 'except' => ['ground', 'rim'], 'note' => 'flat and opaque', 'fixed' => 4];

            return $cell['surface'] === 'whole' && $cell['tier'] === 'muster' && is_array($cell['uses']) ? ['uses' => [...array_slice($cell['uses'], 0, 2), $look, ...array_slice($cell['uses'], 2)]] + $cell : $cell;
        });
    }

    public function test_what_comes_after_a_look_waits_for_it_and_the_painter_does_not_take_it(): void
    {
        $figure = $this->figure('1st Lamplighters', 9);
        $look = $this->paintUpToTheLook($figure);

        self::assertTrue($look['look']);
        self::assertNotContains($figure->id, $look['waits']);
        $this->assertRefused($this->mark($this->isla(), $figure, 'trousers', 'wash'), 403, 'not-looked');
        $this->assertRefused($this->mark($this->isla(), $figure, ...self::LOOK), 403, 'not-a-checker');
        self::assertContains($figure->id, $this->stepOf($figure, 'trousers', 'wash')['waits']);

        $this->mark($this->deputy(), $figure, ...self::LOOK)->assertOk();
        $this->mark($this->isla(), $figure, 'trousers', 'wash')->assertOk();
        $this->assertRefused($this->mark($this->isla(), $figure, ...[...self::LOOK, 'taken-back']), 403, 'not-a-checker');
    }

    public function test_what_does_not_hold_yet_is_said_with_why_and_looked_at_again(): void
    {
        $figure = $this->figure('1st Lamplighters', 9);
        $this->paintUpToTheLook($figure);
        $this->assertRefused($this->mark($this->lead(), $figure, ...[...self::LOOK, 'not-yet']), 422, 'no-reason', '/reason');
        $this->assertRefused($this->mark($this->lead(), $figure, 'trousers', 'base', 'not-yet', 'streaky'), 422, 'no-look', '/state');
        $left = $this->figureOf($figure)['left'];

        $this->mark($this->lead(), $figure, ...[...self::LOOK, 'not-yet', 'streaky on the coat'])->assertOk();
        self::assertSame([['not-yet', 'streaky on the coat', 'Marsali Teague']], array_map(static fn (array $mark): array => [$mark['state'], $mark['reason'], $mark['by']], $this->stepOf($figure, ...self::LOOK)['marks']));
        self::assertSame($left, $this->figureOf($figure)['left'], 'it is not behind the figure');
        $this->assertRefused($this->mark($this->isla(), $figure, 'trousers', 'wash'), 403, 'not-looked');

        $this->mark($this->isla(), $figure, ...[...self::LOOK, 'taken-back'])->assertOk();
        self::assertSame([], $this->stepOf($figure, ...self::LOOK)['marks']);
        $this->mark($this->lead(), $figure, ...self::LOOK)->assertOk();
        self::assertSame($left === null ? null : $left - 1, $this->figureOf($figure)['left']);
    }

    public function test_who_looked_did_not_paint_it_and_may_check_it(): void
    {
        $figure = $this->figure('1st Lamplighters', 9);
        $this->paintUpToTheLook($figure);
        $this->mark($this->lead(), $figure, ...self::LOOK)->assertOk();

        self::assertFalse(Painters::painted($this->lead(), $figure));
        self::assertTrue(Painters::painted($this->isla(), $figure));
    }

    public function test_a_look_takes_minutes_and_none_of_the_painters(): void
    {
        $figure = $this->figure('1st Lamplighters', 9);
        $sheet = $this->app->make(BenchSheets::class)->ofFigure($figure);
        $look = $sheet->step($figure->id, ...self::LOOK);
        self::assertNotNull($look);
        $coats = array_values(array_filter($sheet->coats($sheet->figures)->coats->all, static fn (Coat $coat): bool => $coat->item === $look->line));

        self::assertSame(4.0, $sheet->minutesOn($look, $figure->id));
        self::assertSame([0.0], array_map(static fn (Coat $coat): float => $coat->minutes, $coats), 'in the plan it fills nobody\'s sitting');
    }

    public function test_who_painted_on_it_does_not_look(): void
    {
        $figure = $this->figure('1st Lamplighters', 9);
        $this->mark($this->lead(), $figure, 'figure', 'clean')->assertOk();
        $this->paintUpToTheLook($figure);

        $this->assertRefused($this->mark($this->lead(), $figure, ...self::LOOK), 403, 'own-work');
    }

    public function test_the_bench_says_how_many_wait_for_a_look(): void
    {
        $figure = $this->figure('1st Lamplighters', 9);
        $before = $this->row()['looks'];
        self::assertContains($figure->id, $this->stepOf($figure, ...self::LOOK)['waits'], 'something before it is open');
        $this->paintUpToTheLook($figure);

        self::assertSame($before + 1, $this->row()['looks']);
        /** @var list<array{unit: string, title: string, figures: int}> $looks */
        $looks = $this->answer($this->lead(), 'GET', '/plan')['looks'];
        self::assertSame([['1st Lamplighters', 'Look at the base colours, figure', $before + 1]], array_map(static fn (array $look): array => [$look['unit'], $look['title'], $look['figures']], $looks));
    }

    /** @return BenchStep the look */
    private function paintUpToTheLook(Figure $figure): array
    {
        $look = $this->stepOf($figure, ...self::LOOK);
        foreach ($this->sheetOf($figure, $this->isla())['steps'] as $step) {
            $isOpen = array_filter($step['marks'], static fn (array $mark): bool => $mark['figure_id'] === $figure->id) === [];
            if ($isOpen && in_array($figure->id, $step['figures'], true) && $step['number'] < $look['number']) {
                $this->mark($this->isla(), $figure, $step['area'], $step['use'])->assertOk();
            }
        }

        return $this->stepOf($figure, ...self::LOOK);
    }

    /** @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function mark(User $by, Figure $figure, string $area, string $use, string $state = 'done', string $reason = ''): \Illuminate\Testing\TestResponse
    {
        return $this->as($by, 'POST', '/bench-marks', ['figures' => $this->seen([$figure->id], $area, $use), 'area' => $area, 'use' => $use, 'state' => $state, 'reason' => $reason]);
    }

    /** @return BenchStep */
    private function stepOf(Figure $figure, string $area, string $use): array
    {
        $steps = array_filter($this->sheetOf($figure, $this->isla())['steps'], static fn (array $step): bool => [$step['area'], $step['use']] === [$area, $use]);

        return reset($steps) ?: self::fail("There is no {$use} on {$area}.");
    }

    /** @return array{left: int|null} */
    private function figureOf(Figure $figure): array
    {
        return array_column($this->sheetOf($figure, $this->isla())['figures'], null, 'id')[$figure->id];
    }

    /** @return BenchRow */
    private function row(): array
    {
        /** @var list<BenchRow> $rows */
        $rows = $this->benchOf($this->lead());

        return $rows[0];
    }
}
