<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Actions\Composing\ComposedFigure;
use App\Actions\Schemes\SchemeLadders;
use Core\Composition\ComposedUse;
use Core\Scheme\Batch;
use Core\Scheme\Recipe;
use Core\Scheme\RungRole;
use Core\Scheme\SchemeRules;
use Core\Scheme\StepCover;
use Core\Scheme\TierLadder;
use Core\Scheme\TierStep;
use Core\Standard\Standard;

/** What one figure is painted with, step by step. */
final class FigureMixes
{
    /** @var array<string, TierLadder|null> by area */
    private array $ladders = [];

    /** @param  array<string, array{recipe: Recipe, version: int}>  $ofJob by {@see self::key()} */
    public function __construct(
        private readonly ComposedFigure $figure,
        private readonly Standard $standard,
        private readonly array $ofJob,
        private readonly ?SchemeLadders $scheme,
        private readonly SchemeRules $rules,
    ) {
    }

    public static function key(?int $type, string $area, string $use, int $step): string
    {
        return json_encode([$type, $area, $use, $step], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
    }

    /**
     * @param  int  $figures that are painted at once
     * @return list<StepRecipe> one for each step of the use
     */
    public function of(string $area, string $use, int $steps, int $figures = 1): array
    {
        $mixes = [];
        for ($step = 1; $step <= $steps; $step++) {
            $mixes[] = $this->step($area, $use, $step, $figures);
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
        $amounts = [];
        foreach ($this->figure->composition->uses as $use) {
            for ($step = 1; $step <= $use->use->steps; $step++) {
                $recipe = $this->step($use->area->id, $use->use->id, $step, $figures)->recipe;
                if ($recipe !== null) {
                    $amounts[] = $this->amount($recipe, $use, $this->laid($use->area->id, $use->use->id, $step), $figures);
                }
            }
        }

        return $amounts;
    }

    /** The colour that an area is first covered with, for the mosaic. */
    public function colour(string $area): ?string
    {
        foreach ($this->figure->composition->usesOn($area) as $use) {
            $colour = $this->step($area, $use->use->id, 1, 1)->recipe?->colour();
            if ($colour !== null) {
                return $colour->hex();
            }
        }

        return null;
    }

    private function step(string $area, string $use, int $step, int $figures): StepRecipe
    {
        $laid = $this->laid($area, $use, $step);
        $type = $this->figure->unit->figure_type_id;
        $own = $this->ofJob[self::key($type, $area, $use, $step)] ?? $this->ofJob[self::key(null, $area, $use, $step)] ?? null;
        if ($own !== null) {
            return new StepRecipe($step, $own['recipe'], StepRecipe::OF_JOB, $this->batch($own['recipe'], $area, $use, $laid, $figures), $this->coats($own['recipe'], $laid), $own['version']);
        }

        return $laid?->recipe === null
            ? new StepRecipe($step, null, StepRecipe::OF_NOTHING)
            : new StepRecipe($step, $laid->recipe, StepRecipe::OF_SCHEME, $this->batch($laid->recipe, $area, $use, $laid, $figures), $this->coats($laid->recipe, $laid));
    }

    /** The larger of tier and paint holds: pale and red paints take more over dark. */
    private function coats(Recipe $recipe, ?TierStep $laid): ?int
    {
        $rung = $laid?->rung === null ? null : $this->ladder($laid->use->area->id)?->reading->rungs[$laid->rung];
        if ($laid === null || $rung === null || $rung->rung->role !== RungRole::Base) {
            return null;
        }
        $needed = $recipe->coatsOver($rung->under);

        return $needed !== null && $needed > $laid->use->use->coats ? $needed : null;
    }

    private function laid(string $area, string $use, int $step): ?TierStep
    {
        foreach ($this->ladder($area)->steps ?? [] as $laid) {
            if ($laid->use->use->id === $use && $laid->step === $step) {
                return $laid;
            }
        }

        return null;
    }

    /** Paint is stirred together only where there is more than one part, or something thins it. */
    private function batch(Recipe $recipe, string $area, string $use, ?TierStep $laid, int $figures): ?Batch
    {
        if (! $recipe->isStirred()) {
            return null;
        }
        foreach ($this->figure->composition->usesOn($area) as $composed) {
            if ($composed->use->id === $use) {
                return $this->amount($recipe, $composed, $laid, $figures);
            }
        }

        return null;
    }

    private function amount(Recipe $recipe, ComposedUse $composed, ?TierStep $laid, int $figures): Batch
    {
        $rung = $laid?->rung === null ? null : $this->ladder($composed->area->id)?->reading->rungs[$laid->rung]->rung;
        $cover = StepCover::of($composed->use, $this->standard->technique($composed->technique)->group, $rung);

        return Batch::of($recipe, $figures, $this->figure->figure->size, $composed->area->share, $cover, $composed->use->coats, $this->rules);
    }

    private function ladder(string $area): ?TierLadder
    {
        if (! array_key_exists($area, $this->ladders)) {
            $this->ladders[$area] = $this->scheme?->tier($this->figure->unit->figureType->key, $area, $this->figure->composition->usesOn($area), $this->standard, $this->tierOn($area));
        }

        return $this->ladders[$area];
    }

    private function tierOn(string $area): string
    {
        $known = $this->figure->figure->area($area);

        return $known === null ? $this->figure->figure->tier : $this->figure->figure->tierOf($known);
    }
}
