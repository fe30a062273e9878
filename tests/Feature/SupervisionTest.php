<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\SignOffs\VerifyChain;
use App\Models\BenchMark;
use App\Models\Clearance;
use App\Models\Figure;
use App\Models\User;
use Illuminate\Support\Arr;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;

/** Who is not cleared for something does it while somebody looks on who is; the record says who. */
final class SupervisionTest extends CheckTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        Clearance::query()->delete();
        Clearance::query()->create(['user_id' => $this->isla()->id, 'technique' => 'prime', 'up_to_rank' => 9, 'given_by' => $this->lead()->id]);
        Clearance::query()->create(['user_id' => $this->jory()->id, 'technique' => 'base', 'up_to_rank' => 9, 'given_by' => $this->lead()->id]);
    }

    public function test_the_sheet_says_who_may_look_on_at_what_somebody_is_not_cleared_for(): void
    {
        $figure = $this->figure('1st Lamplighters', 9);
        $step = $this->step($figure, 'trousers', 'base');
        self::assertFalse($step['cleared']);
        self::assertEqualsCanonicalizing([$this->lead()->name, $this->deputy()->name, $this->jory()->name], array_column($step['may_look_on'], 'name'));
        Clearance::query()->create(['user_id' => $this->isla()->id, 'technique' => $this->techniqueOf($figure, 'helmet'), 'up_to_rank' => 9, 'given_by' => $this->lead()->id]);
        $own = Arr::first($this->sheetOf($figure, $this->isla())['steps'], static fn (array $one): bool => $one['area'] === 'helmet');
        self::assertSame([true, []], [$own['cleared'] ?? null, $own['may_look_on'] ?? null]);
        $wash = $this->step($figure, 'trousers', 'wash');
        self::assertNotContains($this->jory()->name, array_column($wash['may_look_on'], 'name'), 'he is not cleared for it either');
    }

    public function test_it_is_kept_with_the_mark_and_sealed(): void
    {
        $figure = $this->figure('1st Lamplighters', 9);
        $this->mark($figure, $this->jory())->assertOk();
        self::assertSame($this->jory()->name, $this->markOf($figure, 'base')['looked_on'] ?? null);

        $other = User::query()->where('studio_id', '<>', $this->lead()->studio_id)->first();
        $this->assertRefused($this->mark($figure, $this->isla()), 422, 'may-not-look-on', '/supervisor_id');
        if ($other !== null) {
            $this->assertRefused($this->mark($figure, $other), 422, 'may-not-look-on', '/supervisor_id');
        }
        $this->assertRefused($this->mark($figure, $this->jory(), 'wash'), 422, 'may-not-look-on', '/supervisor_id');
        $this->assertRefused($this->mark($figure, $this->deputy(), 'base', 'taken-back'), 422, 'nothing-done', '/supervisor_id');
        self::assertSame(1, BenchMark::query()->whereNotNull('supervisor_id')->count());

        // Who looked on did not paint it, and may check it.
        $this->mark($figure, $this->deputy(), 'wash')->assertOk();
        foreach ($this->sheetOf($figure, $this->isla())['steps'] as $step) {
            if (! in_array($figure->id, array_column($step['marks'], 'figure_id'), true)) {
                $this->as($this->isla(), 'POST', '/bench-marks', ['figures' => [['id' => $figure->id, 'seen' => null]], 'area' => $step['area'], 'use' => $step['use'], 'state' => 'done', 'reason' => null]);
            }
        }
        $this->answer($this->isla(), 'POST', '/hand-overs', ['figures' => [$figure->id]]);
        $record = $this->signed($figure);
        $painted = Arr::array((array) json_decode($record->record, true), 'painted');
        self::assertEqualsCanonicalizing([$this->jory()->name, $this->deputy()->name], array_values(array_filter(array_column($painted, 'looked_on'))));
        self::assertTrue($this->app->make(VerifyChain::class)->keep()->holds());
    }

    /** What is laid first on an area. */
    private function techniqueOf(Figure $figure, string $area): string
    {
        return Arr::first($this->sheetOf($figure, $this->isla())['steps'], static fn (array $one): bool => $one['area'] === $area)['technique'] ?? self::fail("The sheet has nothing on {$area}.");
    }

    /** @return TestResponse<Response> */
    private function mark(Figure $figure, User $lookingOn, string $use = 'base', string $state = 'done'): TestResponse
    {
        $seen = $this->markOf($figure, $use)['id'] ?? null;

        return $this->as($this->isla(), 'POST', '/bench-marks', ['figures' => [['id' => $figure->id, 'seen' => $seen]], 'area' => 'trousers', 'use' => $use, 'state' => $state, 'reason' => null, 'supervisor_id' => $lookingOn->id]);
    }

    /** @return array{id: int, figure_id: int, looked_on: string|null}|null what stands of it */
    private function markOf(Figure $figure, string $use): ?array
    {
        return Arr::first($this->step($figure, 'trousers', $use)['marks'], static fn (array $mark): bool => $mark['figure_id'] === $figure->id);
    }

    /** @return array{cleared: bool|null, may_look_on: list<array{id: int, name: string}>, marks: list<array{id: int, figure_id: int, looked_on: string|null}>} */
    private function step(Figure $figure, string $area, string $use): array
    {
        foreach ($this->sheetOf($figure, $this->isla())['steps'] as $step) {
            if ($step['area'] === $area && $step['use'] === $use) {
                return $step;
            }
        }
        self::fail("The sheet has no {$use} on {$area}.");
    }
}
