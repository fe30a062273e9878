<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Paint;

/**
 * @phpstan-type Paint_ array{id: int, name: string, kind: string, hex: string, opacity: string, finish: string, ml: float, stock_ml: float}
 */
final readonly class PaintsResource extends Resource
{
    /** @param  list<Paint>  $paints */
    public function __construct(private array $paints)
    {
    }

    /** @return list<Paint_> */
    public function toArray(): array
    {
        return array_map(static fn (Paint $paint): array => [
            'id' => $paint->id, 'name' => $paint->name, 'kind' => $paint->kind, 'hex' => $paint->hex, 'opacity' => $paint->opacity,
            'finish' => $paint->finish, 'ml' => $paint->ml, 'stock_ml' => $paint->stock_ml,
        ], $this->paints);
    }
}
