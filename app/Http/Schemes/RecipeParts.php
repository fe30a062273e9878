<?php

declare(strict_types=1);

namespace App\Http\Schemes;

use App\Actions\Bench\StepRecipe;
use App\Http\Shared\WhyShape;
use Core\Scheme\Batch;
use Core\Scheme\Recipe;
use Core\Scheme\RecipePart;

/**
 * A recipe as it is shown: its words, its parts, and the colour that is forecast of it.
 *
 * @phpstan-import-type Why from WhyShape
 *
 * @phpstan-type MixPart array{paint: string, parts: float, hex: string, kind: string, note: string}
 * @phpstan-type Recipe_ array{
 *   text: string,
 *   parts: list<MixPart>,
 *   water: float,
 *   hex: string|null,
 *   forecast: bool,
 *   metal: bool,
 *   too_much_water: bool,
 * }
 * @phpstan-type MixBatch array{ml: float, drops: list<array{name: string, drops: int}>, why: Why}
 * @phpstan-type StepMix array{
 *   step: int,
 *   text: string,
 *   parts: list<MixPart>,
 *   hex: string|null,
 *   forecast: bool,
 *   too_much_water: bool,
 *   from: string,
 *   batch: MixBatch|null,
 *   coats: int|null,
 *   version: int|null,
 * }
 */
final readonly class RecipeParts
{
    /** @return Recipe_ */
    public static function of(Recipe $recipe): array
    {
        return [
            'text' => $recipe->text(),
            'parts' => self::parts($recipe),
            'water' => $recipe->water,
            'hex' => $recipe->colour()?->hex(),
            'forecast' => $recipe->isForecast(),
            'metal' => $recipe->hasMetal(),
            'too_much_water' => $recipe->hasTooMuchWater(),
        ];
    }

    /** @return StepMix */
    public static function step(StepRecipe $step): array
    {
        $recipe = $step->recipe;

        return [
            'step' => $step->step,
            'text' => $recipe?->text() ?? '',
            'parts' => $recipe === null ? [] : self::parts($recipe),
            'hex' => $recipe?->colour()?->hex(),
            'forecast' => $recipe?->isForecast() ?? false,
            'too_much_water' => $recipe?->hasTooMuchWater() ?? false,
            'from' => $step->from,
            'batch' => $step->batch === null ? null : self::batch($step->batch),
            'coats' => $step->coats,
            'version' => $step->version,
        ];
    }

    /** @return MixBatch */
    public static function batch(Batch $batch): array
    {
        return ['ml' => round($batch->ml, 2), 'drops' => $batch->drops(), 'why' => $batch->why->toArray()];
    }

    /** @return list<MixPart> */
    private static function parts(Recipe $recipe): array
    {
        return array_map(static fn (RecipePart $part): array => [
            'paint' => $part->paint->name, 'parts' => $part->parts, 'hex' => $part->paint->colour->hex(), 'kind' => $part->paint->kind->value, 'note' => $part->paint->note,
        ], $recipe->parts);
    }
}
