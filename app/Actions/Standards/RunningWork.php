<?php

declare(strict_types=1);

namespace App\Actions\Standards;

use App\Models\FigureArea;
use App\Models\Job;
use App\Models\JobState;

/** What the running jobs of a studio have. */
final readonly class RunningWork
{
    /** @param  list<string>  $surfaces of figures of open jobs */
    private function __construct(public array $surfaces)
    {
    }

    public static function now(): self
    {
        $units = Job::query()->where('jobs.state', JobState::Open)->join('units', 'units.job_id', '=', 'jobs.id');
        $types = (clone $units)->select('units.figure_type_id')->union((clone $units)->join('figures', 'figures.unit_id', '=', 'units.id')->whereNotNull('figures.figure_type_id')->select('figures.figure_type_id'));
        /** @var list<string> $surfaces */
        $surfaces = FigureArea::query()->whereIn('figure_type_id', $types)->distinct()->orderBy('surface')->pluck('surface')->all();

        return new self($surfaces);
    }

    /** @param  list<string>  $known surfaces of a standard; others are not its matter */
    public function among(array $known): self
    {
        return new self(array_values(array_intersect($this->surfaces, $known)));
    }
}
