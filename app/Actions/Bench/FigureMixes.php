<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Actions\Composing\ComposedFigure;
use App\Actions\Schemes\SchemeLadders;
use Core\Scheme\Recipe;
use Core\Scheme\TierLadder;
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
    ) {
    }

    public static function key(?int $type, string $area, string $use, int $step): string
    {
        return json_encode([$type, $area, $use, $step], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
    }

    /** @return list<StepRecipe> one for each step of the use */
    public function of(string $area, string $use, int $steps): array
    {
        $mixes = [];
        for ($step = 1; $step <= $steps; $step++) {
            $mixes[] = $this->step($area, $use, $step);
        }

        return $mixes;
    }

    /** The colour that an area is first covered with, for the mosaic. */
    public function colour(string $area): ?string
    {
        foreach ($this->figure->composition->usesOn($area) as $use) {
            $colour = $this->step($area, $use->use->id, 1)->recipe?->colour();
            if ($colour !== null) {
                return $colour->hex();
            }
        }

        return null;
    }

    private function step(string $area, string $use, int $step): StepRecipe
    {
        $type = $this->figure->unit->figure_type_id;
        $own = $this->ofJob[self::key($type, $area, $use, $step)] ?? $this->ofJob[self::key(null, $area, $use, $step)] ?? null;
        if ($own !== null) {
            return new StepRecipe($step, $own['recipe'], StepRecipe::OF_JOB, $own['version']);
        }
        foreach ($this->ladder($area)->steps ?? [] as $laid) {
            if ($laid->use->use->id === $use && $laid->step === $step && $laid->recipe !== null) {
                return new StepRecipe($step, $laid->recipe, StepRecipe::OF_SCHEME);
            }
        }

        return new StepRecipe($step, null, StepRecipe::OF_NOTHING);
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
