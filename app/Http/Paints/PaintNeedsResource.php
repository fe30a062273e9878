<?php

declare(strict_types=1);

namespace App\Http\Paints;

use App\Http\Shared\Resource;
use App\Http\Shared\WhyShape;
use Core\Scheme\Paint;
use Core\Why as CoreWhy;

/**
 * What the running jobs will take of each paint.
 *
 * @phpstan-import-type Why from WhyShape
 *
 * @phpstan-type PaintNeed array{paint: string, ml: float, stock_ml: float|null, short: bool}
 * @phpstan-type MaterialNeed array{name: string, pieces: float}
 * @phpstan-type PaintNeeds_ array{needs: list<PaintNeed>, materials: list<MaterialNeed>, why: Why}
 */
final readonly class PaintNeedsResource extends Resource
{
    /**
     * @param  array{ml: array<string, float>, pieces: array<string, float>}  $needs millilitres and pieces by name
     * @param  list<Paint>  $paints
     */
    public function __construct(
        private array $needs,
        private array $paints,
        private CoreWhy $why,
    ) {
    }

    /** @return PaintNeeds_ */
    public function toArray(): array
    {
        $needs = [];
        foreach ($this->paints as $paint) {
            $ml = $this->needs['ml'][$paint->name] ?? 0.0;
            if ($ml > 0) {
                $needs[] = ['paint' => $paint->name, 'ml' => round($ml, 1), 'stock_ml' => $paint->stockMl, 'short' => $paint->isTooLittleFor($ml)];
            }
        }

        $materials = $this->needs['pieces'];
        ksort($materials);

        return [
            'needs' => $needs,
            'materials' => array_map(static fn (string $name, float $pieces): array => ['name' => $name, 'pieces' => ceil($pieces)], array_keys($materials), array_values($materials)),
            'why' => $this->why->toArray(),
        ];
    }
}
