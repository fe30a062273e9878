<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\LabelPicture;
use Core\Mapping\LabelGrid;
use Core\Standard\Side;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A figure type as it is seen from one side.
 *
 * @property int $id
 * @property int $studio_id
 * @property int $figure_type_id
 * @property Side $side
 * @property int $width
 * @property int $height
 * @property LabelGrid $labels
 * @property string|null $picture name of the file that it was outlined on
 * @property array<int, array{path: string, x: float, y: float}> $outlines by label
 * @property-read Collection<int, FigureMapArea> $areas
 * @property-read Collection<int, FigureMapPiece> $pieces
 */
final class FigureMap extends StudioRow
{
    protected $table = 'figure_maps';

    protected $casts = ['side' => Side::class, 'labels' => LabelPicture::class, 'outlines' => 'array'];

    /** @return HasMany<FigureMapArea, $this> */
    public function areas(): HasMany
    {
        return $this->hasMany(FigureMapArea::class)->orderBy('label');
    }

    /** @return list<array{area: string, path: string, x: float, y: float}> its areas as they are drawn, those that are not seen left out */
    public function drawn(): array
    {
        $drawn = [];
        foreach ($this->areas as $area) {
            $outline = $this->outlines[$area->label] ?? null;
            if ($outline !== null) {
                $drawn[] = ['area' => $area->area->key, 'path' => $outline['path'], 'x' => (float) $outline['x'], 'y' => (float) $outline['y']];
            }
        }

        return $drawn;
    }

    /** @return HasMany<FigureMapPiece, $this> */
    public function pieces(): HasMany
    {
        return $this->hasMany(FigureMapPiece::class)->orderBy('id');
    }
}
