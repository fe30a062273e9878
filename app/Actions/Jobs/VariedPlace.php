<?php

declare(strict_types=1);

namespace App\Actions\Jobs;

use App\Models\Figure;
use App\Models\FigureArea;
use App\Models\Unit;
use App\Refusals\NotRight;

/** Where something is set apart: an area, on the whole unit or on one figure of it, as somebody read it. */
final readonly class VariedPlace
{
    public function __construct(
        public Unit $unit,
        public ?Figure $figure,
        public string $area,
        public int $versionRead,
    ) {
    }

    /**
     * The columns by which a row of this place is known.
     *
     * @return array{unit_id: int, figure_id: int|null, figure_area_id: int}
     *
     * @throws NotRight if the figures have no such area
     */
    public function columns(): array
    {
        $area = FigureArea::query()->where('figure_type_id', $this->unit->figure_type_id)->where('key', $this->area)->first()
            ?? throw NotRight::at('/area', 'unknown-area', "These figures have no area \"{$this->area}\".");

        return ['unit_id' => $this->unit->id, 'figure_id' => $this->figure?->id, 'figure_area_id' => $area->id];
    }

    public function covers(Figure $figure): bool
    {
        return $this->figure === null || $this->figure->id === $figure->id;
    }
}
