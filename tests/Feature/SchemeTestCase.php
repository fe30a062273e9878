<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\Bench\BenchSheets;
use App\Http\Bench\BenchSheetResource;
use App\Http\Schemes\RecipeParts;
use App\Http\Schemes\SchemeAreaParts;
use App\Http\Schemes\SchemeResource;
use App\Models\Scheme;

/**
 * Tests that write the colours of the demo's force and read them again.
 *
 * @phpstan-import-type Scheme from SchemeResource as Shown
 * @phpstan-import-type SchemeArea_ from SchemeAreaParts
 * @phpstan-import-type StepMix from RecipeParts
 * @phpstan-import-type BenchSheet_ from BenchSheetResource
 */
abstract class SchemeTestCase extends TestCase
{
    protected function scheme(): Scheme
    {
        return Scheme::query()->whereNull('common_id')->firstOrFail();
    }

    /**
     * @param  array<array-key, mixed>  $body
     * @return Shown
     */
    protected function scheming(string $method, string $path, array $body = []): array
    {
        /** @var Shown */
        return $this->answer($this->lead(), $method, $path, $body);
    }

    /** @return Shown */
    protected function show(string $type, ?string $tier = null): array
    {
        return $this->scheming('GET', "/schemes/{$this->scheme()->id}?type={$type}".($tier === null ? '' : "&tier={$tier}"));
    }

    /**
     * @param  Shown  $scheme
     * @return SchemeArea_
     */
    protected function area(array $scheme, string $name): array
    {
        foreach ($scheme['areas'] as $area) {
            if ($area['area'] === $name) {
                return $area;
            }
        }
        self::fail("The scheme has no {$name}.");
    }

    /**
     * @param  array<string, mixed>  $change
     * @return array<string, mixed>
     */
    protected function wholeScheme(Scheme $scheme, array $change): array
    {
        return $change + [
            'name' => $scheme->name, 'ground' => 'Quay Fog primer', 'sketch' => '', 'sketch_cover' => 0.5, 'one_colour' => false, 'light' => 'Gull White', 'light_own' => 1, 'light_parts' => 1, 'light_reach' => 1, 'last_light' => 'series',
            'light_from' => '', 'focal' => [], 'accents' => '', 'note' => '', 'version' => $scheme->version,
        ];
    }

    /**
     * @param  list<array{string, string, float}>  $rungs role, mix and cover
     * @return array{area: string, figure_type: null, uses: list<mixed>, takes_shared_light: bool, turn: string, quiet: bool, note: string, rungs: list<array{role: string, mix: string, cover: float, coats: int}>}
     */
    protected static function draft(string $area, array $rungs): array
    {
        return [
            'area' => $area, 'figure_type' => null, 'uses' => [], 'takes_shared_light' => true, 'turn' => 'none', 'quiet' => false, 'note' => '',
            'rungs' => array_map(static fn (array $rung): array => ['role' => $rung[0], 'mix' => $rung[1], 'cover' => $rung[2], 'coats' => 1], $rungs),
        ];
    }

    /** @return StepMix */
    protected function mix(string $unit, int $figure, string $area, string $use): array
    {
        $sheet = $this->app->make(BenchSheets::class)->ofFigure($this->figure($unit, $figure));
        /** @var BenchSheet_ $shown */
        $shown = $this->answer($this->lead(), 'GET', "/jobs/{$this->job()->id}/bench-sheets/{$sheet->key}");
        foreach ($shown['steps'] as $step) {
            if ($step['area'] === $area && $step['use'] === $use) {
                return $step['mixes'][0];
            }
        }
        self::fail("The sheet has no {$use} on {$area}.");
    }
}
