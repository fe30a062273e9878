<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Http\Repairs\RepairResource;
use App\Models\Fault;
use App\Models\Mishap;

/**
 * What is laid again to mend a fault of the demo's lamplighter: on the face a base and a wash, on the trousers the same.
 *
 * @phpstan-import-type Repair_ from RepairResource
 */
final class RepairTest extends CheckTestCase
{
    public function test_a_fault_is_mended_from_the_layer_that_it_lies_in(): void
    {
        $spill = $this->flaw('overspill', 'trousers');
        self::assertSame([['base', 'Base coat'], ['wash', 'All-over wash'], ['whole/matt', 'Matt varnish, of the whole figure'], ['', 'foreign paint on top'], ['down/', 'all paint, down to the ground']], array_map(array_values(...), $spill['layers']));
        self::assertSame(['', ['base', 'wash', 'whole/matt']], [$spill['in'], array_column($spill['steps'], 'layer')], 'foreign paint on top: the base hides it; varnish over it again');
        self::assertSame('Kelp Bed', $spill['steps'][0]['mixes'][0]['text']);
        self::assertSame('2 coats', $spill['steps'][0]['degree']);
        self::assertStringContainsString('Varnish is sprayed only', (string) $spill['caution'], 'of all that is laid again');
        self::assertSame(1, substr_count((string) $spill['caution'], 'Never point a brush with the lips'), 'each sentence once');
        self::assertEqualsWithDelta(array_sum(array_column($spill['steps'], 'minutes')), $spill['minutes'], 1e-9);

        $patch = $this->flaw('patch', 'face');
        self::assertSame('base', $patch['in'], 'a patch was missed in the lay-in');
    }

    public function test_the_painter_says_where_it_lies_and_how_much_of_the_area_it_is(): void
    {
        $this->flaw('stray-dot', 'trousers');
        $fault = Fault::query()->firstOrFail();
        $of = fn (string $query): array => $this->repair($fault, $query);

        self::assertSame(['base', 'wash', 'whole/matt'], array_column($of('layer=wash')['steps'], 'layer'), 'a wash lets through, so its base is laid again');
        self::assertEqualsWithDelta(5 * $of('layer=wash&share=0.1')['minutes'], $of('layer=wash&share=0.5')['minutes'], 1e-9);
        self::assertSame('', $of('layer=')['in']);
        $this->assertRefused($this->as($this->isla(), 'GET', "/faults/{$fault->id}/repair?layer=gilding"), 422, 'unknown-layer', '/layer');
        $this->assertRefused($this->as($this->isla(), 'GET', "/faults/{$fault->id}/repair?share=1.5"), 422, 'invalid', '/share');
    }

    public function test_what_was_not_done_is_laid_with_all_on_it_and_what_a_sentence_judges_is_where_it_begins(): void
    {
        $check = $this->act($this->open(), 'answers', ['area' => 'boots', 'criterion' => 'leather-cover', 'answer' => 'not-done', 'side' => 'front']);
        $this->act($check, 'refusal');
        $repair = $this->repair(Fault::query()->firstOrFail(), '');

        self::assertSame(['base', ['base', 'whole/matt']], [$repair['in'], array_column($repair['steps'], 'layer')]);
    }

    public function test_the_second_repair_of_a_face_says_what_it_risks(): void
    {
        $undone = ['area' => 'face', 'criterion' => 'face-read', 'answer' => 'not-done', 'side' => 'front'];
        $this->act($this->act($this->open(), 'answers', $undone), 'refusal');
        $first = Fault::query()->firstOrFail();
        self::assertNull($this->repair($first, '')['risk']);
        $this->answer($this->isla(), 'POST', "/faults/{$first->id}/mending");
        $this->answer($this->isla(), 'POST', '/hand-overs', ['figures' => [$first->check->figure_id]]);

        $this->act($this->act($this->open($this->figure('1st Lamplighters', 2)), 'answers', $undone), 'refusal');
        $second = Fault::query()->orderByDesc('id')->firstOrFail();
        self::assertNotSame($first->id, $second->id);
        self::assertStringContainsString('mended before', (string) $this->repair($second, '')['risk']);
    }

    public function test_what_was_mended_at_the_bench_counts_as_a_repair(): void
    {
        $this->act($this->act($this->open(), 'answers', ['area' => 'face', 'criterion' => 'face-read', 'answer' => 'not-done', 'side' => 'front']), 'refusal');
        $fault = Fault::query()->firstOrFail();
        self::assertNull($this->repair($fault, '')['risk']);
        (new Mishap)->forceFill(['studio_id' => $this->isla()->studio_id, 'figure_id' => $fault->check->figure_id, 'area' => 'face', 'kind' => 'overspill', 'layer' => '',
            'share' => 0.1, 'user_id' => $this->isla()->id, 'ended' => 'mended', 'ended_by' => $this->isla()->id, 'ended_at' => now()])->save();

        self::assertStringContainsString('mended before', (string) $this->repair($fault, '')['risk']);
    }

    public function test_a_fault_on_no_area_has_no_layers(): void
    {
        $this->flaw('broken', 'lamp pole');
        $fault = Fault::query()->firstOrFail();
        Fault::query()->whereKey($fault->id)->update(['area' => '']);

        $this->assertRefused($this->as($this->isla(), 'GET', "/faults/{$fault->id}/repair"), 422, 'no-layers');
    }

    /** @return Repair_ of a flaw for which the figure was sent back */
    private function flaw(string $flaw, string $area): array
    {
        $check = $this->act($this->open(), 'flaws', ['flaw' => $flaw, 'area' => $area, 'side' => 'front'] + ($flaw === 'broken' ? [] : ['size_mm' => 6]));

        return $flaw === 'broken' ? $this->repair(Fault::query()->firstOrFail(), 'layer=') : $this->repair(Fault::query()->orderByDesc('id')->where('check_id', $check['id'])->firstOrFail(), '');
    }

    /** @return Repair_ */
    private function repair(Fault $fault, string $query): array
    {
        /** @var Repair_ */
        return $this->answer($this->isla(), 'GET', "/faults/{$fault->id}/repair?{$query}");
    }
}
