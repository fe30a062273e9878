<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Actions\Composing\ComposedFigure;
use App\Actions\Composing\JobFigures;
use App\Actions\Schemes\StudioRules;
use App\Models\Job;
use App\Models\JobState;
use Core\Why;

/** What the running jobs will take of each paint, for figures that are not handed over yet. */
final readonly class PaintNeeds
{
    public function __construct(
        private JobFigures $figures,
        private Mixes $mixes,
        private StudioRules $rules,
    ) {
    }

    /** @return array<string, float> millilitres by name of the paint */
    public function handle(): array
    {
        $needs = [];
        foreach (Job::query()->where('state', JobState::Open)->orderBy('id')->get() as $job) {
            foreach ($this->ofJob($job) as $paint => $ml) {
                $needs[$paint] = ($needs[$paint] ?? 0.0) + $ml;
            }
        }

        return $needs;
    }

    public function why(): Why
    {
        return new Why(
            ['millilitres a coat on a whole figure of size 1' => (string) $this->rules->now()->mlPerCoat],
            'All figures of open jobs that are still to be painted or at the bench, as if nothing of them were laid yet: size × share × cover × coats, by the parts of each recipe; half of it is lost on palette and brush.',
            Why::STUDIO_SETTING,
        );
    }

    /** @return array<string, float> */
    private function ofJob(Job $job): array
    {
        /** @var array<string, non-empty-list<ComposedFigure>> $alike */
        $alike = [];
        foreach ($this->figures->ofJob($job) as $figure) {
            if ($figure->row->state->isAtTheBench()) {
                $alike[$figure->sheetKey()][] = $figure;
            }
        }
        $groups = array_values($alike);
        $needs = [];
        foreach ($this->mixes->ofAll($job, array_map(static fn (array $group): ComposedFigure => $group[0], $groups)) as $at => $mixes) {
            foreach ($mixes->amounts(count($groups[$at])) as $batch) {
                foreach ($batch->mlByPaint() as $paint => $ml) {
                    $needs[$paint] = ($needs[$paint] ?? 0.0) + $ml;
                }
            }
        }

        return $needs;
    }
}
