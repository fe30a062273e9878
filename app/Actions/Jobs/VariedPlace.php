<?php

declare(strict_types=1);

namespace App\Actions\Jobs;

use App\Models\Figure;
use App\Models\FigureArea;
use App\Models\Unit;
use App\Refusals\NotRight;
use Illuminate\Database\Eloquent\Builder;

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
        $areas = self::areas($this->unit, $this->area);
        // Of the whole unit it is kept by the area of its own type, or of the first that has one: it is the name that counts.
        $area = fn (?Figure $figure): int => ($figure === null ? $areas[$this->unit->figure_type_id] ?? array_values($areas)[0] ?? null : $areas[$figure->typeIdIn($this->unit)] ?? null)
            ?? throw NotRight::at('/area', 'unknown-area', "These figures have no area \"{$this->area}\".");

        return array_map(fn (?Figure $figure): array => ['unit_id' => $this->unit->id, 'figure_id' => $figure?->id, 'figure_area_id' => $area($figure)], $this->figures ?? [null]);
    }

    /** @return array<int, int> ids of the areas of this name on the figures of a unit, by type */
    public static function areas(Unit $unit, string $area): array
    {
        $own = Figure::query()->where('unit_id', $unit->id)->whereNotNull('figure_type_id')->select('figure_type_id');

        /** @var array<int, int> */
        return FigureArea::query()->where('key', $area)->orderBy('figure_type_id')
            ->where(static fn (Builder $some): Builder => $some->where('figure_type_id', $unit->figure_type_id)->orWhereIn('figure_type_id', $own))
            ->pluck('id', 'figure_type_id')->all();
    }

    /** @return non-empty-list<int>|null of the figures; null: the whole unit */
    public function ids(): ?array
    {
        return $this->figures === null ? null : array_map(static fn (Figure $figure): int => $figure->id, $this->figures);
    }

    public function covers(int $figure): bool
    {
        return $this->figures === null || in_array($figure, $this->ids() ?? [], true);
    }
}
