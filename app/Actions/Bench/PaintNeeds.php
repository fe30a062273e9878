<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Actions\Composing\ComposedFigure;
use App\Actions\Composing\JobFigures;
use App\Actions\Schemes\StudioRules;
use App\Models\Job;
use App\Models\JobState;
use Core\Scheme\Batch;
use Core\Scheme\Paint;
use Core\Sequence\PlannedStep;
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

    /** @return array{ml: array<string, float>, pieces: array<string, float>} millilitres by name of the paint, and pieces by name of what is counted */
    public function handle(): array
    {
        $ml = $pieces = [];
        foreach (Job::query()->where('state', JobState::Open)->orderBy('id')->get() as $job) {
            $alike = $this->alike($job);
            $ml[] = $this->millilitres($job, $alike);
            $pieces[] = self::pieces($alike);
        }

        return ['ml' => self::summed($ml), 'pieces' => self::summed($pieces)];
    }

    /** @return array<string, float> millilitres by name of the paint, of what is open on a sheet */
    public static function ofOpenLines(BenchSheet $sheet): array
    {
        return self::millilitresOf(self::openBatches($sheet));
    }

    /**
     * @param  list<Batch>  $batches
     * @return array<string, float> by name of the paint
     */
    private static function millilitresOf(array $batches): array
    {
        return self::summed(array_map(static fn (Batch $batch): array => $batch->mlByPaint(), $batches));
    }

    /** @return list<FetchedPaint> of what is open on a sheet, in the order in which they are taken first */
    public static function toFetch(BenchSheet $sheet): array
    {
        $paints = [];
        $batches = self::openBatches($sheet);
        foreach ($batches as $batch) {
            foreach ($batch->recipe->parts as $part) {
                $paints[$part->paint->name] = $part->paint;
            }
        }

        $ml = self::millilitresOf($batches);

        return array_values(array_map(static fn (Paint $paint): FetchedPaint => new FetchedPaint($paint, $ml[$paint->name]), $paints));
    }

    /** @return list<Batch> of what is open on a sheet, in the order of its steps */
    private static function openBatches(BenchSheet $sheet): array
    {
        $batches = [];
        foreach ($sheet->steps as $step) {
            $figures = count($sheet->openOn($step));
            if ($step->planned instanceof PlannedStep && $figures > 0) {
                array_push($batches, ...$sheet->mixesOf($step)->amountsOf($step->planned->step->laid, $figures));
            }
        }

        return $batches;
    }

    /**
     * @param  list<array<string, float>>  $each
     * @return array<string, float>
     */
    private static function summed(array $each): array
    {
        $sum = [];
        foreach ($each as $amounts) {
            foreach ($amounts as $name => $amount) {
                $sum[$name] = ($sum[$name] ?? 0.0) + $amount;
            }
        }

        return $sum;
    }

    public function why(): Why
    {
        return new Why(
            ['millilitres a coat on a whole figure of size 1' => (string) $this->rules->now()->mlPerCoat],
            'All figures of open jobs that are still to be painted or at the bench, as if nothing of them were laid yet: size × share × cover × coats, by the parts of each recipe; half of it is lost on palette and brush.',
            Why::STUDIO_SETTING,
        );
    }

    /** @return list<non-empty-list<ComposedFigure>> figures still at the bench, those of one sheet together */
    private function alike(Job $job): array
    {
        /** @var array<string, non-empty-list<ComposedFigure>> $alike */
        $alike = [];
        foreach ($this->figures->ofJob($job) as $figure) {
            if ($figure->row->state->isAtTheBench()) {
                $alike[$figure->likeKey()][] = $figure;
            }
        }

        return array_values($alike);
    }

    /**
     * @param  list<non-empty-list<ComposedFigure>>  $groups
     * @return array<string, float>
     */
    private static function pieces(array $groups): array
    {
        $pieces = [];
        foreach ($groups as $group) {
            foreach ($group[0]->composition->uses as $use) {
                $material = $use->use->material->name;
                $pieces[] = $material === '' ? [] : [$material => $use->materialPieces() * count($group)];
            }
        }

        return self::summed($pieces);
    }

    /**
     * @param  list<non-empty-list<ComposedFigure>>  $groups
     * @return array<string, float>
     */
    private function millilitres(Job $job, array $groups): array
    {
        $needs = [];
        foreach ($this->mixes->ofAll($job, array_map(static fn (array $group): ComposedFigure => $group[0], $groups)) as $at => $mixes) {
            array_push($needs, ...array_map(static fn (Batch $batch): array => $batch->mlByPaint(), $mixes->amounts(count($groups[$at]))));
        }

        return self::summed($needs);
    }
}
