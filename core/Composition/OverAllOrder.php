<?php

declare(strict_types=1);

namespace Core\Composition;

use Core\Standard\Standard;
use Core\Standard\Technique;
use Core\Standard\TechniqueGroup;
use Core\Standard\TechniqueUse;

/**
 * Where uses of the figure as one are laid in among those of an area: each before the first use of its stage or of a
 * later group, and never before one of the figure that it comes after. What they are kept off is left out.
 */
final readonly class OverAllOrder
{
    /** Before the id of a use of the whole where it stands among those of an area, which may have the same. */
    public const OF_WHOLE = 'whole/';

    public function __construct(private Standard $standard)
    {
    }

    /**
     * Where the uses of an area are split: what stands before comes before the use of the whole, the rest after it.
     *
     * @param  list<Technique>  $techniques of the area's uses, in their order
     * @return int 0 to the number of uses
     */
    public static function split(TechniqueGroup $stage, array $techniques): int
    {
        foreach ($techniques as $at => $technique) {
            // A look belongs to what it looks at.
            if (! $technique->look && ! $technique->group->isBefore($stage)) {
                return $at;
            }
        }

        return count($techniques);
    }

    /**
     * Those that leave a colour; cleaning and varnish are shown on the plate of the figure as one.
     *
     * @param  list<TechniqueUse>  $whole
     * @return list<TechniqueUse>
     */
    public function seen(array $whole): array
    {
        return array_values(array_filter($whole, fn (TechniqueUse $use): bool => $this->standard->technique($use->techniques[0])->group->leavesColour()));
    }

    /**
     * @param  list<TechniqueUse>  $uses of an area, in the order of laying; where the method is open, by the first
     * @param  list<TechniqueUse>  $whole of the figure as one
     * @param  string  $surface of the area
     * @return list<TechniqueUse>
     */
    public function among(array $uses, array $whole, string $surface): array
    {
        $techniques = array_map(fn (TechniqueUse $use): Technique => $this->standard->technique($use->techniques[0]), $uses);
        $laid = [];
        $at = 0;
        foreach ($whole as $one) {
            if ($one->overAll?->spares($surface) === true) {
                continue;
            }
            $split = max($at, self::split($one->overAll->stage ?? $this->standard->technique($one->techniques[0])->group, $techniques));
            array_push($laid, ...array_slice($uses, $at, $split - $at), ...[$one]);
            $at = $split;
        }

        return [...$laid, ...array_slice($uses, $at)];
    }
}
