<?php

declare(strict_types=1);

namespace App\Http\FigureTypes;

use App\Http\Shared\Resource;
use App\Http\Shared\WhyShape;
use Core\Composition\FigureType;
use Core\Mapping\Measured;
use Core\Mapping\MeasuredArea;
use Core\Mapping\MeasuredBorder;
use Core\Standard\Side;

/**
 * What the pictures of a figure say of its areas, beside what was said of them.
 *
 * @phpstan-import-type Why from WhyShape as WhyData
 *
 * @phpstan-type MeasuredArea_ array{
 *   name: string,
 *   share: float,
 *   said: float,
 *   sides: list<value-of<Side>>,
 *   pieces: list<array{feature: string, pieces: int}>,
 *   why: WhyData,
 * }
 * @phpstan-type Measurement_ array{
 *   sides: list<value-of<Side>>,
 *   areas: list<MeasuredArea_>,
 *   borders: list<array{area: string, other: string, words: string}>,
 *   not_laid_out: list<string>,
 * }
 */
final readonly class MeasurementResource extends Resource
{
    /** Finer than a hundredth of a percent nothing is outlined. */
    private const DECIMALS = 4;

    public function __construct(
        private Measured $measured,
        private FigureType $type,
    ) {
    }

    /** @return Measurement_ */
    public function toArray(): array
    {
        return [
            'sides' => self::sides($this->measured->sides),
            'areas' => array_map($this->area(...), $this->measured->areas),
            'borders' => array_map(static fn (MeasuredBorder $border): array => ['area' => $border->area, 'other' => $border->other, 'words' => $border->words()], $this->measured->borders),
            'not_laid_out' => $this->measured->notLaidOut,
        ];
    }

    /** @return MeasuredArea_ */
    private function area(MeasuredArea $area): array
    {
        return [
            'name' => $area->area,
            'share' => round($area->share, self::DECIMALS),
            'said' => $this->type->area($area->area)->area->share ?? 0.0,
            'sides' => self::sides($area->sides),
            'pieces' => array_map(static fn (string|int $feature, int $pieces): array => ['feature' => (string) $feature, 'pieces' => $pieces], array_keys($area->pieces), $area->pieces),
            'why' => $area->why->toArray(),
        ];
    }

    /**
     * @param  list<Side>  $sides
     * @return list<value-of<Side>>
     */
    private static function sides(array $sides): array
    {
        return array_map(static fn (Side $side): string => $side->value, $sides);
    }
}
