<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Actions\Bench\BenchSheet;
use App\Models\Mishap;
use Core\Rework\MishapKind;

/**
 * What went wrong on the figures of a sheet and waits to be mended.
 *
 * @phpstan-type SheetMishap array{
 *   id: int,
 *   figure_id: int,
 *   number: int,
 *   area: string,
 *   kind: value-of<MishapKind>,
 *   name: string,
 *   layer: string,
 *   share: float,
 *   note: string,
 *   by: string,
 *   at: string|null,
 * }
 */
final readonly class SheetMishaps
{
    /** @return list<SheetMishap> */
    public static function of(BenchSheet $sheet): array
    {
        return array_map(static fn (Mishap $one): array => [
            'id' => $one->id, 'figure_id' => $one->figure_id, 'number' => $sheet->of($one->figure_id)->row->number, 'area' => $one->area,
            'kind' => $one->kind->value, 'name' => $one->kind->inWords(), 'layer' => $one->layer, 'share' => $one->share, 'note' => $one->note,
            'by' => $one->user->name, 'at' => $one->created_at?->toIso8601ZuluString(),
        ], $sheet->mishaps);
    }
}
