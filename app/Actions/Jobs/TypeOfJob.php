<?php

declare(strict_types=1);

namespace App\Actions\Jobs;

use App\Actions\BackToPainting;
use App\Actions\Composing\ComposedFigure;
use App\Actions\Composing\JobFigures;
use App\Actions\Versioned;
use App\Models\Figure;
use App\Models\FigureType;
use App\Models\Job;
use App\Models\Unit;
use App\Refusals\NotAllowed;
use Closure;

/**
 * Changes a job's copy of a figure type. Signed figures were judged by the copy; where there are any, it stays. Called within a
 * transaction.
 */
final readonly class TypeOfJob
{
    public function __construct(
        private JobFigures $figures,
        private BackToPainting $backToPainting,
    ) {
    }

    /**
     * @param  Closure(): void  $change of the copy's rows
     *
     * @throws NotAllowed if a figure of it is signed
     */
    public function change(Job $job, FigureType $copy, int $versionRead, Closure $change): Job
    {
        $locked = Versioned::lock($job, $versionRead, "the job {$job->name}");
        $own = Figure::query()->where('figure_type_id', $copy->id)->select('unit_id');
        $units = Unit::query()->where('figure_type_id', $copy->id)->orWhereIn('id', $own)->orderBy('id')->lockForUpdate()->get()->keyBy('id');
        $figures = Figure::query()->whereIn('unit_id', $units->modelKeys())->orderBy('id')->lockForUpdate()->get()
            ->filter(static fn (Figure $figure): bool => ($figure->figure_type_id ?? $units->get($figure->unit_id)?->figure_type_id) === $copy->id);
        if ($figures->contains(static fn (Figure $figure): bool => ! $figure->state->canBeAssigned())) {
            throw NotAllowed::because('signed', "Figures of \"{$copy->name}\" are signed off in this job; they were judged by its copy, which stays.");
        }
        $before = $this->signatures($locked);
        $change();
        Unit::query()->whereKey($units->modelKeys())->increment('version');
        $locked->save();
        $after = $this->signatures($locked);
        $this->backToPainting->handle($figures->filter(static fn (Figure $row): bool => $before[$row->id] !== $after[$row->id]));

        return $locked;
    }

    /** @return array<int, string> by figure */
    private function signatures(Job $job): array
    {
        return ComposedFigure::signatures($this->figures->ofJob($job));
    }
}
