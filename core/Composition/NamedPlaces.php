<?php

declare(strict_types=1);

namespace Core\Composition;

use Core\Standard\Extent;
use Core\Standard\TechniqueUse;

/**
 * Where on an area a use goes, by name: those that its standard says, as the figure calls them. One name is another whatever
 * its case, and in the plural: the cheeks of a standard are the cheek of a figure. A use on focal places of which the standard
 * says no names goes to those of the figure. It changes nothing that is reckoned.
 */
final readonly class NamedPlaces
{
    /**
     * @param  list<string>  $names as the figure calls them; as the standard does where the figure has none
     * @param  list<string>  $notNamed asked for by the standard, and no name of this figure, which has others
     * @param  bool  $ofFigure whether the standard says none, and they are the figure's own
     */
    private function __construct(
        public array $names,
        public array $notNamed,
        public bool $ofFigure,
    ) {
    }

    public static function of(TypeArea $area, TechniqueUse $use): self
    {
        $asked = $use->places ?? [];
        if ($asked === [] || $area->places === []) {
            $own = $asked === [] && $use->extent === Extent::Focal ? $area->places : [];

            return new self($asked === [] ? $own : $asked, [], $own !== []);
        }
        $names = $notNamed = [];
        foreach ($asked as $name) {
            $called = self::called($area, $name);
            if ($called === null) {
                $notNamed[] = $name;
            } else {
                $names[] = $called;
            }
        }

        return new self(array_values(array_unique($names)), $notNamed, false);
    }

    /** What the figure calls a place; null: it has no such name. */
    private static function called(TypeArea $area, string $name): ?string
    {
        foreach ($area->places as $place) {
            if (self::singular($place) === self::singular($name)) {
                return $place;
            }
        }

        return null;
    }

    private static function singular(string $name): string
    {
        return (string) preg_replace('/(?<=[^s])s$/u', '', mb_strtolower(trim($name)));
    }
}
