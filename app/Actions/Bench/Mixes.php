<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Actions\Composing\ComposedFigure;
use App\Actions\Composing\JobStandards;
use App\Actions\Paints\PaintBook;
use App\Actions\Schemes\SchemeBook;
use App\Actions\Schemes\SchemeLadders;
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
    ) {
    }

    public function of(ComposedFigure $figure): FigureMixes
    {
        return $this->ofAll($figure->unit->job, [$figure])[0];
    }

    /**
     * Of some figures of one job, in a constant number of queries.
     *
     * @param  list<ComposedFigure>  $figures
     * @return list<FigureMixes>
     */
    public function ofAll(Job $job, array $figures): array
    {
        $standard = $this->standards->of($job);
        $own = $this->ofJob($job);
        $rules = $this->rules->now();
        /** @var array<int, SchemeLadders|null> $schemes */
        $schemes = [];

        return array_map(function (ComposedFigure $figure) use ($job, $standard, $own, $rules, &$schemes): FigureMixes {
            $scheme = $figure->schemeId() ?? 0;
            if (! array_key_exists($scheme, $schemes)) {
                $schemes[$scheme] = $this->schemes->ofForce($job->force_id, $figure->schemeId());
            }

            return new FigureMixes($figure, $standard, $own, $schemes[$scheme], $rules);
        }, $figures);
    }

    /** @return array<string, array{recipe: Recipe, version: int}> by {@see FigureMixes::key()} */
    private function ofJob(Job $job): array
    {
        $mixes = [];
        foreach (JobMix::query()->where('job_id', $job->id)->with('parts')->get() as $mix) {
            $mixes[FigureMixes::key($mix->figure_type_id, $mix->scheme_id, $mix->area, $mix->use, $mix->step)] = ['recipe' => $this->paints->stored($mix->parts, $mix->water), 'version' => $mix->version];
        }

        return $mixes;
    }
}
