<?php

declare(strict_types=1);

namespace App\Actions\Composing;

use App\Actions\FigureTypes\StoredTypes;
use App\Actions\Schemes\SchemeBook;
use App\Actions\Standards\StandardLibrary;
use App\Models\Figure;
use App\Models\Job;
use App\Models\Tier;
use App\Models\Unit;
use Core\Composition\Composer;
use Core\Composition\Figure as CoreFigure;
use Core\Composition\FigureType;
use Core\Composition\FittingAdditions;
use Core\Composition\FittingVariations;
use Core\Composition\FurtherCoats;
use Core\Plan\FigureState;
use Core\Standard\Area;
use Core\Standard\Standard;
use Illuminate\Database\Eloquent\Builder;

/** The figures of jobs with what is painted on each, in a number of queries that depends neither on the figures nor on the jobs. */
final readonly class JobFigures
{
    /** What of a unit is read with it. */
    private const RELATIONS = ['figureType', 'tier', 'painter', 'areaTiers.tier', 'areaTiers.figureArea', 'areaSchools.figureArea', 'variations.figureArea', 'variations.user', 'variations.tier', 'choices.figureArea'];

    public function __construct(
        private JobStandards $standards,
        private SchemeBook $schemes,
        private StandardLibrary $library,
    ) {
    }

    /** @return list<ComposedFigure> units in their order, figures by number */
    public function ofJob(Job $job): array
    {
        return $this->ofJobUnder($job, $this->standards->of($job));
    }

    /**
     * The figures as they would be painted under another standard that has the tiers of the job.
     *
     * @return list<ComposedFigure> in the same order
     */
    public function ofJobUnder(Job $job, Standard $standard): array
    {
        return $this->compose(self::within($job, Unit::query()->where('job_id', $job->id)->orderBy('position')), static fn (): Standard => $standard);
    }

    /** @return list<ComposedFigure> */
    public function ofUnit(Unit $unit): array
    {
        return $this->compose(self::within($unit->job, Unit::query()->whereKey($unit->id)), $this->standardOf(...));
    }

    /**
     * The figures of units of any jobs.
     *
     * @param  list<int>  $units ids
     * @return list<ComposedFigure> units in this order, figures by number
     */
    public function ofUnits(array $units): array
    {
        return $this->compose($this->among($units), $this->standardOf(...));
    }

    /**
     * Of figures of units that nothing sets apart one, with how many they are.
     *
     * @param  list<int>  $units ids
     * @param  list<FigureState>  $states of those that count
     * @return list<array{ComposedFigure, int}>
     */
    public function alike(array $units, array $states): array
    {
        [$rows, $counts] = StoredFigures::alike($units, $states);

        return array_map(static fn (ComposedFigure $figure): array => [$figure, $counts[$figure->id]], $this->compose($this->among($units), $this->standardOf(...), [], $rows));
    }

    /**
     * The figures of a unit as they would be painted with one tier in the place of another.
     *
     * @return list<ComposedFigure>
     */
    public function ofUnitAt(Unit $unit, string $instead, string $of): array
    {
        return $this->compose(self::within($unit->job, Unit::query()->whereKey($unit->id)), $this->standardOf(...), [$of => $instead]);
    }

    public function ofFigure(Figure $figure): ComposedFigure
    {
        $unit = $figure->loadMissing('unit.job')->unit;
        $rows = StoredFigures::of([$unit->id], $figure->id);

        return $this->compose(self::within($unit->job, Unit::query()->whereKey($unit->id)), $this->standardOf(...), [], $rows)[0] ?? throw new \LogicException("Figure {$figure->id} is not in its own unit.");
    }

    /**
     * Figures as they were signed, in a constant number of queries for each job and version.
     *
     * @param  list<int>  $records ids
     * @return array<int, SignedFigure> by id of the record
     */
    public function signed(array $records): array
    {
        $signed = [];
        foreach (SignedUnits::of($records) as $of) {
            $standard = $this->standards->under($of->job, $this->library->of($of->version));
            $figures = $this->compose(self::within($of->job, Unit::query()->whereKey($of->units)), static fn (): Standard => $standard);
            $excused = ExcusedAtTheBench::on($of->figures());
            foreach ($figures as $composed) {
                $record = $of->records[$composed->id] ?? null;
                if ($record !== null) {
                    $signed[$record->id] = new SignedFigure($record, $composed->unit, $composed->row, $composed->figure, $composed->type, $composed->agreed, $standard, $excused->without($composed));
                }
            }
        }

        return $signed;
    }

    /** A signed figure as it would be raised, with what was agreed for it; what was added to it is there. */
    public function raised(SignedFigure $from, Standard $standard, string $tier): PaintedHere
    {
        return self::composed($standard, $from->type, $tier, $from->agreed->withoutAdditions(), new FurtherCoats, false, $from);
    }

    /**
     * @param  list<int>  $ids
     * @return list<Unit> in this order, with their jobs
     */
    private function among(array $ids): array
    {
        $found = Unit::query()->whereKey($ids)->with(['job', ...self::RELATIONS])->get()->keyBy('id');
        $units = array_values(array_filter(array_map(static fn (int $id): ?Unit => $found->get($id), $ids)));
        $this->standards->prepare(array_map(static fn (Unit $unit): Job => $unit->job, $units));

        return $units;
    }

    /**
     * @param  Builder<Unit>  $units
     * @return list<Unit>
     */
    private static function within(Job $job, Builder $units): array
    {
        return array_values($units->with(self::RELATIONS)->get()->each(static fn (Unit $unit): Unit => $unit->setRelation('job', $job))->all());
    }

    private function standardOf(Unit $unit): Standard
    {
        return $this->standards->of($unit->job);
    }

    /**
     * @param  list<Unit>  $units
     * @param  callable(Unit): Standard  $standardOf
     * @param  array<string, string>  $instead tiers in the place of others
     * @param  array<int, list<StoredFigure>>|null  $rows by unit; null: all of them
     * @return list<ComposedFigure>
     */
    private function compose(array $units, callable $standardOf, array $instead = [], ?array $rows = null): array
    {
        $rows ??= StoredFigures::of(array_map(static fn (Unit $unit): int => $unit->id, $units));
        $types = StoredTypes::of(self::types($units, $rows));
        $tiers = self::tiers($rows);
        $surfaces = $this->schemes->surfaces(array_values(array_unique(array_map(static fn (Unit $unit): int => $unit->job->force_id, $units))));
        $signed = $this->signed(self::raises($rows));
        $composed = $said = $known = [];
        foreach ($units as $unit) {
            $standard = $standardOf($unit);
            $agreedForUnit = new AgreedForUnit($unit);
            foreach ($rows[$unit->id] ?? [] as $row) {
                $stored = $types[$row->typeIdIn($unit)];
                $surface = $surfaces[$unit->job->force_id][$row->schemeIn($unit) ?? 0] ?? null;
                $place = self::like($stored->type, $standard, $surface)." {$stored->key}";
                // As the scheme that it is painted in has its areas.
                $type = $said[$place] ??= $surface === null ? $stored->type : $surface->on($stored->type, $stored->key, $standard);
                $agreed = $agreedForUnit->ofFigure($row->id);
                $tier = $row->tierId === null ? $unit->tier->key : $tiers[$row->tierId];
                $tier = $instead[$tier] ?? $tier;
                $further = $row->coatsBeyond();
                $raises = $row->raisesId === null ? null : $signed[$row->raisesId];
                $like = self::like($type, $standard)." {$tier} {$agreed->fingerprint} {$further->fingerprint()} {$row->elsewhere} {$raises?->done->signature()}";
                if (! isset($known[$like])) {
                    $whole = $type->withSchools($agreed->areaSchools);
                    $schooled = $whole->without(array_column($agreed->lacking, 'area'));
                    $known[$like] = [self::composed($standard, $schooled, $tier, $agreed, $further, $row->elsewhere, $raises), $schooled, $whole];
                }
                [$here, $schooled, $whole] = $known[$like];
                $composed[] = new ComposedFigure($unit, $row, $here, $schooled, $stored->key, $agreed, $further, $whole, $raises);
            }
        }

        return $composed;
    }

    /** Equal for the same objects, all of which are held as long as this is asked. */
    private static function like(?object ...$of): string
    {
        return implode(' ', array_map(static fn (?object $one): int => $one === null ? 0 : spl_object_id($one), $of));
    }

    /**
     * @param  list<Unit>  $units
     * @param  array<int, list<StoredFigure>>  $rows by unit
     * @return list<int> ids of types that they are of
     */
    private static function types(array $units, array $rows): array
    {
        $types = [];
        foreach ($units as $unit) {
            foreach ($rows[$unit->id] ?? [] as $row) {
                $types[$row->typeIdIn($unit)] = true;
            }
        }

        return array_keys($types);
    }

    /**
     * @param  array<int, list<StoredFigure>>  $rows by unit
     * @return array<int, string> keys by id of the tiers that figures have of their own
     */
    private static function tiers(array $rows): array
    {
        $ids = array_filter(array_unique(array_map(static fn (StoredFigure $row): ?int => $row->tierId, array_merge(...array_values($rows)))));

        /** @var array<int, string> */
        return $ids === [] ? [] : Tier::query()->whereKey($ids)->pluck('key', 'id')->all();
    }

    /**
     * @param  array<int, list<StoredFigure>>  $rows by unit
     * @return list<int> ids of records that they raise
     */
    private static function raises(array $rows): array
    {
        return array_values(array_filter(array_map(static fn (StoredFigure $row): ?int => $row->raisesId, array_merge(...array_values($rows)))));
    }

    /**
     * A figure as it would be painted at another tier.
     *
     * @param  Agreed|null  $agreed what was agreed for it; null: all that was
     */
    public static function at(ComposedFigure $figure, Standard $standard, string $tier, ?Agreed $agreed = null): ComposedFigure
    {
        $agreed ??= $figure->agreed;
        $there = self::composed($standard, $figure->type, $tier, $agreed, $figure->further, $figure->row->elsewhere, $figure->raises);

        return new ComposedFigure($figure->unit, $figure->row, $there, $figure->type, $figure->typeKey, $agreed, $figure->further, $figure->wholeType(), $figure->raises);
    }

    /**
     * @param  bool  $elsewhere whether somebody else has painted it: all of its tier is on it then, and nothing is painted
     * @param  SignedFigure|null  $raises what it was before it came back
     */
    private static function composed(Standard $standard, FigureType $type, string $tier, Agreed $agreed, FurtherCoats $further, bool $elsewhere, ?SignedFigure $raises): PaintedHere
    {
        $areas = [];
        foreach ($type->areas as $place) {
            $own = $agreed->areaTiers[$place->area->id] ?? null;
            $areas[] = new Area($place->area->id, $place->area->surface, $place->area->share, $place->area->features, $own, $place->area->schools);
        }
        $bare = new CoreFigure($tier, $type->work(), $areas, notAskedFor: $agreed->notAskedFor);
        $with = (new FittingAdditions($standard))->apply($bare, $agreed->additions);
        $figure = (new FittingVariations($standard))->apply($with, $agreed->waivers, $agreed->choices);

        $asked = (new Composer($standard))->compose($figure);

        return match (true) {
            $elsewhere => PaintedHere::nothing($figure, $asked),
            $raises === null => PaintedHere::all($figure, $further->on($asked)),
            default => PaintedHere::added(Raised::of($raises, $figure, $asked, $standard), $figure, $further),
        };
    }
}
