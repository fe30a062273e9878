<?php

declare(strict_types=1);

namespace App\Http\Paints;

use App\Http\Shared\Resource;
use Core\Scheme\Substitute as CoreSubstitute;

/**
 * @phpstan-type Substitute_ array{
 *   paint: string,
 *   hex: string,
 *   kind: string,
 *   stock_ml: float|null,
 *   delta_e: float,
 *   side: list<string>,
 * }
 */
final readonly class SubstitutesResource extends Resource
{
    /** @param  list<CoreSubstitute>  $substitutes */
    public function __construct(private array $substitutes)
    {
    }

    /** @return list<Substitute_> */
    public function toArray(): array
    {
        return array_map(self::one(...), $this->substitutes);
    }

    /** @return Substitute_ */
    public static function one(CoreSubstitute $one): array
    {
        return [
            'paint' => $one->paint->name, 'hex' => $one->paint->colour->hex(), 'kind' => $one->paint->kind->value, 'stock_ml' => $one->paint->stockMl,
            'delta_e' => round($one->deltaE00, 1), 'side' => $one->side,
        ];
    }
}
