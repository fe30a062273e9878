<?php

declare(strict_types=1);

namespace App\Actions\Composing;

use App\Actions\FigureTypes\FigureTypes;
use App\Actions\Schemes\SchemeBook;
use App\Actions\Standards\StandardLibrary;
use App\Models\Figure;
use App\Models\FigureType as FigureTypeRow;
use App\Models\Job;
use App\Models\Unit;
use Core\Composition\Composer;
use Core\Composition\Figure as CoreFigure;
use Core\Composition\FigureType;
use Core\Composition\FittingAdditions;
use Core\Composition\FittingVariations;
use Core\Composition\FurtherCoats;
use Core\Scheme\SaidLadders;
use Core\Standard\Area;
use Core\Standard\Standard;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;

/** The figures of a job with what is painted on each, in a constant number of queries. */
final readonly class JobFigures
{
    public function __construct(
        private JobStandards $standards,
        private SchemeBook $schemes,
        private StandardLibrary $library,
    ) {
    }

    /** @return list<ComposedFigure> units in their order, figures by number */
    public function ofJob(Job $job): array
    {
        return $this->compose(Unit::query()->where('job_id', $job->id)->orderBy('position'), $this->standards->of($job));
    }

    /**
     * The figures as they would be painted under another standard that has the tiers of the job.
     *
     * @return list<ComposedFigure> in the same order
     */
    public function ofJobUnder(Job $job, Standard $standard): array
    {
        return $this->compose(Unit::query()->where('job_id', $job->id)->orderBy('position'), $standard);
    }

    /** @return list<ComposedFigure> */
    public function ofUnit(Unit $unit): array
    {
        return $this->compose(Unit::query()->whereKey($unit->id), $this->standards->of($unit->job));
    }

    /**
     * The figures of a unit as they would be painted with one tier in the place of another.
     *
     * @return list<ComposedFigure>
     */
    public function ofUnitAt(Unit $unit, string $instead, string $of): array
    {
        return $this->compose(Unit::query()->whereKey($unit->id), $this->standards->of($unit->job), [$of => $instead]);
    }

    public function ofFigure(Figure $figure): ComposedFigure
    {
        $unit = $figure->unit()->with('job')->firstOrFail();
        foreach ($this->ofUnit($unit) as $composed) {
            if ($composed->id === $figure->id) {
                return $composed;
            }
        }

        throw new \LogicException("Figure {$figure->id} is not in its own unit.");
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
            $figures = $this->compose(Unit::query()->whereKey($of->units), $standard);
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
     * @param  Builder<Unit>  $units
     * @param  array<string, string>  $instead tiers in the place of others
     * @return list<ComposedFigure>
     */
    private function compose(Builder $units, Standard $standard, array $instead = []): array
    {
        $units->with([
            'job', 'tier', 'painter', 'figures.tier', 'figures.painter', 'figures.furtherCoats.user',
            'areaTiers.tier', 'areaTiers.figureArea', 'areaSchools.figureArea', 'variations.figureArea', 'variations.user', 'variations.tier', 'choices.figureArea',
            ...FigureTypes::within('figureType'), ...FigureTypes::within('figures.figureType'),
        ]);
        $composed = $types = $known = [];
        $all = $units->get();
        $signed = $this->signed(self::raises($all));
        foreach ($all as $unit) {
            $surfaces ??= $this->schemes->surfaces($unit->job->force_id);
            $agreedForUnit = new AgreedForUnit($unit);
            foreach ($unit->figures as $row) {
                $scheme = $row->schemeIn($unit) ?? 0;
                $typeId = $row->typeIdIn($unit);
                $type = $types["{$typeId} {$scheme}"] ??= self::type($row->typeIn($unit), $surfaces[$scheme] ?? null, $standard);
                $agreed = $agreedForUnit->ofFigure($row->id);
                $tier = $row->tier->key ?? $unit->tier->key;
                $tier = $instead[$tier] ?? $tier;
                $further = $row->coatsBeyond();
                $raises = $row->raises_id === null ? null : $signed[$row->raises_id];
                $like = "{$typeId} {$scheme} {$tier} {$agreed->fingerprint()} {$further->fingerprint()} {$row->elsewhere} {$raises?->done->signature()}";
                if (! isset($known[$like])) {
                    $whole = $type->withSchools($agreed->areaSchools);
                    $schooled = $whole->without(array_column($agreed->lacking, 'area'));
                    $known[$like] = [self::composed($standard, $schooled, $tier, $agreed, $further, $row->elsewhere, $raises), $schooled, $whole];
                }
                [$here, $schooled, $whole] = $known[$like];
                $composed[] = new ComposedFigure($unit, $row, $here, $schooled, $agreed, $further, $whole, $raises);
            }
        }

        return $composed;
    }

    /**
     * @param  Collection<int, Unit>  $units
     * @return list<int> ids of records that figures of theirs raise
     */
    private static function raises(Collection $units): array
    {
        $records = [];
        foreach ($units as $unit) {
            foreach ($unit->figures as $figure) {
                if ($figure->raises_id !== null) {
                    $records[] = $figure->raises_id;
                }
            }
        }

        return $records;
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

        return new ComposedFigure($figure->unit, $figure->row, $there, $figure->type, $agreed, $figure->further, $figure->wholeType(), $figure->raises);
    }

    /** As the scheme that it is painted in has its areas. */
    private static function type(FigureTypeRow $row, ?SaidLadders $surfaces, Standard $standard): FigureType
    {
        $type = FigureTypes::core($row);

        return $surfaces === null ? $type : $surfaces->on($type, $row->key, $standard);
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
