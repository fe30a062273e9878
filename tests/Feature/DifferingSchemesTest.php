<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Http\Jobs\AreaLayersResource;
use App\Http\Jobs\GridResource;
use App\Http\Schemes\SchemeAreaParts;
use App\Http\Schemes\SchemeAreaResource;
use App\Models\Figure;
use App\Models\JobMix;
use App\Models\Scheme;
use App\Models\SchemeArea;
use Core\Plan\FigureState;

/**
 * A company, a figure type and an area that differ in single steps keep the rest.
 *
 * @phpstan-import-type SchemeArea_ from SchemeAreaParts
 * @phpstan-import-type SchemeAreaPreview from SchemeAreaResource
 * @phpstan-import-type Grid from GridResource
 * @phpstan-import-type AreaLayers from AreaLayersResource
 */
final class DifferingSchemesTest extends SchemeTestCase
{
    private const HELMET = [['base', 'Harbour Slate', 1.0], ['light', 'Weir Blue', 0.4], ['light', 'Gull White', 0.1]];

    public function test_a_company_with_another_last_light_gets_the_new_base(): void
    {
        $common = $this->helmet();
        $company = $this->company();
        $seen = $this->write($company, self::draft('helmet', [['base', 'Harbour Slate', 1.0], ['light', 'Weir Blue', 0.4], ['light', 'Limpet', 0.1]]));
        self::assertSame([false, false, true], array_column($seen['rungs'], 'differs'));
        self::assertSame('Gull White', $seen['rungs'][2]['stood']['mix'] ?? '');
        self::assertSame(['of' => $this->scheme()->name, 'left_out' => []], $seen['lies_over']);

        $this->write($this->scheme(), self::draft('helmet', [['base', 'Rust Buoy', 1.0], ['light', 'Weir Blue', 0.4], ['light', 'Gull White', 0.1]]), $common);

        $then = $this->area($this->scheming('GET', "/schemes/{$company->id}?type=lamplighter"), 'helmet');
        self::assertSame(['Rust Buoy', 'Weir Blue', 'Limpet'], array_column($then['rungs'], 'mix'));
        self::assertGreaterThan($seen['version'], $then['version'], 'whoever has it open hears of it');
    }

    public function test_what_is_left_out_is_told_and_stays_out(): void
    {
        $common = $this->helmet();
        $company = $this->company();
        $seen = $this->write($company, self::draft('helmet', [['base', 'Harbour Slate', 1.0], ['light', 'Gull White', 0.1]]));
        self::assertSame([[1, 'Weir Blue']], array_map(static fn (array $left): array => [$left['at'], $left['rung']['mix']], $seen['lies_over']['left_out'] ?? []));

        $this->write($this->scheme(), self::draft('helmet', [['base', 'Rust Buoy', 1.0], ['light', 'Cold Spray', 0.4], ['light', 'Gull White', 0.1]]), $common);
        self::assertSame(['Rust Buoy', 'Gull White'], array_column($this->area($this->scheming('GET', "/schemes/{$company->id}?type=lamplighter"), 'helmet')['rungs'], 'mix'));
    }

    public function test_a_type_and_a_company_differ_together(): void
    {
        $this->common('boots');
        $this->write($this->scheme(), ['figure_type' => 'harbour-master', 'type' => 'harbour-master'] + self::draft('boots', [['base', 'Rust Buoy', 1.0], ['light', 'Weir Blue', 0.4], ['light', 'Gull White', 0.1]]), $this->area($this->show('harbour-master'), 'boots'));
        $company = $this->company();
        $own = $this->write($company, self::draft('boots', [['base', 'Harbour Slate', 1.0], ['light', 'Weir Blue', 0.4], ['light', 'Limpet', 0.1]]));
        $mixes = fn (string $type): array => array_column($this->area($this->scheming('GET', "/schemes/{$company->id}?type={$type}"), 'boots')['rungs'], 'mix');
        self::assertSame(['Rust Buoy', 'Weir Blue', 'Limpet'], $mixes('harbour-master'));

        // Changed while the type shows through, the base of the type does not become everybody's.
        $this->write($company, ['type' => 'harbour-master'] + self::draft('boots', [['base', 'Rust Buoy', 1.0], ['light', 'Kelp Bed', 0.4], ['light', 'Limpet', 0.1]]), $own);
        self::assertSame([['Harbour Slate', 'Kelp Bed', 'Limpet'], ['Rust Buoy', 'Kelp Bed', 'Limpet']], [$mixes('lamplighter'), $mixes('harbour-master')]);
    }

    public function test_an_area_is_the_same_as_another_but_for_what_it_says_itself(): void
    {
        $helmet = $this->helmet();
        $badge = $this->write($this->scheme(), ['same_as' => 'helmet'] + self::draft('guard badge', [['base', 'Harbour Slate', 1.0], ['light', 'Weir Blue', 0.4], ['light', 'Limpet', 0.1]]));
        self::assertSame(['helmet', 'helmet'], [$badge['same_as'], $badge['lies_over']['of'] ?? '']);

        $helmet = $this->write($this->scheme(), self::draft('helmet', [['base', 'Rust Buoy', 1.0], ['light', 'Weir Blue', 0.4], ['light', 'Gull White', 0.1]]), $helmet);
        self::assertSame(['Rust Buoy', 'Weir Blue', 'Limpet'], array_column($this->area($this->show('lamplighter'), 'guard badge')['rungs'], 'mix'));

        $refused = fn (array $body, string $code) => $this->assertRefused($this->as($this->lead(), 'PUT', "/scheme-areas/{$helmet['id']}", $body + ['version' => $helmet['version']] + self::draft('helmet', self::HELMET)), 422, $code, '/same_as');
        $refused(['same_as' => 'guard badge'], 'same-as-itself');
        $refused(['same_as' => 'helmet'], 'same-as-itself');
        $refused(['same_as' => 'no such thing'], 'no-ladder');
    }

    public function test_what_an_area_was_the_same_as_may_go(): void
    {
        $helmet = $this->helmet();
        $badge = $this->write($this->scheme(), ['same_as' => 'helmet'] + self::draft('guard badge', self::HELMET));
        $this->as($this->lead(), 'DELETE', "/scheme-areas/{$helmet['id']}", ['version' => $helmet['version']])->assertOk();

        $kept = $this->write($this->scheme(), ['same_as' => 'helmet', 'note' => 'as it was'] + self::draft('guard badge', self::HELMET), $badge);
        self::assertSame(['helmet', null, 3], [$kept['same_as'], $kept['lies_over'], count($kept['rungs'])]);
    }

    public function test_a_preview_shows_what_would_differ(): void
    {
        $this->helmet();
        /** @var SchemeAreaPreview $preview */
        $preview = $this->answer($this->lead(), 'POST', "/schemes/{$this->company()->id}/area-previews", self::draft('helmet', [['base', 'Harbour Slate', 1.0], ['light', 'Limpet', 0.4]]) + ['type' => 'lamplighter']);

        self::assertSame([false, true], array_column($preview['area']['rungs'], 'differs'));
        self::assertCount(1, $preview['area']['lies_over']['left_out'] ?? []);
    }

    public function test_a_scheme_says_what_an_area_is(): void
    {
        $company = $this->company();
        $unit = $this->unit('1st Lamplighters');
        $figure = $this->figure('1st Lamplighters', 2);
        $asked = fn (): array => array_column($this->gridArea('1st Lamplighters', 'helmet')['uses'], 'id');
        $this->answer($this->lead(), 'POST', "/figures/{$figure->id}/checks");
        $plate = $asked();

        $seen = $this->write($company, ['surface' => 'metal'] + self::draft('helmet', [['base', 'Old Brass', 1.0]]));
        self::assertSame(['metal', 'metal'], [$seen['surface'], $seen['surface_here']]);
        self::assertSame($plate, $asked(), 'the unit is painted in the common scheme still');
        self::assertSame('check', explode('-', $figure->refresh()->state->value)[1] ?? '');

        $this->answer($this->lead(), 'PATCH', "/units/{$unit->id}", ['version' => $unit->refresh()->version, 'scheme_id' => $company->id]);
        self::assertSame('metal', $this->gridArea('1st Lamplighters', 'helmet')['surface']);
        self::assertNotSame($plate, $asked());
        self::assertSame(FigureState::Painting, $figure->refresh()->state, 'other work is asked');

        $this->as($this->lead(), 'DELETE', "/scheme-areas/{$seen['id']}", ['version' => $seen['version']])->assertOk();
        self::assertSame($plate, $asked());
    }

    public function test_an_area_becomes_nothing_that_the_standard_has_not(): void
    {
        $id = $this->scheme()->id;
        foreach (['glitter', 'whole'] as $surface) {
            $this->assertRefused($this->as($this->lead(), 'POST', "/schemes/{$id}/areas", ['surface' => $surface] + self::draft('buckle', [['base', 'Old Brass', 1.0]])), 422, 'unknown-surface', '/surface');
        }
    }

    public function test_a_surface_that_is_said_takes_figures_in_check_back(): void
    {
        $figure = $this->figure('1st Lamplighters', 2);
        $this->answer($this->lead(), 'POST', "/figures/{$figure->id}/checks");
        $helmet = $this->helmet();
        self::assertNotSame(FigureState::Painting, $figure->refresh()->state, 'colours alone change no work');

        $this->write($this->scheme(), ['surface' => 'metal'] + self::draft('helmet', self::HELMET), $helmet);
        self::assertSame(FigureState::Painting, $figure->refresh()->state);
    }

    public function test_figures_of_a_unit_take_schemes_in_turn(): void
    {
        $this->helmet();
        $company = $this->company();
        $this->write($company, self::draft('helmet', [['base', 'Rust Buoy', 1.0], ['light', 'Weir Blue', 0.4], ['light', 'Gull White', 0.1]]));
        $figures = Figure::query()->where('unit_id', $this->unit('2nd Lamplighters')->id)->orderBy('id')->get();
        $give = fn (array $schemes) => $this->answer($this->lead(), 'PATCH', '/figures', ['schemes' => $schemes, 'figures' => $figures->map(static fn (Figure $one): array => ['id' => $one->id, 'version' => $one->refresh()->version])->all()]);
        $base = fn (int $number): string => $this->mix('2nd Lamplighters', $number, 'helmet', 'spray-lay-in')['text'];

        $give([$this->scheme()->id, $company->id]);
        self::assertSame([null, $company->id, null, $company->id], $figures->take(4)->map(static fn (Figure $one): ?int => $one->refresh()->scheme_id)->all(), 'what the unit has itself is not said again');
        $numbers = $figures->take(2)->map(static fn (Figure $one): int => $one->number)->all();
        self::assertSame(['Harbour Slate', 'Rust Buoy'], array_map($base, $numbers));

        $give([$this->scheme()->id]);
        self::assertSame(0, Figure::query()->whereNotNull('scheme_id')->count());
        $this->assertRefused($this->as($this->lead(), 'PATCH', '/figures', ['schemes' => [9999], 'figures' => [['id' => $figures->firstOrFail()->id, 'version' => $figures->firstOrFail()->refresh()->version]]]), 422, 'unknown-scheme');
    }

    public function test_what_is_mixed_for_a_step_is_for_the_figures_of_that_scheme_and_is_kept_there(): void
    {
        $this->helmet();
        $company = $this->company();
        $this->write($company, self::draft('helmet', [['base', 'Rust Buoy', 1.0], ['light', 'Weir Blue', 0.4], ['light', 'Gull White', 0.1]]));
        $odd = Figure::query()->where('unit_id', $this->unit('2nd Lamplighters')->id)->orderByDesc('id')->firstOrFail();
        $this->answer($this->lead(), 'PATCH', '/figures', ['schemes' => [$company->id], 'figures' => [['id' => $odd->id, 'version' => $odd->version]]]);
        $first = Figure::query()->where('unit_id', $this->unit('2nd Lamplighters')->id)->orderBy('id')->firstOrFail();
        $shown = fn (): array => array_map(fn (Figure $one): string => $this->mix('2nd Lamplighters', $one->number, 'helmet', 'spray-lay-in')['text'], [$first, $odd]);
        $step = ['figure_type_id' => $this->unit('2nd Lamplighters')->figure_type_id, 'scheme_id' => $company->id, 'area' => 'helmet', 'use' => 'spray-lay-in', 'step' => 1];

        $this->answer($this->lead(), 'PUT', "/jobs/{$this->job()->id}/mixes", $step + ['mix' => 'Rust Buoy 2 + Lamp Black 1', 'version' => null]);
        self::assertSame(['Harbour Slate', 'Rust Buoy 2 + Lamp Black 1'], $shown());

        $this->assertRefused($this->as($this->lead(), 'POST', "/jobs/{$this->job()->id}/kept-mixes", ['scheme_id' => null] + $step), 422, 'nothing-mixed', '/use');
        $this->answer($this->lead(), 'POST', "/jobs/{$this->job()->id}/kept-mixes", $step);
        self::assertSame(['Harbour Slate', 'Rust Buoy 2 + Lamp Black 1'], $shown());
        self::assertSame(0, JobMix::query()->count());
        $this->assertRefused($this->as($this->lead(), 'PUT', "/jobs/{$this->job()->id}/mixes", ['scheme_id' => 9999] + $step + ['mix' => 'Gull White', 'version' => null]), 422, 'unknown-use', '/use');
    }

    /** @return AreaLayers */
    private function gridArea(string $unit, string $area): array
    {
        /** @var Grid $grid */
        $grid = $this->answer($this->lead(), 'GET', "/jobs/{$this->job()->id}/figures");
        foreach ($grid['units'] as $row) {
            if ($row['name'] === $unit) {
                return $this->layersOf($row['groups'][0]['figures'][0]['id'], $area);
            }
        }
        self::fail("The grid has no {$unit}.");
    }

    private function company(): Scheme
    {
        $this->answer($this->lead(), 'POST', '/schemes', ['force' => 'Harbour guard', 'name' => 'Third company']);

        return Scheme::query()->where('name', 'Third company')->firstOrFail();
    }

    /** @return SchemeArea_ the common helmet, in three steps */
    private function helmet(): array
    {
        return $this->common('helmet');
    }

    /** @return SchemeArea_ */
    private function common(string $area): array
    {
        return $this->write($this->scheme(), self::draft($area, self::HELMET), $this->area($this->show('lamplighter'), $area));
    }

    /**
     * @param  array<array-key, mixed>  $draft
     * @param  SchemeArea_|null  $on what stands there; null: nothing yet
     * @return SchemeArea_ as it is then
     */
    private function write(Scheme $scheme, array $draft, ?array $on = null): array
    {
        $draft += ['type' => 'lamplighter'];

        return $this->area(
            $on === null
                ? $this->scheming('POST', "/schemes/{$scheme->id}/areas", $draft)
                : $this->scheming('PUT', "/scheme-areas/{$on['id']}", ['version' => $on['version']] + $draft),
            is_string($draft['area']) ? $draft['area'] : '',
        );
    }
}
