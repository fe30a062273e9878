<?php

declare(strict_types=1);

namespace App\Actions\Raises;

use App\Actions\Composing\ExcusedAtTheBench;
use App\Actions\Composing\SignedFigure;
use App\Actions\FigureTypes\FigureTypes;
use App\Actions\FigureTypes\StoreFigureType;
use App\Models\AreaSchool;
use App\Models\AreaTier;
use App\Models\BenchMark;
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

    /** The type that it was painted and judged by, as a copy of the new job. */
    public function type(Unit $old, Job $job): FigureType
    {
        if ($old->job_id === $job->id) {
            return $old->figureType;
        }
        $type = $old->figureType->loadMissing(FigureTypes::RELATIONS);
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
     */
    public function agreed(array $signed, Unit $unit, array $figures, Tier $to): void
    {
        $old = $signed[0]->unit;
        /** @var array<array-key, int> $areas */
        $areas = FigureArea::query()->where('figure_type_id', $unit->figure_type_id)->pluck('id', 'key')->all();
        /** @var array<array-key, int> $tiers */
        $tiers = Tier::query()->where('standard_version_id', $to->standard_version_id)->pluck('id', 'key')->all();
        $ofThese = static fn (Builder $rows): Builder => $rows->where('unit_id', $old->id)->with('figureArea')->orderBy('id')
            ->where(static fn (Builder $some): Builder => $some->whereNull('figure_id')->orWhereIn('figure_id', array_keys($figures)));
        $where = static fn (AreaTier|AreaSchool|Variation|Choice $row): array => [
            'unit_id' => $unit->id, 'figure_id' => $row->figure_id === null ? null : $figures[$row->figure_id]->id, 'figure_area_id' => $areas[$row->figureArea->key],
        ];
        foreach (AreaTier::query()->tap($ofThese)->with('tier')->get() as $row) {
            if (isset($tiers[$row->tier->key])) {
                $row->replicate(self::COMPUTED)->fill([...$where($row), 'tier_id' => $tiers[$row->tier->key]])->save();
            }
        }
        foreach (Variation::query()->tap($ofThese)->where('kind', '<>', VariationKind::Addition)->get() as $row) {
            $row->replicate(self::COMPUTED)->fill([...$where($row), 'price' => null])->save();
        }
        foreach ([...AreaSchool::query()->tap($ofThese)->get(), ...Choice::query()->tap($ofThese)->get()] as $row) {
            $row->replicate(self::COMPUTED)->fill($where($row))->save();
        }
        $this->excused($unit, $figures, $areas);
    }

    /**
     * What a figure has no place for, or was agreed at the bench to be left out, is not asked again.
     *
     * @param  non-empty-array<int, Figure>  $figures by id of the signed one
     * @param  array<array-key, int>  $areas ids by name
     */
    private function excused(Unit $unit, array $figures, array $areas): void
    {
        $excused = ExcusedAtTheBench::on(array_keys($figures));
        foreach ($figures as $signed => $figure) {
            foreach ($excused->forGood($signed) as $mark) {
                if (isset($areas[$mark->area])) {
                    Variation::query()->firstOrCreate(
                        ['unit_id' => $unit->id, 'figure_id' => $figure->id, 'figure_area_id' => $areas[$mark->area], 'kind' => VariationKind::Waiver, 'use' => $mark->use],
                        ['reason' => self::reason($mark), 'agreed_with' => $mark->agreed_with, 'user_id' => $mark->user_id],
                    );
                }
            }
        }
    }

    private static function reason(BenchMark $mark): string
    {
        $words = Excuse::tryFrom($mark->state->value)?->words() ?? '';

        return mb_strimwidth("{$words}: {$mark->reason}", 0, 500, '…');
    }

    /** Where the new job has none of its own yet. */
    public function mixes(Unit $old, Unit $unit): void
    {
        if ($old->job_id === $unit->job_id) {
            return;
        }
        /** @var Collection<int, JobMix> $mixes */
        $mixes = JobMix::query()->where('job_id', $old->job_id)->with('parts')->orderBy('id')
            ->where(static fn ($some) => $some->whereNull('figure_type_id')->orWhere('figure_type_id', $old->figure_type_id))->get();
        foreach ($mixes as $mix) {
            $place = [...$mix->only(['scheme_id', 'area', 'use', 'step']), 'job_id' => $unit->job_id, 'figure_type_id' => $mix->figure_type_id === null ? null : $unit->figure_type_id];
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
