<?php

declare(strict_types=1);

namespace Core\Composition;

use Core\Standard\Area;
use Core\Standard\Standard;
use Core\Standard\TechniqueUse;

/**
 * Which of the variations agreed for a figure name something that is still asked.
 *
 * After a change of tier or version some may name nothing any more. They rest: they are kept and
 * shown, and take part again when what they name is asked again.
 */
final readonly class FittingVariations
{
    public function __construct(private Standard $standard)
    {
    }

    /**
     * @param  list<Waiver>  $waivers the widest first; of two for one use the later one counts
     * @param  list<Choice>  $choices likewise
     */
    public function apply(Figure $figure, array $waivers, array $choices): Figure
    {
        $waivers = array_filter($waivers, fn (Waiver $waiver): bool => $this->fitsWaiver($figure, $waiver));
        $choices = array_filter($choices, fn (Choice $choice): bool => $this->fitsChoice($figure, $choice));

        return $figure->withVariations(self::latest($waivers), self::latest($choices));
    }

    public function fitsWaiver(Figure $figure, Waiver $waiver): bool
    {
        $area = $figure->area($waiver->area);

        return $area !== null && (new Asked($this->standard, $figure))->use($area, $waiver->use) !== null;
    }

    public function fitsChoice(Figure $figure, Choice $choice): bool
    {
        $area = $figure->area($choice->area);
        $asked = new Asked($this->standard, $figure);
        $use = $area === null ? null : $asked->use($area, $choice->use) ?? self::added($area, $asked, $choice->use);

        return $area !== null && $use !== null && $asked->leavesChoice($area, $use) && $use->mayTake($choice->technique);
    }

    private static function added(Area $area, Asked $asked, string $use): ?TechniqueUse
    {
        foreach ($asked->added($area) as $addition) {
            if ($addition->use->id === $use) {
                return $addition->use;
            }
        }

        return null;
    }

    /**
     * @template T of Waiver|Choice
     *
     * @param  array<int, T>  $variations
     * @return list<T>
     */
    private static function latest(array $variations): array
    {
        $latest = [];
        foreach ($variations as $variation) {
            $latest[json_encode([$variation->area, $variation->use])] = $variation;
        }

        return array_values($latest);
    }
}
