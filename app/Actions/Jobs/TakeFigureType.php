<?php

declare(strict_types=1);

namespace App\Actions\Jobs;

use App\Actions\FigureTypes\FigureTypes;
use App\Actions\FigureTypes\TypeMaps;
use App\Actions\FigureTypes\TypeRows;
use App\Actions\Transaction;
use App\Models\AreaSchool;
use App\Models\AreaTier;
use App\Models\Choice;
use App\Models\FigureArea;
use App\Models\FigureType;
use App\Models\Job;
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
        private TypeOfJob $types,
        private TypeRows $rows,
        private TypeMaps $maps,
    ) {
    }

    /**
     * @throws NotRight if the studio has no such type, or an area that something was agreed of is taken away
     * @throws NotAllowed if a figure of it is signed
     */
    public function handle(Job $job, FigureType $copy, int $versionRead): Job
    {
        return Transaction::run(function () use ($job, $copy, $versionRead): Job {
            return $this->types->change($job, $copy, $versionRead, function () use ($copy): void {
                $studio = FigureType::query()->whereNull('job_id')->where('key', $copy->key)->with(FigureTypes::RELATIONS)->first()
                    ?? throw NotRight::at('', 'unknown-figure-type', "The studio has no figure type \"{$copy->name}\"; the job keeps its own.");
                $type = FigureTypes::core($studio);
                $this->requireNothingAgreed($copy, $type);
                $copy->update(['name' => $studio->name, 'size_class' => $studio->size_class, 'difficulty' => $studio->difficulty, 'version' => $copy->version + 1]);
                $this->rows->write($copy, $type, FigureTypes::weights($studio));
                $this->maps->copy($studio, $copy);
            });
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
}
