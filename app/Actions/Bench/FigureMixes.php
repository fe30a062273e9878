<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Actions\Composing\ComposedFigure;
use App\Actions\Composing\Fingerprints;
use App\Actions\Schemes\SchemeLadders;
use Core\Colour\Srgb;
use Core\Composition\ComposedUse;
use Core\Composition\Origin;
use Core\Plate\Plate;
use Core\Schedule\Coats;
use Core\Scheme\Batch;
use Core\Scheme\OverAllPaint;
use Core\Scheme\Recipe;
use Core\Scheme\RungRole;
use Core\Scheme\SchemeRules;
use Core\Scheme\ShownRung;
use Core\Scheme\StepCover;
use Core\Scheme\TierLadder;
use Core\Scheme\TierStep;
use Core\Sequence\PlannedStep;
use Core\Sequence\TidyBack;
use Core\Standard\Standard;
use Core\Standard\TechniqueGroup;

/** What one figure is painted with, step by step. */
final class FigureMixes
{
    /** @var array<string, TierLadder|null> by area */
    private array $ladders = [];

    private ?OverAllPaint $overAll = null;

    private ?string $fingerprint = null;

    /** @var array<string, array{Coats, list<PlannedStep|TidyBack>}> {@see self::coatsAlong()} by the steps, which are kept so that no number is given anew */
    private array $coats = [];

    /** @var array<string, array{Recipe|null, string, int|null}> {@see self::recipe()} by area, use and step */
    private array $recipes = [];

    /** @var array<array-key, array<array-key, string>>|null {@see self::paints()} */
    private ?array $paints = null;

    /** @param  array<string, array{recipe: Recipe, version: int}>  $ofJob by {@see self::key()} */
    public function __construct(
        private readonly ComposedFigure $figure,
        private readonly Standard $standard,
        private readonly array $ofJob,
        public readonly ?SchemeLadders $scheme,
        public readonly SchemeRules $rules,
        private readonly Fingerprints $fingerprints = new Fingerprints,
    ) {
    }

    /** Equal where figures are painted alike with the same, in every request. */
    public function fingerprint(): string
    {
        return $this->fingerprint ??= hash('sha256', serialize([
            $this->fingerprints->of($this->figure->composedAs()), $this->fingerprints->of($this->figure->wholeType()), $this->figure->typeKey, $this->figure->raises?->done->signature(),
            $this->fingerprints->of($this->standard), $this->fingerprints->of($this->rules), $this->scheme?->fingerprint(), $this->ofJob, $this->ofJob === [] ? null : [$this->figure->typeId(), $this->figure->schemeId()],
        ]));
    }

    public static function key(?int $type, ?int $scheme, string $area, string $use, int $step): string
    {
        return json_encode([$type, $scheme, $area, $use, $step], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
    }

    /**
     * @param  int  $figures that are painted at once
     * @return list<StepRecipe> one for each step of the use
     */
    public function of(string $area, string $use, int $steps, int $figures): array
    {
        $mixes = [];
        foreach ($this->figure->composition->usesOn($area) as $composed) {
            for ($step = 1; $composed->use->id === $use && $step <= $steps; $step++) {
                $mixes[] = $this->step($composed, $step, $figures);
            }
        }

        return $mixes;
    }

    /**
     * What so many figures take, step by step, whether paints are mixed for it or not.
     *
     * @return list<Batch>
     */
    public function amounts(int $figures): array
    {
        return array_merge(...array_map(fn (ComposedUse $use): array => $this->amountsOf($use, $figures), $this->figure->composition->uses));
    }

    /**
     * What so many figures take of one use, step by step.
     *
     * @return list<Batch>
     */
    public function amountsOf(ComposedUse $use, int $figures): array
    {
        $amounts = [];
        for ($step = 1; $step <= $use->use->steps; $step++) {
            [$recipe] = $this->recipe($use, $step);
            if ($recipe !== null) {
                $amounts[] = $this->amount($recipe, $use, $this->rung($use, $step), $figures);
            }
        }

        return $amounts;
    }

    /** Share of the standard's drying times that passes in this studio. */
    public function drying(): float
    {
        return $this->rules->drying;
    }

    /** How an area comes out in the colours of the scheme; null where the scheme says nothing of it. */
    public function plate(string $area): ?Plate
    {
        return $this->ladder($area)?->plate();
    }

    /** The colour of what the last step of a use is painted with; null where that is not known. */
    public function lastRecipe(ComposedUse $use): ?Recipe
    {
        return $this->recipe($use, $use->use->steps)[0];
    }

    /**
     * The coats of such a figure along the steps of a sheet. Sheets of units and jobs that are painted alike have the same, which
     * are reckoned once.
     *
     * @param  list<PlannedStep|TidyBack>  $items in order
     * @param  callable(): Coats  $reckon them
     */
    public function coatsAlong(array $items, callable $reckon): Coats
    {
        $like = implode(' ', array_map(spl_object_id(...), $items));
        $this->coats[$like] ??= [$reckon(), $items];

        return $this->coats[$like][0];
    }

    /** What a use is painted with, step by step, in words; empty where nothing is mixed for it. */
    public function paint(ComposedUse $use): string
    {
        return implode(' · ', array_map(static fn (Recipe $recipe): string => $recipe->text(), $this->recipes($use)));
    }

    /** @return list<Recipe> that the steps of a use are painted with; none for those that nothing is mixed for */
    public function recipes(ComposedUse $use): array
    {
        return array_values(array_filter(array_map(fn (int $step): ?Recipe => $this->recipe($use, $step)[0], range(1, $use->use->steps))));
    }

    /** @return array<array-key, array<array-key, string>> by area and use, what all its steps are painted with; where that is not known for each, nothing */
    public function paints(): array
    {
        if ($this->paints !== null) {
            return $this->paints;
        }
        $paints = [];
        foreach ($this->figure->composition->uses as $use) {
            if (count($this->recipes($use)) === $use->use->steps) {
                $paints[$use->area->id][$use->use->id] = $this->paint($use);
            }
        }

        return $this->paints = $paints;
    }

    /** Coats of a use: the larger of what is asked for and what the paints of its steps take. */
    public function coatsOf(ComposedUse $use): int
    {
        $coats = [$use->use->coats];
        for ($step = 1; $step <= $use->use->steps; $step++) {
            [$recipe] = $this->recipe($use, $step);
            $coats[] = $recipe === null ? 0 : $this->coats($recipe, $use, $this->rung($use, $step)) ?? 0;
        }

        return max($coats);
    }

    /**
     * The colour that an area is seen in from a step back, for the mosaic: a stain as it comes out over its ground, and all
     * of it through what is laid over the figure as one.
     */
    public function colour(string $area): ?string
    {
        $uses = $this->figure->layers()->usesOn($area);
        foreach ($uses as $use) {
            [$recipe, $from] = $this->recipe($use, 1);
            $colour = $recipe?->colour();
            if ($recipe !== null && $colour !== null) {
                $tone = $from === StepRecipe::OF_SCHEME ? $this->ladder($area)?->tone : null;
                $under = $this->rung($use, 1)->under ?? $this->scheme?->ground->patches()->mean();

                return ($tone ?? $this->throughWhole($under === null ? $colour : $recipe->over($under, $use->use->coats), $uses, $use))->hex();
            }
        }

        return null;
    }

    /** @param  list<ComposedUse>  $uses of the area */
    private function throughWhole(Srgb $tone, array $uses, ComposedUse $last): Srgb
    {
        $overAll = $this->overAll();
        $among = $overAll->among(array_column($uses, 'use'), $last->area->surface, $this->standard);

        return $overAll->over($tone, $among, $last->use->id, $this->standard);
    }

    private function step(ComposedUse $use, int $step, int $figures): StepRecipe
    {
        [$recipe, $from, $version] = $this->recipe($use, $step);
        if ($recipe === null) {
            return new StepRecipe(self::number($use, $step), null, $from);
        }
        $rung = $this->rung($use, $step);

        return new StepRecipe(
            self::number($use, $step),
            $recipe,
            $from,
            // Paint is stirred together only where there is more than one part, or something thins it.
            $recipe->isStirred() ? $this->amount($recipe, $use, $rung, $figures) : null,
            $this->coats($recipe, $use, $rung),
            $version,
        );
    }

    /** @return array{Recipe|null, string, int|null} what the job has itself, else what the scheme has; where it is from, and its version */
    private function recipe(ComposedUse $use, int $step): array
    {
        return $this->recipes[json_encode([$use->area->id, $use->use->id, $step], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE)] ??= $this->found($use, $step);
    }

    /** @return array{Recipe|null, string, int|null} */
    private function found(ComposedUse $use, int $step): array
    {
        $own = $this->own($use, $step);
        if ($own !== null) {
            return [$own['recipe'], StepRecipe::OF_JOB, $own['version']];
        }
        $recipe = $this->laid($use, $step)->recipe ?? $this->primer($use, $step);

        return [$recipe, $recipe === null ? StepRecipe::OF_NOTHING : StepRecipe::OF_SCHEME, null];
    }

    /** @return array{recipe: Recipe, version: int}|null what the job has itself */
    private function own(ComposedUse $use, int $step): ?array
    {
        $of = fn (?int $type): string => self::key($type, $this->figure->schemeId(), $use->area->id, $use->use->id, self::number($use, $step));

        return $this->ofJob[$of($this->figure->typeId())] ?? $this->ofJob[$of(null)] ?? null;
    }

    /** Steps that a finished figure has already are not laid again, and count. */
    private static function number(ComposedUse $use, int $step): int
    {
        return $step + ($use->growth?->stepsThere() ?? 0);
    }

    private function laid(ComposedUse $use, int $step): ?TierStep
    {
        foreach ($this->ladder($use->area->id)->steps ?? [] as $laid) {
            if ($laid->use->use->id === $use->use->id && $laid->step === self::number($use, $step)) {
                return $laid;
            }
        }

        return null;
    }

    /** A primer is said once, for the scheme: the first ground of an area takes the first, a sketch from above the second. */
    private function primer(ComposedUse $use, int $step): ?Recipe
    {
        if ($this->standard->technique($use->technique)->group !== TechniqueGroup::Ground) {
            return null;
        }
        $before = 0;
        foreach ($this->figure->layers()->usesOn($use->area->id) as $laid) {
            if ($laid->use->id === $use->use->id) {
                break;
            }
            $before += $this->standard->technique($laid->technique)->group === TechniqueGroup::Ground ? $laid->use->steps : 0;
        }

        return $this->scheme->primers[$before + $step - 1] ?? null;
    }

    private function rung(ComposedUse $use, int $step): ?ShownRung
    {
        $at = $this->laid($use, $step)?->rung;

        return $at === null ? null : $this->ladder($use->area->id)?->reading->rungs[$at];
    }

    /** The larger of tier and paint holds: pale and red paints take more over dark. What the painter found it to take comes on top. */
    private function coats(Recipe $recipe, ComposedUse $use, ?ShownRung $rung): ?int
    {
        if ($use->growth !== null || $use->origin === Origin::Again) {
            // It lies on its own colour: what it takes over the ground is there.
            return null;
        }
        $needed = $rung?->rung->role === RungRole::Base ? $recipe->coatsOver($rung->under) : null;
        $needed = $needed === null ? null : $needed + $this->figure->further->of($use->area->id, $use->use->id);

        return $needed !== null && $needed > $use->use->coats ? $needed : null;
    }

    private function amount(Recipe $recipe, ComposedUse $use, ?ShownRung $rung, int $figures): Batch
    {
        $cover = StepCover::of($use->use, $this->standard->technique($use->technique)->group, $rung?->rung);

        return Batch::of($recipe, $figures, $this->figure->type->sizeClass->size(), $use->area->share, $cover, $this->coats($recipe, $use, $rung) ?? $use->use->coats, $this->rules);
    }

    private function ladder(string $area): ?TierLadder
    {
        if (! array_key_exists($area, $this->ladders)) {
            $this->ladders[$area] = $this->scheme?->tier($this->figure->typeKey, $area, $this->figure->layers()->usesOn($area), $this->standard, $this->figure->tierOn($area), $this->overAll());
        }

        return $this->ladders[$area];
    }

    /** What is laid over the figure as one: in the colours of the scheme, and where the job has its own, in those. */
    private function overAll(): OverAllPaint
    {
        if ($this->overAll === null) {
            $uses = $this->figure->layers()->usesOfWhole();
            $paint = $this->scheme?->overAll($this->figure->typeKey, $this->figure->layers(), $this->standard, $this->figure->figure->tier) ?? OverAllPaint::of($uses, []);
            foreach ($uses as $use) {
                for ($step = 1; $step <= $use->use->steps; $step++) {
                    $colour = ($this->own($use, $step)['recipe'] ?? null)?->colour();
                    $paint = $colour === null ? $paint : $paint->with($use->use->id, $step, $colour);
                }
            }
            $this->overAll = $paint;
        }

        return $this->overAll;
    }
}
