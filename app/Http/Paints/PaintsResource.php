<?php

declare(strict_types=1);

namespace App\Http\Paints;

use App\Http\Shared\Resource;
use App\Models\Paint;
use Core\Colour\Srgb;

/**
 * @phpstan-type Paint_ array{
 *   id: int,
 *   name: string,
 *   kind: string,
 *   hex: string,
 *   opacity: string,
 *   finish: string,
 *   ml: float,
 *   stock_ml: float|null,
 *   lab: list<float>,
 *   coats_dark: int,
 *   coats_middle: int,
 *   coats_light: int,
 *   hiding: float|null,
 *   note: string,
 *   version: int,
 * }
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
            'lab' => array_map(static fn (float $each): float => round($each, 1), Srgb::fromHex($paint->hex)->lab()->toArray()),
            'coats_dark' => $paint->coats_dark, 'coats_middle' => $paint->coats_middle, 'coats_light' => $paint->coats_light, 'hiding' => $paint->hiding, 'note' => $paint->note, 'version' => $paint->version,
        ], $this->paints);
    }
}
