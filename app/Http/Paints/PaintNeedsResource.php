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
 * @phpstan-type PaintNeed array{paint: string, ml: float, stock_ml: float, short: bool}
 * @phpstan-type PaintNeeds_ array{needs: list<PaintNeed>, why: Why}
 */
final readonly class PaintNeedsResource extends Resource
{
    /**
     * @param  array<string, float>  $needs millilitres by name
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
            $ml = $this->needs[$paint->name] ?? 0.0;
            if ($ml > 0) {
                $needs[] = ['paint' => $paint->name, 'ml' => round($ml, 1), 'stock_ml' => $paint->stockMl, 'short' => $ml > $paint->stockMl];
            }
        }

        return ['needs' => $needs, 'why' => $this->why->toArray()];
    }
}
