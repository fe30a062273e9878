<?php

declare(strict_types=1);

namespace App\Http\Planning;

use App\Actions\Composing\ComposedFigure;
use App\Actions\Planning\SheetEstimate;
use App\Http\Shared\Resource;
use App\Http\Shared\WhyShape;

/**
 * What a unit takes as a batch, sheet by sheet, in minutes.
 *
 * @phpstan-import-type Why from WhyShape
 *
 * @phpstan-type SheetEstimate_ array{
 *   key: string,
 *   figures: list<int>,
 *   hands_on: float,
 *   elapsed: float,
 *   least: float,
 *   most: float,
 *   budget: float|null,
 *   over: bool,
 *   why: Why,
 * }
 */
final readonly class UnitEstimateResource extends Resource
{
    /** @param  list<SheetEstimate>  $sheets */
    public function __construct(private array $sheets)
    {
    }

    /** @return list<SheetEstimate_> */
    public function toArray(): array
    {
        return array_map(static fn (SheetEstimate $one): array => [
            'key' => $one->sheet->key,
            'figures' => array_map(static fn (ComposedFigure $figure): int => $figure->id, $one->sheet->figures),
            'hands_on' => $one->estimate->handsOn,
            'elapsed' => $one->estimate->elapsed,
            'least' => $one->estimate->least,
            'most' => $one->estimate->most,
            'budget' => $one->estimate->budget,
            'over' => $one->estimate->isOver(),
            'why' => $one->estimate->why()->toArray(),
        ], $this->sheets);
    }
}
