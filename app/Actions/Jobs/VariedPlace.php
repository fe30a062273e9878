<?php

declare(strict_types=1);

namespace App\Actions\Jobs;

use App\Models\Figure;
use App\Models\FigureArea;
use App\Models\Unit;
use App\Refusals\NotRight;

/** Where something is set apart: an area, on the whole unit or on some figures of it, as somebody read it. */
final readonly class VariedPlace
{
    /** @param  non-empty-list<Figure>|null  $figures null: the whole unit */
    public function __construct(
        public Unit $unit,
        public ?array $figures,
        public string $area,
        public int $versionRead,
    ) {
    }

    /**
     * The columns by which each row of this place is known.
     *
     * @return non-empty-list<array{unit_id: int, figure_id: int|null, figure_area_id: int}>
     *
     * @throws NotRight if the figures have no such area
     */
    public function rows(): array
    {
        $area = FigureArea::query()->where('figure_type_id', $this->unit->figure_type_id)->where('key', $this->area)->first()
            ?? throw NotRight::at('/area', 'unknown-area', "These figures have no area \"{$this->area}\".");

        return array_map(fn (?int $id): array => ['unit_id' => $this->unit->id, 'figure_id' => $id, 'figure_area_id' => $area->id], $this->ids() ?? [null]);
    }

    /** @return non-empty-list<int>|null of the figures; null: the whole unit */
    public function ids(): ?array
    {
        return $this->figures === null ? null : array_map(static fn (Figure $figure): int => $figure->id, $this->figures);
    }

    public function covers(Figure $figure): bool
    {
        return $this->figures === null || in_array($figure->id, $this->ids() ?? [], true);
    }
}
