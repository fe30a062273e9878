<?php

declare(strict_types=1);

namespace App\Actions\Composing;

use App\Models\AreaSchool;
use App\Models\AreaTier;
use App\Models\Choice;
use App\Models\Figure;
use App\Models\FurtherCoat;
use App\Models\Variation;
use Core\Plan\FigureState;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use stdClass;

/**
 * Figures of units as they are stored, in two queries.
 *
 * @phpstan-type FigureColumns object{id: int, unit_id: int, number: int, name: string, leader: int, figure_type_id: int|null, tier_id: int|null, scheme_id: int|null, painter_id: int|null, painter: string|null, raises_id: int|null, elsewhere: int, state: string, version: int}&stdClass
 */
final readonly class StoredFigures
{
    private const COLUMNS = [
        'figures.id', 'figures.unit_id', 'figures.number', 'figures.name', 'figures.leader', 'figures.figure_type_id', 'figures.tier_id', 'figures.scheme_id',
        'figures.painter_id', 'users.name as painter', 'figures.raises_id', 'figures.elsewhere', 'figures.state', 'figures.version',
    ];

    /** What sets one figure of a unit apart from another in what is painted on it. */
    private const ALIKE = ['unit_id', 'figure_type_id', 'tier_id', 'scheme_id', 'raises_id', 'elsewhere'];

    /**
     * @param  array<array-key, int>  $units ids
     * @param  int|null  $only one of their figures; null: all
     * @return array<int, list<StoredFigure>> by unit, by number
     */
    public static function of(array $units, ?int $only = null): array
    {
        return self::read(Figure::query()->whereIn('figures.unit_id', $units)->when($only !== null, static fn (Builder $figures): Builder => $figures->whereKey($only)));
    }

    /**
     * Of figures that nothing of what is stored sets apart one, and how many they are.
     *
     * @param  array<array-key, int>  $units ids
     * @param  list<FigureState>  $states of those that count
     * @return array{array<int, list<StoredFigure>>, array<int, int>} one of each by unit, and how many by its id
     */
    public static function alike(array $units, array $states): array
    {
        $alone = self::alone($units);
        $apart = 'IF(id IN ('.implode(',', [0, ...$alone]).'), id, 0)';
        /** @var array<int, int> $counts */
        $counts = Figure::query()->whereIn('unit_id', $units)->whereIn('state', $states)->groupBy(self::ALIKE)->groupByRaw($apart)
            ->toBase()->selectRaw('MIN(id) AS id, COUNT(*) AS figures')->pluck('figures', 'id')->all();

        return [self::read(Figure::query()->whereKey(array_keys($counts))), $counts];
    }

    /**
     * @param  array<array-key, int>  $units
     * @return list<int> ids of figures of which something was said alone
     */
    private static function alone(array $units): array
    {
        $alone = FurtherCoat::query()->whereIn('figure_id', Figure::query()->whereIn('unit_id', $units)->select('id'))->pluck('figure_id')->all();
        foreach ([AreaTier::class, AreaSchool::class, Variation::class, Choice::class] as $said) {
            array_push($alone, ...$said::query()->whereIn('unit_id', $units)->whereNotNull('figure_id')->pluck('figure_id')->all());
        }

        return array_values(array_unique(array_filter($alone, is_int(...))));
    }

    /**
     * @param  Builder<Figure>  $figures
     * @return array<int, list<StoredFigure>> by unit, by number
     */
    private static function read(Builder $figures): array
    {
        /** @var Collection<int, FurtherCoat> $coats */
        $coats = FurtherCoat::query()->whereIn('figure_id', $figures->clone()->select('figures.id'))->with('user')->orderBy('id')->get();
        /** @var array<int, list<FurtherCoat>> $further */
        $further = [];
        foreach ($coats as $coat) {
            $further[$coat->figure_id][] = $coat;
        }
        $read = [];
        foreach ($figures->leftJoin('users', 'users.id', '=', 'figures.painter_id')->orderBy('figures.number')->toBase()->get(self::COLUMNS) as $row) {
            /** @var FigureColumns $row */
            $read[$row->unit_id][] = self::figure($row, $further[$row->id] ?? []);
        }

        return $read;
    }

    /**
     * @param  FigureColumns  $row
     * @param  list<FurtherCoat>  $further
     */
    private static function figure(object $row, array $further): StoredFigure
    {
        return new StoredFigure(
            $row->id, $row->unit_id, $row->number, $row->name, $row->leader === 1, $row->figure_type_id, $row->tier_id, $row->scheme_id,
            $row->painter_id, $row->painter, $row->raises_id, $row->elsewhere === 1, FigureState::from($row->state), $row->version, $further,
        );
    }
}
