<?php

declare(strict_types=1);

namespace Core\Scheme;

use Core\Standard\LiesOn;
use Core\Standard\Opacity;
use Core\Standard\Requirement;
use Core\Standard\Standard;
use Core\Standard\Technique;
use Core\Standard\TechniqueGroup;

/**
 * Makes a ladder of a list of paints by use: what it is laid in with becomes the base, what it is shaded with
 * the shade, the longest row of lights the lights. What does not fit into a ladder stays with its use.
 */
final readonly class LadderFromUses
{
    /** A shade that a technique lays into the recesses alone. Common practice, no source. */
    private const OF_RECESS = 0.3;

    public function __construct(private Standard $standard)
    {
    }

    /** @param  list<UseRecipe>  $list in any order */
    public function of(string $area, string $surface, array $list): AreaLadder
    {
        usort($list, static fn (UseRecipe $a, UseRecipe $b): int => $a->step <=> $b->step);
        $byUse = [];
        foreach ($list as $recipe) {
            $byUse[$recipe->use][] = $recipe;
        }
        $roles = [];
        foreach (array_keys($byUse) as $use) {
            $roles[$this->role($surface, (string) $use)][] = (string) $use;
        }
        if (! isset($roles[RungRole::Base->value])) {
            // Without a base there is no ladder: a ground of paste, a decal, the figure as a whole.
            return new AreaLadder($area, [], self::others($byUse, [], '', []));
        }
        $lights = $this->longest($roles[RungRole::Light->value] ?? [], $byUse);
        $rungs = [
            ...$this->first(RungRole::Base, $roles, $byUse, $surface),
            ...$this->first(RungRole::Shade, $roles, $byUse, $surface),
            ...$this->first(RungRole::Relight, $roles, $byUse, $surface),
        ];
        $relit = array_filter($rungs, static fn (Rung $rung): bool => $rung->role === RungRole::Relight) !== [];
        array_push($rungs, ...self::lights($byUse[$lights] ?? [], $relit));

        $roleOf = [];
        foreach ($roles as $role => $uses) {
            $roleOf += array_fill_keys($uses, $role);
        }

        return new AreaLadder($area, $rungs, self::others($byUse, $rungs, $lights, $roleOf));
    }

    /**
     * The first use of a role gives its rung.
     *
     * @param  array<string, list<string>>  $roles
     * @param  array<array-key, non-empty-list<UseRecipe>>  $byUse
     * @return list<Rung>
     */
    private function first(RungRole $role, array $roles, array $byUse, string $surface): array
    {
        $use = $roles[$role->value][0] ?? null;
        if ($use === null) {
            return [];
        }
        $cover = match ($role) {
            RungRole::Shade => $this->technique($surface, $use)?->liesOn === LiesOn::Recess ? self::OF_RECESS : NextStep::OF_SHADE,
            RungRole::Relight => LightCover::OF_RELIGHT,
            default => 1.0,
        };

        return [new Rung($role, $byUse[$use][0]->recipe, $cover)];
    }

    /**
     * @param  list<string>  $uses
     * @param  array<array-key, non-empty-list<UseRecipe>>  $byUse
     */
    private function longest(array $uses, array $byUse): string
    {
        $longest = '';
        foreach ($uses as $use) {
            if (count($byUse[$use]) > count($byUse[$longest] ?? [])) {
                $longest = $use;
            }
        }

        return $longest;
    }

    /**
     * @param  list<UseRecipe>  $list
     * @return list<Rung>
     */
    private static function lights(array $list, bool $relit): array
    {
        $rungs = [];
        $cover = $relit ? LightCover::OF_RELIGHT : null;
        foreach ($list as $recipe) {
            $last = $rungs === [] ? null : $rungs[count($rungs) - 1];
            // The same paint twice is one step that is laid twice.
            if ($last === null || ! $last->recipe->equals($recipe->recipe)) {
                $cover = LightCover::after($cover);
                $rungs[] = new Rung(RungRole::Light, $recipe->recipe, $cover);
            }
        }

        return $rungs;
    }

    /**
     * What the ladder does not say already: a line in the colour of the base is none of it unless it is laid in with it.
     *
     * @param  array<array-key, non-empty-list<UseRecipe>>  $byUse
     * @param  list<Rung>  $rungs
     * @param  array<array-key, string>  $roleOf role by use
     * @return list<UseRecipe>
     */
    private static function others(array $byUse, array $rungs, string $lights, array $roleOf): array
    {
        $texts = [];
        foreach ($rungs as $rung) {
            $texts[$rung->role->value][] = $rung->recipe->text();
        }
        $others = [];
        foreach ($byUse as $use => $list) {
            $role = $roleOf[$use] ?? '';
            $ofRole = $texts[$role] ?? [];
            $isSaid = $role === RungRole::Light->value ? self::climbs($list, $ofRole) : count($list) === 1 && in_array($list[0]->recipe->text(), $ofRole, true);
            if ((string) $use === $lights || $isSaid) {
                continue;
            }
            $before = null;
            foreach ($list as $recipe) {
                if ($before === null || ! $before->equals($recipe->recipe)) {
                    $others[] = $recipe;
                }
                $before = $recipe->recipe;
            }
        }

        return $others;
    }

    /**
     * Whether a list is the lights of the ladder from its first on, so that the ladder says it already.
     *
     * @param  list<UseRecipe>  $list
     * @param  list<string>  $lights
     */
    private static function climbs(array $list, array $lights): bool
    {
        return array_map(static fn (UseRecipe $recipe): string => $recipe->recipe->text(), $list) === array_slice($lights, 0, count($list));
    }

    /** The rung that says what a line of the list says; null where the line stays with its use. */
    public function rungOf(AreaLadder $ladder, string $surface, UseRecipe $line): ?int
    {
        $role = $this->role($surface, $line->use);
        $isOwn = $ladder->ofUse($line->use, $line->step)?->equals($line->recipe) === true;
        foreach ($isOwn ? [] : $ladder->rungs as $at => $rung) {
            if ($rung->role->value === $role && $rung->recipe->equals($line->recipe)) {
                return $at;
            }
        }

        return null;
    }

    /** The role of the rung that a use takes on a surface; empty for what has no place on a ladder. */
    private function role(string $surface, string $use): string
    {
        $technique = $this->technique($surface, $use);

        return match ($technique?->group) {
            TechniqueGroup::LayIn => ($this->comesAfterShade($surface, $use) ? RungRole::Relight : RungRole::Base)->value,
            // A dark line parts areas; what shades them is another paint.
            TechniqueGroup::Shade => $technique->opacity === Opacity::Opaque ? '' : RungRole::Shade->value,
            TechniqueGroup::Light => RungRole::Light->value,
            default => '',
        };
    }

    /** What lays a use on a surface, by the richest tier that asks for it; null for what nobody knows. */
    public function technique(string $surface, string $use): ?Technique
    {
        foreach ($this->requirements($surface) as $requirement) {
            $asked = $requirement->use($use);
            if ($asked !== null) {
                return $this->standard->technique($asked->techniques[0]);
            }
        }
        foreach ($this->standard->techniques as $technique) {
            if ($technique->id === $use) {
                return $technique;
            }
        }

        return null;
    }

    private function comesAfterShade(string $surface, string $use): bool
    {
        foreach ($this->requirements($surface) as $requirement) {
            $shaded = $laid = false;
            foreach ($requirement->uses as $asked) {
                if ($asked->id === $use) {
                    if ($shaded && $laid) {
                        return true;
                    }

                    break;
                }
                $group = $this->standard->technique($asked->techniques[0])->group;
                $shaded = $shaded || $group === TechniqueGroup::Shade;
                $laid = $laid || $group === TechniqueGroup::LayIn;
            }
        }

        return false;
    }

    /** @return list<Requirement> of the surface, the richest tier first */
    private function requirements(string $surface): array
    {
        $found = [];
        foreach (array_reverse($this->standard->tiersByRank()) as $tier) {
            $requirement = $this->standard->requirement($tier->id, $surface);
            if ($requirement !== null) {
                $found[] = $requirement;
            }
        }

        return $found;
    }
}
