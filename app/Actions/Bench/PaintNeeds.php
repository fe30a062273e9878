<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Actions\Composing\ComposedFigure;
use App\Actions\Composing\JobFigures;
use App\Actions\Kept;
use App\Actions\Schemes\StudioRules;
use Core\Composition\ComposedUse;
use Core\Plan\FigureState;
use Core\Scheme\Batch;
use Core\Scheme\Paint;
use Core\Sequence\PlannedStep;
use Core\Why;

/** What the running jobs will take of each paint, for figures that are not handed over yet. */
final readonly class PaintNeeds
{
    /** Units that are read at once. */
    private const AT_ONCE = 500;

    public function __construct(
        private JobFigures $figures,
        private Mixes $mixes,
        private StudioRules $rules,
    ) {
    }

    /** @return array{ml: array<string, float>, pieces: array<string, float>} millilitres by name of the paint, and pieces by name of what is counted */
    public function handle(): array
    {
        $alike = [];
        foreach (array_chunk(BenchUnits::toPaint(), self::AT_ONCE) as $units) {
            array_push($alike, ...$this->alike($units));
        }
        // What is painted alike in several units and jobs is reckoned once.
        /** @var array<int, array{FigureMixes, list<ComposedUse>, int}> $together */
        $together = [];
        foreach ($alike as [$mixes, $uses, $count]) {
            $together[spl_object_id($mixes)] = [$mixes, $uses, $count + ($together[spl_object_id($mixes)][2] ?? 0)];
        }
        $ml = $pieces = [];
        foreach ($together as [$mixes, $uses, $count]) {
            $ml[] = array_map(static fn (float $each): float => $each * $count, $this->mlEach($mixes));
            array_push($pieces, ...self::pieces($uses, $count));
        }

        return ['ml' => self::summed($ml), 'pieces' => self::summed($pieces)];
    }

    /** @return array<string, float> millilitres by name of the paint that one figure takes, kept by what they follow from */
    private function mlEach(FigureMixes $mixes): array
    {
        return Kept::of('paint-needs', [$mixes->fingerprint()], static fn (): array => self::millilitresOf($mixes->amounts(1)));
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

    /**
     * @param  list<int>  $units ids
     * @return list<array{FigureMixes, list<ComposedUse>, int}> what figures still at the bench are painted with, what is laid on each, and how many they are
     */
    private function alike(array $units): array
    {
        $all = $this->figures->alike($units, FigureState::AT_THE_BENCH);
        $mixes = $this->mixes->ofAll(array_map(static fn (array $one): ComposedFigure => $one[0], $all));

        return array_map(static fn (array $one, FigureMixes $with): array => [$with, $one[0]->composition->uses, $one[1]], $all, $mixes);
    }

    /**
     * @param  list<ComposedUse>  $uses
     * @return list<array<string, float>>
     */
    private static function pieces(array $uses, int $figures): array
    {
        $counted = array_filter($uses, static fn (ComposedUse $use): bool => $use->use->material->name !== '');

        return array_values(array_map(static fn (ComposedUse $use): array => [$use->use->material->name => $use->materialPieces() * $figures], $counted));
    }
}
