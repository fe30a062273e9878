<?php

declare(strict_types=1);

namespace Core\Standard;

/** What a tier asks of a surface. Without uses: not asked for. */
final readonly class Requirement
{
    /**
     * @param  list<TechniqueUse>  $uses in the order of laying
     * @param  list<Criterion>  $criteria
     * @param  list<Menu>  $menus uses of which a job chooses; the others are all asked
     */
    public function __construct(
        public string $tier,
        public string $surface,
        public array $uses,
        public array $criteria = [],
        public array $menus = [],
        public string $note = '',
    ) {
    }

    public function asksNothing(): bool
    {
        return $this->uses === [];
    }

    public function use(string $id): ?TechniqueUse
    {
        foreach ($this->uses as $use) {
            if ($use->id === $id) {
                return $use;
            }
        }

        return null;
    }

    /**
     * The uses that are asked of a job: all that stand in no menu, and of each menu those taken.
     *
     * @param  list<string>  $chosen ids of uses that the job names
     * @return list<TechniqueUse> in the order of laying
     */
    public function usesTaken(array $chosen): array
    {
        $left = [];
        foreach ($this->menus as $menu) {
            $left = [...$left, ...array_diff($menu->uses, $menu->taken($chosen))];
        }

        return $left === [] ? $this->uses : array_values(array_filter($this->uses, static fn (TechniqueUse $use): bool => ! in_array($use->id, $left, true)));
    }

    /** @return list<TechniqueUse> what the tier includes whatever a job chooses, in the order of laying */
    public function included(): array
    {
        return array_values(array_filter($this->uses, fn (TechniqueUse $use): bool => $this->menuOf($use->id) === null));
    }

    public function menuOf(string $use): ?Menu
    {
        foreach ($this->menus as $menu) {
            if (in_array($use, $menu->uses, true)) {
                return $menu;
            }
        }

        return null;
    }

    /** @return list<string> pieces that its uses and criteria speak of, each once */
    public function features(): array
    {
        $features = [];
        foreach ([...$this->uses, ...$this->criteria] as $asks) {
            if ($asks->feature !== null) {
                $features[$asks->feature] = $asks->feature;
            }
        }

        return array_values($features);
    }

    /** @return list<string> */
    public function useIds(): array
    {
        return array_column($this->uses, 'id');
    }
}
