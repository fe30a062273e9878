<?php

declare(strict_types=1);

namespace App\Actions\Jobs;

use App\Actions\BackToPainting;
use App\Actions\Composing\ComposedFigure;
use App\Actions\Composing\JobFigures;
use App\Actions\FigureTypes\FigureTypes;
use App\Actions\FigureTypes\TypeMaps;
use App\Actions\FigureTypes\TypeRows;
use App\Actions\Transaction;
use App\Actions\Versioned;
use App\Models\AreaSchool;
use App\Models\AreaTier;
use App\Models\Choice;
use App\Models\Figure;
use App\Models\FigureArea;
use App\Models\FigureType;
use App\Models\Job;
use App\Models\Unit;
use App\Models\Variation;
use App\Refusals\NotAllowed;
use App\Refusals\NotRight;
use Core\Composition\FigureType as CoreType;

/**
 * A job takes a figure type as the studio has it by now, in the place of its own copy. Signed figures were judged by the
 * copy; where there are any, it stays.
 */
final readonly class TakeFigureType
{
    public function __construct(
        private JobFigures $figures,
        private TypeRows $rows,
        private TypeMaps $maps,
        private BackToPainting $backToPainting,
    ) {
    }

    /**
     * @throws NotRight if the studio has no such type, or an area that something was agreed of is taken away
     * @throws NotAllowed if a figure of it is signed
     */
    public function handle(Job $job, FigureType $copy, int $versionRead): Job
    {
        return Transaction::run(function () use ($job, $copy, $versionRead): Job {
            $locked = Versioned::lock($job, $versionRead, "the job {$job->name}");
            $own = Figure::query()->where('figure_type_id', $copy->id)->select('unit_id');
            $units = Unit::query()->where('figure_type_id', $copy->id)->orWhereIn('id', $own)->orderBy('id')->lockForUpdate()->get()->keyBy('id');
            $figures = Figure::query()->whereIn('unit_id', $units->modelKeys())->orderBy('id')->lockForUpdate()->get()
                ->filter(static fn (Figure $figure): bool => ($figure->figure_type_id ?? $units->get($figure->unit_id)?->figure_type_id) === $copy->id);
            $studio = FigureType::query()->whereNull('job_id')->where('key', $copy->key)->with(FigureTypes::RELATIONS)->first()
                ?? throw NotRight::at('', 'unknown-figure-type', "The studio has no figure type \"{$copy->name}\"; the job keeps its own.");
            if ($figures->contains(static fn (Figure $figure): bool => ! $figure->state->canBeAssigned())) {
                throw NotAllowed::because('signed', "Figures of \"{$copy->name}\" are signed off in this job; they were judged by its copy, which stays.");
            }
            $type = FigureTypes::core($studio);
            $this->requireNothingAgreed($copy, $type);
            $before = $this->signatures($locked);
            $copy->update(['name' => $studio->name, 'size_class' => $studio->size_class, 'difficulty' => $studio->difficulty, 'version' => $copy->version + 1]);
            $this->rows->write($copy, $type, FigureTypes::weights($studio));
            $this->maps->copy($studio, $copy);
            Unit::query()->whereKey($units->modelKeys())->increment('version');
            $locked->save();
            $after = $this->signatures($locked);
            $this->backToPainting->handle($figures->filter(static fn (Figure $row): bool => $before[$row->id] !== $after[$row->id]));

            return $locked;
        });
    }

    /** What was agreed of an area would be lost with it. */
    private function requireNothingAgreed(FigureType $copy, CoreType $type): void
    {
        $gone = FigureArea::query()->where('figure_type_id', $copy->id)->get()->filter(static fn (FigureArea $area): bool => $type->area($area->key) === null)->keyBy('id');
        foreach ([AreaTier::class => 'a tier of its own', AreaSchool::class => 'a school of its own', Variation::class => 'something left out or added', Choice::class => 'a method chosen'] as $agreed => $what) {
            $row = $agreed::query()->whereIn('figure_area_id', $gone->keys())->first();
            if ($row !== null) {
                throw NotRight::at('', 'area-in-use', "The studio's type has no \"{$gone->get($row->figure_area_id)?->key}\" any more, and this job has {$what} there. Take that back first, or keep the copy.");
            }
        }
    }

    /** @return array<int, string> by figure */
    private function signatures(Job $job): array
    {
        return ComposedFigure::signatures($this->figures->ofJob($job));
    }
}
