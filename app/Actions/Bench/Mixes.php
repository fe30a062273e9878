<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Actions\Composing\ComposedFigure;
use App\Actions\Composing\Fingerprints;
use App\Actions\Composing\JobStandards;
use App\Actions\Paints\PaintBook;
use App\Actions\Schemes\SchemeBook;
use App\Actions\Schemes\StudioRules;
use App\Models\Job;
use App\Models\JobMix;
use Core\Scheme\Recipe;

/** What the figures of a job are painted with: what was written for the job itself, else what the scheme has. */
final readonly class Mixes
{
    public function __construct(
        private PaintBook $paints,
        private SchemeBook $schemes,
        private JobStandards $standards,
        private StudioRules $rules,
        private Fingerprints $fingerprints,
    ) {
    }

    public function of(ComposedFigure $figure): FigureMixes
    {
        return $this->ofAll([$figure])[0];
    }

    /**
     * Of some figures, of several jobs too, in a number of queries that depends on neither.
     *
     * @param  list<ComposedFigure>  $figures
     * @return list<FigureMixes>
     */
    public function ofAll(array $figures): array
    {
        $jobs = [];
        foreach ($figures as $figure) {
            $jobs[$figure->unit->job_id] = $figure->unit->job;
        }
        $this->schemes->prepare(array_unique(array_map(static fn (Job $job): int => $job->force_id, $jobs)));
        $own = $this->ofJobs(array_keys($jobs));
        $rules = $this->rules->now();

        /** @var array<string, FigureMixes> $known */
        $known = [];

        return array_map(function (ComposedFigure $figure) use ($own, $rules, &$known): FigureMixes {
            $job = $figure->unit->job;
            $scheme = $this->schemes->ofForce($job->force_id, $figure->schemeId());
            $ofJob = $own[$job->id] ?? [];
            // What a job has mixed itself is for a type and a scheme of its own.
            $apart = $ofJob === [] ? '' : "{$job->id} {$figure->typeId()} {$figure->schemeId()}";
            $like = implode(' ', [spl_object_id($figure->composedAs()), $scheme === null ? 0 : spl_object_id($scheme), $apart, $figure->typeKey]);

            return $known[$like] ??= new FigureMixes($figure, $this->standards->of($job), $ofJob, $scheme, $rules, $this->fingerprints);
        }, $figures);
    }

    /**
     * @param  list<int>  $jobs ids
     * @return array<int, array<string, array{recipe: Recipe, version: int}>> by job and {@see FigureMixes::key()}
     */
    private function ofJobs(array $jobs): array
    {
        $mixes = [];
        foreach (JobMix::query()->whereIn('job_id', $jobs)->with('parts')->orderBy('id')->get() as $mix) {
            $mixes[$mix->job_id][FigureMixes::key($mix->figure_type_id, $mix->scheme_id, $mix->area, $mix->use, $mix->step)] = ['recipe' => $this->paints->stored($mix->parts, $mix->water), 'version' => $mix->version];
        }

        return $mixes;
    }
}
