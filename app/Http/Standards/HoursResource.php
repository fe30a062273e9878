<?php

declare(strict_types=1);

namespace App\Http\Standards;

use App\Actions\Standards\SpreadFigure;
use App\Http\Shared\Resource;
use App\Http\Shared\WhyShape;
use Core\Composition\ComposedUse;
use Core\Composition\MinutesFromTotal;
use Document\Standard\UseReader;

/**
 * Minutes of uses from a total: what each takes on the figure before and after, and the cells as they would be written.
 *
 * @phpstan-import-type Why from WhyShape
 * @phpstan-import-type UseDocument from \Document\Member\UseMembers
 *
 * @phpstan-type HoursUse array{area: string, use: string, name: string, before: float, after: float}
 * @phpstan-type Hours_ array{
 *   before: float,
 *   after: float,
 *   guess: bool,
 *   uses: list<HoursUse>,
 *   cells: list<array{surface: string, uses: list<UseDocument>}>,
 *   why: Why,
 * }
 */
final readonly class HoursResource extends Resource
{
    public function __construct(private SpreadFigure $figure)
    {
    }

    /** @return Hours_ */
    public function toArray(): array
    {
        $spread = $this->figure->spread;

        return [
            'before' => $spread->before,
            'after' => $spread->on($this->figure->figure),
            'guess' => $spread->isGuess,
            'uses' => array_map(fn (ComposedUse $use): array => [
                'area' => $use->area->id, 'use' => $use->use->id, 'name' => $this->figure->standard->technique($use->technique)->name,
                'before' => $use->minutes, 'after' => $spread->onUse($use),
            ], $this->figure->figure->uses),
            'cells' => $this->cells(),
            'why' => MinutesFromTotal::why($spread)->toArray(),
        ];
    }

    /** @return list<array{surface: string, uses: list<UseDocument>}> */
    private function cells(): array
    {
        $cells = [];
        foreach ($this->figure->requirements as $requirement) {
            if ($requirement['tier'] === $this->figure->tier && $requirement['uses'] !== []) {
                $cells[] = ['surface' => $requirement['surface'], 'uses' => array_map(fn (array $use): array => $this->written($use, $requirement['surface']), $requirement['uses'])];
            }
        }

        return $cells;
    }

    /**
     * @param  UseDocument  $use
     * @return UseDocument
     */
    private function written(array $use, string $surface): array
    {
        $allowance = $this->figure->spread->of($surface, UseReader::nameOf($use));

        if ($allowance === null) {
            return $use;
        }
        unset($use['minutes'], $use['fixed'], $use['each']);
        if ($allowance->minutes > 0) {
            $use['minutes'] = $allowance->minutes;
        }
        if ($allowance->fixed > 0) {
            $use['fixed'] = $allowance->fixed;
        }
        if ($allowance->each > 0) {
            $use['each'] = $allowance->each;
        }

        return $use;
    }
}
