<?php

declare(strict_types=1);

namespace App\Actions\Raises;

use App\Actions\Composing\ExcusedAtTheBench;
use App\Actions\Composing\SignedFigure;
use App\Actions\Composing\StoredMark;
use App\Actions\FigureTypes\FigureTypes;
use App\Actions\FigureTypes\StoreFigureType;
use App\Models\AreaSchool;
use App\Models\AreaTier;
use App\Models\Choice;
use App\Models\Figure;
use App\Models\FigureArea;
use App\Models\FigureType;
use App\Models\Job;
use App\Models\JobMix;
use App\Models\Tier;
use App\Models\Unit;
use App\Models\Variation;
use App\Models\VariationKind;
use Core\Check\Excuse;
use Core\Listing\TypeDifference;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;

/** What goes on when a figure comes back: its type as it was, what was agreed for it, the mixes of its job. Called within a transaction. */
final readonly class GoesOn
{
    /** A column that the database makes. */
    private const COMPUTED = ['figure_or_all'];

    public function __construct(private StoreFigureType $types)
    {
    }

    /** A type by which figures of an earlier job were painted and judged, as a copy of the new one. */
    public function type(FigureType $type, Job $job): FigureType
    {
        if ($type->job_id === $job->id) {
            return $type;
        }
        $type->loadMissing(FigureTypes::RELATIONS);
        $core = FigureTypes::core($type);
        $copies = FigureType::query()->where('job_id', $job->id)->with(FigureTypes::RELATIONS)->orderBy('id')->get();
        foreach ($copies as $copy) {
            if ((new TypeDifference(FigureTypes::core($copy), $core->named($copy->name)))->changes() === []) {
                return $copy;
            }
        }
        [$key, $name] = [$type->key, $type->name];
        for ($time = 2; $copies->contains(static fn (FigureType $copy): bool => $copy->key === $key || $copy->name === $name); $time++) {
            [$key, $name] = ["{$type->key}-{$time}", "{$type->name} {$time}"];
        }

        return $this->types->copy($type, $job, $key, $name);
    }

    /**
     * What was added is on the figure, and goes on no more; what was agreed to be left out stays out, its price was settled.
     *
     * @param  non-empty-list<SignedFigure>  $signed of one unit
     * @param  non-empty-array<int, Figure>  $figures those that raise them, by id of the signed one
     * @param  array<int, FigureType>  $types of the new job, by id of the old
     */
    public function agreed(array $signed, Unit $unit, array $figures, array $types, Tier $to): void
    {
        $old = $signed[0]->unit;
        /** @var array<int, array<array-key, int>> $areas ids by type and name */
        $areas = [];
        foreach (FigureArea::query()->whereIn('figure_type_id', array_map(static fn (FigureType $type): int => $type->id, $types))->get() as $area) {
            $areas[$area->figure_type_id][$area->key] = $area->id;
        }
        /** @var array<array-key, int> $tiers */
        $tiers = Tier::query()->where('standard_version_id', $to->standard_version_id)->pluck('id', 'key')->all();
        $ofThese = static fn (Builder $rows): Builder => $rows->where('unit_id', $old->id)->with('figureArea')->orderBy('id')
            ->where(static fn (Builder $some): Builder => $some->whereNull('figure_id')->orWhereIn('figure_id', array_keys($figures)));
        // What was said of the whole unit holds by its name on figures of every type that have such an area.
        $place = static function (AreaTier|AreaSchool|Variation|Choice $row) use ($areas, $types): ?int {
            $own = $types[$row->figureArea->figure_type_id] ?? null;

            return $own === null ? array_column($areas, $row->figureArea->key)[0] ?? null : $areas[$own->id][$row->figureArea->key] ?? null;
        };
        $where = static fn (AreaTier|AreaSchool|Variation|Choice $row): array => [
            'unit_id' => $unit->id, 'figure_id' => $row->figure_id === null ? null : $figures[$row->figure_id]->id, 'figure_area_id' => $place($row),
        ];
        $hasPlace = static fn (AreaTier|AreaSchool|Variation|Choice $row): bool => $place($row) !== null;
        foreach (AreaTier::query()->tap($ofThese)->with('tier')->get() as $row) {
            if (isset($tiers[$row->tier->key]) && $hasPlace($row)) {
                $row->replicate(self::COMPUTED)->fill([...$where($row), 'tier_id' => $tiers[$row->tier->key]])->save();
            }
        }
        foreach (Variation::query()->tap($ofThese)->where('kind', '<>', VariationKind::Addition)->get()->filter($hasPlace) as $row) {
            $row->replicate(self::COMPUTED)->fill([...$where($row), 'price' => null])->save();
        }
        foreach ([...AreaSchool::query()->tap($ofThese)->get()->filter($hasPlace), ...Choice::query()->tap($ofThese)->get()->filter($hasPlace)] as $row) {
            $row->replicate(self::COMPUTED)->fill($where($row))->save();
        }
        $this->excused($unit, $figures, $areas);
    }

    /**
     * What a figure has no place for, or was agreed at the bench to be left out, is not asked again.
     *
     * @param  non-empty-array<int, Figure>  $figures by id of the signed one
     * @param  array<int, array<array-key, int>>  $areas ids by type and name
     */
    private function excused(Unit $unit, array $figures, array $areas): void
    {
        $excused = ExcusedAtTheBench::on(array_keys($figures));
        foreach ($figures as $signed => $figure) {
            $own = $areas[$figure->typeIdIn($unit)] ?? [];
            foreach ($excused->forGood($signed) as $mark) {
                if (isset($own[$mark->area])) {
                    Variation::query()->firstOrCreate(
                        ['unit_id' => $unit->id, 'figure_id' => $figure->id, 'figure_area_id' => $own[$mark->area], 'kind' => VariationKind::Waiver, 'use' => $mark->use],
                        ['reason' => self::reason($mark), 'agreed_with' => $mark->agreedWith, 'user_id' => $mark->userId],
                    );
                }
            }
        }
    }

    private static function reason(StoredMark $mark): string
    {
        $words = Excuse::tryFrom($mark->state->value)?->words() ?? '';

        return mb_strimwidth("{$words}: {$mark->reason}", 0, 500, '…');
    }

    /**
     * Where the new job has none of its own yet.
     *
     * @param  array<int, FigureType>  $types of the new job, by id of the old
     */
    public function mixes(Unit $old, Unit $unit, array $types): void
    {
        if ($old->job_id === $unit->job_id) {
            return;
        }
        /** @var Collection<int, JobMix> $mixes */
        $mixes = JobMix::query()->where('job_id', $old->job_id)->with('parts')->orderBy('id')
            ->where(static fn ($some) => $some->whereNull('figure_type_id')->orWhereIn('figure_type_id', array_keys($types)))->get();
        foreach ($mixes as $mix) {
            $place = [...$mix->only(['scheme_id', 'area', 'use', 'step']), 'job_id' => $unit->job_id, 'figure_type_id' => $mix->figure_type_id === null ? null : $types[$mix->figure_type_id]->id];
            if (JobMix::query()->where($place)->exists()) {
                continue;
            }
            $copy = JobMix::query()->create([...$place, 'water' => $mix->water]);
            foreach ($mix->parts as $part) {
                $part->replicate()->fill(['job_mix_id' => $copy->id])->save();
            }
        }
    }
}
