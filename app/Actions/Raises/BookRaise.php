<?php

declare(strict_types=1);

namespace App\Actions\Raises;

use App\Actions\Composing\JobFigures;
use App\Actions\Composing\SignedFigure;
use App\Actions\History\JobHistory;
use App\Actions\Versioned;
use App\Models\Figure;
use App\Models\FigureType;
use App\Models\Job;
use App\Models\JobState;
use App\Models\SignOff;
use App\Models\Tier;
use App\Models\Unit;
use App\Models\User;
use App\Refusals\NotAllowed;
use App\Refusals\NotRight;
use Illuminate\Database\Eloquent\Collection;

/**
 * Books signed figures as work of their own: in a job, as units whose figures are raised from what their records say. What was
 * agreed for them goes on, but for what was added, which is on them; so do their scheme and the mixes of their job.
 */
final readonly class BookRaise
{
    public function __construct(
        private JobFigures $figures,
        private GoesOn $goesOn,
    ) {
    }

    /**
     * @param  non-empty-list<int>  $records ids
     * @param  Job  $into of the same force
     *
     * @throws NotAllowed if one is raised already, or the job is closed
     * @throws NotRight if the tier is none of the job's, or the job is of another force, or the tier adds nothing
     */
    public function handle(array $records, string $to, Job $into, int $versionRead, User $by): Job
    {
        return JobHistory::recorded($into->id, $by, function () use ($records, $to, $into, $versionRead): Job {
            $job = Versioned::lock($into, $versionRead, "the job {$into->name}");
            $rows = SignOff::query()->orderBy('id')->lockForUpdate()->findOrFail($records);
            self::requireBookable($rows, $job);
            $tier = Tier::query()->where('standard_version_id', $job->standard_version_id)->where('key', $to)->first();
            if ($tier === null || $tier->retired) {
                throw NotRight::at('/to', 'unknown-tier', "The standard of this job has no tier \"{$to}\" that new work may take.");
            }
            self::bySameSchools($job, $rows);
            foreach (self::byUnit($this->figures->signed(array_values($rows->modelKeys()))) as $signed) {
                $this->requireAdded($this->unit($job, $tier, $signed), $tier);
            }
            $job->save();

            return $job;
        });
    }

    /**
     * A job of its own goes on by the schools that they were painted by.
     *
     * @param  Collection<int, SignOff>  $rows
     */
    private static function bySameSchools(Job $job, Collection $rows): void
    {
        if ($job->schools->choices === [] && ! Unit::query()->where('job_id', $job->id)->exists()) {
            $job->schools = $rows->firstOrFail()->figure->unit->job->schools;
        }
    }

    /** @param  Collection<int, SignOff>  $rows */
    private static function requireBookable(Collection $rows, Job $job): void
    {
        if ($job->state !== JobState::Open) {
            throw NotAllowed::because('job-closed', "The job {$job->name} is closed; reopen it, or book another.");
        }
        $raised = Figure::query()->whereIn('raises_id', $rows->modelKeys())->with(['raises', 'unit.job'])->first();
        if ($raised !== null) {
            throw NotAllowed::because('already-raised', "Record {$raised->raises?->number} is raised already, in the job {$raised->unit->job->name}; go on there.");
        }
        foreach ($rows->load('figure.unit.job.force') as $row) {
            if ($row->figure->unit->job->force_id !== $job->force_id) {
                throw NotRight::at('/job_id', 'another-force', "The figure belongs to {$row->figure->unit->job->force->name}; it is raised in a job of that force, where its scheme is.");
            }
        }
    }

    /**
     * @param  array<int, SignedFigure>  $signed
     * @return list<non-empty-list<SignedFigure>> those of one unit together
     */
    private static function byUnit(array $signed): array
    {
        $units = [];
        foreach ($signed as $one) {
            $units[$one->unit->id][] = $one;
        }

        return array_values($units);
    }

    /** @param  non-empty-list<SignedFigure>  $signed of one unit */
    private function unit(Job $job, Tier $tier, array $signed): Unit
    {
        $old = $signed[0]->unit;
        /** @var non-empty-array<int, FigureType> $types of this job, by id of those they are of there */
        $types = [];
        foreach ($signed as $one) {
            $types[$one->row->typeIdIn($old)] ??= $this->goesOn->type(FigureType::query()->findOrFail($one->row->typeIdIn($old)), $job);
        }
        $ofUnit = ($types[$old->figure_type_id] ?? $types[array_key_first($types)])->id;
        $unit = Unit::query()->create([
            'job_id' => $job->id,
            'figure_type_id' => $ofUnit,
            'tier_id' => $tier->id,
            'scheme_id' => $old->scheme_id,
            'name' => self::name($job, $old->name),
            'note' => $old->note,
            'position' => (Unit::query()->where('job_id', $job->id)->orderByDesc('position')->first()->position ?? -1) + 1,
        ]);
        $figures = [];
        foreach ($signed as $one) {
            $row = $one->row;
            $figures[$row->id] = Figure::query()->create([
                'unit_id' => $unit->id, 'number' => $row->number, 'name' => $row->name, 'leader' => $row->leader,
                'figure_type_id' => $types[$row->typeIdIn($old)]->id === $ofUnit ? null : $types[$row->typeIdIn($old)]->id,
                'scheme_id' => $row->schemeId, 'raises_id' => $one->record->id,
            ]);
        }
        $this->goesOn->agreed($signed, $unit, $figures, $types, $tier);
        $this->goesOn->mixes($old, $unit, $types);

        return $unit;
    }

    private function requireAdded(Unit $unit, Tier $tier): void
    {
        foreach ($this->figures->ofUnit($unit->refresh()) as $composed) {
            if ($composed->composition->uses === [] && $composed->composition->undecided === []) {
                throw NotRight::at('/to', 'nothing-to-add', "{$tier->name} asks nothing of figure {$composed->row->number} of {$unit->name} that it has not, or nothing that can still be added.");
            }
        }
    }

    private static function name(Job $job, string $name): string
    {
        $taken = Unit::query()->where('job_id', $job->id)->pluck('name')->all();
        for ($named = $name, $time = 1; in_array($named, $taken, true); $time++) {
            $named = mb_substr($name, 0, 170).($time === 1 ? ', raised' : ", raised {$time}");
        }

        return $named;
    }
}
