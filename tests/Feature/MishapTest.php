<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\Bench\BenchSheets;
use App\Actions\Bench\Painters;
use App\Http\Bench\BenchSheetResource;
use App\Http\Repairs\RepairResource;
use App\Models\Figure;
use App\Models\Mishap;

/**
 * What goes wrong at the bench: told, mended with what is on the figure by then, and no figure handed over before.
 *
 * @phpstan-import-type BenchSheet_ from BenchSheetResource
 * @phpstan-import-type Repair_ from RepairResource
 */
final class MishapTest extends TestCase
{
    private const SLIP = ['area' => 'trousers', 'kind' => 'overspill', 'layer' => null, 'share' => 0.1, 'note' => '', 'lifted' => false];

    public function test_what_is_laid_again_is_what_is_on_the_figure_by_now(): void
    {
        $begun = $this->repair($this->begun(), 'area=helmet&kind=overspill&share=0.1');
        $bare = $this->repair($this->begun(), 'area=trousers&kind=overspill&share=0.1');
        $done = $this->repair($this->done(), 'area=trousers&kind=overspill&share=0.1');

        self::assertSame(['spray-lay-in'], array_column($begun['steps'], 'layer'), 'the wash is not on it yet');
        self::assertSame(['base', 'wash', 'whole/matt'], array_column($done['steps'], 'layer'), 'what was varnished is varnished again');
        self::assertSame(['whole/prime-grey'], array_column($bare['steps'], 'layer'), 'on the bare ground it is that');
        self::assertSame('Kelp Bed', $done['steps'][0]['mixes'][0]['text']);
        self::assertSame('Fresh and thin: lift it with a clean damp brush; then nothing is laid again.', $done['first']);
        self::assertNull($done['instead']);
        $this->assertRefused($this->as($this->lead(), 'GET', "/figures/{$this->figure('2nd Lamplighters', 2)->id}/mishap-repair?area=helmet&kind=pool&share=0.1"), 422, 'no-layers', '/area');
        $this->assertRefused($this->as($this->isla(), 'GET', "/figures/{$this->begun()->id}/mishap-repair?area=wings&kind=pool&share=0.1"), 422, 'unknown-area', '/area');
    }

    public function test_a_mishap_waits_on_the_sheet_and_holds_the_figure_back_until_it_is_mended(): void
    {
        $figure = $this->done();
        $sheet = $this->tell($figure, self::SLIP + ['key' => '00000000-0000-4000-8000-000000000001']);
        self::assertSame([['slip of foreign paint', 'trousers', '']], array_map(static fn (array $one): array => [$one['name'], $one['area'], $one['layer']], $sheet['mishaps']));
        self::assertFalse(self::standing($sheet, $figure)['may_hand_over']);
        $this->assertRefused($this->as($this->isla(), 'POST', '/hand-overs', ['figures' => [$figure->id]]), 403, 'mishaps-open');

        $again = $this->tell($figure, self::SLIP + ['key' => '00000000-0000-4000-8000-000000000001']);
        self::assertCount(1, $again['mishaps'], 'sent again it is the same one');

        $mended = $this->end($sheet['mishaps'][0]['id'], 'mended');
        self::assertSame([], $mended['mishaps']);
        self::assertTrue(self::standing($mended, $figure)['may_hand_over']);
        $this->as($this->isla(), 'POST', '/hand-overs', ['figures' => [$figure->id]])->assertOk();
        $this->assertRefused($this->as($this->isla(), 'POST', "/figures/{$figure->id}/mishaps", self::SLIP), 403, 'not-at-the-bench');
    }

    public function test_what_was_lifted_while_fresh_waits_for_nothing_and_stays_on_record(): void
    {
        $sheet = $this->tell($this->begun(), ['lifted' => true] + self::SLIP);

        self::assertSame([], $sheet['mishaps']);
        self::assertSame('lifted', Mishap::query()->firstOrFail()->ended?->value);
    }

    public function test_an_end_is_told_once_and_who_mended_painted_on_the_figure(): void
    {
        $figure = $this->begun();
        $id = $this->tell($figure, self::SLIP)['mishaps'][0]['id'];
        $this->answer($this->deputy(), 'POST', "/mishaps/{$id}/end", ['ended' => 'mended']);
        $this->answer($this->deputy(), 'POST', "/mishaps/{$id}/end", ['ended' => 'mended']);

        $this->assertRefused($this->as($this->deputy(), 'POST', "/mishaps/{$id}/end", ['ended' => 'taken-back']), 403, 'ended');
        self::assertContains($this->deputy()->id, Painters::of($figure), 'and does not check it');
    }

    public function test_the_second_repair_of_a_face_says_what_it_risks(): void
    {
        $figure = $this->begun();
        $slip = ['area' => 'face'] + self::SLIP;
        self::assertNull($this->repair($figure, 'area=face&kind=overspill&share=0.1')['risk']);
        $this->end($this->tell($figure, $slip)['mishaps'][0]['id'], 'mended');

        self::assertStringContainsString('mended before', (string) $this->repair($figure, 'area=face&kind=overspill&share=0.1')['risk']);
    }

    public function test_who_checks_is_told_where_it_was_mended(): void
    {
        $figure = $this->done();
        $this->tell($figure, ['lifted' => true, 'area' => 'boots'] + self::SLIP);
        $this->answer($this->deputy(), 'POST', '/mishaps/'.$this->tell($figure, self::SLIP)['mishaps'][0]['id'].'/end', ['ended' => 'mended']);
        $this->answer($this->isla(), 'POST', '/hand-overs', ['figures' => [$figure->id]]);
        $check = $this->answer($this->lead(), 'POST', "/figures/{$figure->id}/checks");

        self::assertSame([['area' => 'trousers', 'name' => 'slip of foreign paint', 'by' => 'Ruan Petherick']], $check['mended_at_the_bench'], 'what came off left nothing to look for');
    }

    public function test_it_is_told_by_who_paints_the_figure_and_with_sense(): void
    {
        $figure = $this->begun();
        $tell = fn (array $change) => $this->as($this->isla(), 'POST', "/figures/{$figure->id}/mishaps", $change + self::SLIP);

        $this->assertRefused($this->as($this->jory(), 'POST', "/figures/{$figure->id}/mishaps", self::SLIP), 403, 'not-your-figure');
        $this->assertRefused($tell(['share' => 0]), 422, 'invalid', '/share');
        $this->assertRefused($tell(['kind' => 'gremlin']), 422, 'invalid', '/kind');
        $this->assertRefused($tell(['layer' => 'gilding']), 422, 'unknown-layer', '/layer');
        self::assertSame(0, Mishap::query()->count());
    }

    /** Some of its steps are marked, among them the base of its trousers. */
    private function begun(): Figure
    {
        return $this->figure('1st Lamplighters', 8);
    }

    /** All of it is painted. */
    private function done(): Figure
    {
        $figure = $this->figure('1st Lamplighters', 8);
        foreach ($this->app->make(BenchSheets::class)->ofFigure($figure)->steps as $step) {
            $seen = $this->seen([$figure->id], $step->area, $step->use);
            if ($seen[0]['seen'] === null) {
                $this->answer($this->isla(), 'POST', '/bench-marks', ['area' => $step->area, 'use' => $step->use, 'reason' => null, 'state' => 'done', 'figures' => $seen]);
            }
        }

        return $figure;
    }

    /**
     * @param  array<string, mixed>  $told
     * @return BenchSheet_
     */
    private function tell(Figure $figure, array $told): array
    {
        /** @var BenchSheet_ */
        return $this->answer($this->isla(), 'POST', "/figures/{$figure->id}/mishaps", $told);
    }

    /** @return BenchSheet_ */
    private function end(int $mishap, string $how): array
    {
        /** @var BenchSheet_ */
        return $this->answer($this->isla(), 'POST', "/mishaps/{$mishap}/end", ['ended' => $how]);
    }

    /** @return Repair_ */
    private function repair(Figure $figure, string $query): array
    {
        /** @var Repair_ */
        return $this->answer($this->isla(), 'GET', "/figures/{$figure->id}/mishap-repair?{$query}");
    }

    /**
     * @param  BenchSheet_  $sheet
     * @return array{may_hand_over: bool}
     */
    private static function standing(array $sheet, Figure $figure): array
    {
        return array_column($sheet['figures'], null, 'id')[$figure->id];
    }
}
