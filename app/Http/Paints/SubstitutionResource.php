<?php

declare(strict_types=1);

namespace App\Http\Paints;

use App\Actions\Schemes\Substitution;
use App\Actions\Schemes\TouchedLadder as Touched;
use App\Http\Shared\Resource;
use Core\Colour\ColourDifference;
use Core\Scheme\ShownRung;

/**
 * One paint for another, with the difference in every ladder that it touches.
 *
 * @phpstan-import-type Substitute_ from SubstitutesResource
 *
 * @phpstan-type TouchedRung array{
 *   role: string,
 *   before: string,
 *   after: string,
 *   before_hex: string,
 *   after_hex: string,
 *   delta_e: float,
 *   lightness: float,
 * }
 * @phpstan-type TouchedLadder_ array{
 *   scheme: string,
 *   scheme_id: int,
 *   area: string,
 *   figure_type: string,
 *   rungs: list<TouchedRung>,
 *   uses: int,
 * }
 * @phpstan-type Substitution_ array{
 *   paint: string,
 *   substitute: Substitute_,
 *   taken: bool,
 *   ladders: list<TouchedLadder_>,
 * }
 */
final readonly class SubstitutionResource extends Resource
{
    public function __construct(private Substitution $substitution)
    {
    }

    /** @return Substitution_ */
    public function toArray(): array
    {
        return [
            'paint' => $this->substitution->paint,
            'substitute' => SubstitutesResource::one($this->substitution->substitute),
            'taken' => $this->substitution->taken,
            'ladders' => array_map($this->ladder(...), $this->substitution->touched),
        ];
    }

    /** @return TouchedLadder_ */
    private function ladder(Touched $touched): array
    {
        $rungs = [];
        foreach ($touched->before->rungs as $at => $before) {
            $after = $touched->after->rungs[$at];
            if ($before->shown->hex() !== $after->shown->hex() || ! $before->recipe->equals($after->recipe)) {
                $rungs[] = self::rung($before, $after);
            }
        }
        $uses = array_filter($touched->before->area->uses, fn ($use): bool => $use->recipe->has($this->substitution->paint));

        return [
            'scheme' => $touched->scheme->name, 'scheme_id' => $touched->scheme->id, 'area' => $touched->area, 'figure_type' => $touched->figureType,
            'rungs' => $rungs, 'uses' => count($uses),
        ];
    }

    /** @return TouchedRung */
    private static function rung(ShownRung $before, ShownRung $after): array
    {
        return [
            'role' => $before->rung->role->value, 'before' => $before->recipe->text(), 'after' => $after->recipe->text(),
            'before_hex' => $before->shown->hex(), 'after_hex' => $after->shown->hex(),
            'delta_e' => round(ColourDifference::between($before->shown->lab(), $after->shown->lab()), 1),
            'lightness' => round($after->shown->lightness() - $before->shown->lightness(), 1),
        ];
    }
}
