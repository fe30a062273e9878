<?php

declare(strict_types=1);

namespace Core\Lint;

use Core\Composition\OverAllOrder;
use Core\Standard\Requirement;
use Core\Standard\Standard;
use Core\Standard\Surface;
use Core\Standard\Technique;
use Core\Standard\TechniqueGroup;
use Core\Standard\TechniqueUse;

/** A shade or light of the figure as one, and how the uses of a surface of its tier lie about it. */
final readonly class LaidOverAreas
{
    /**
     * @param  TechniqueUse  $use of the figure as one
     * @param  list<array{surface: string, under: list<TechniqueUse>, over: list<TechniqueUse>}>  $on what lies under it and what over it, on each surface that it is not kept off and of which something is asked
     */
    private function __construct(
        public string $tier,
        public TechniqueUse $use,
        public TechniqueGroup $stage,
        public array $on,
    ) {
    }

    /** That of a finding; null where it is no more. */
    public static function at(Finding $finding, Standard $standard): ?self
    {
        foreach (self::of($standard) as $laid) {
            if ($laid->tier === $finding->tier && $laid->use->id === $finding->use) {
                return $laid;
            }
        }

        return null;
    }

    /**
     * @param  list<string>  $surfaces
     * @param  string  $code of the rule that finds it
     */
    public function finding(string $code, array $surfaces, Standard $standard): Finding
    {
        return new Finding($code, $this->tier, Surface::WHOLE, $this->use->id, [
            'technique' => $standard->technique($this->use->techniques[0])->name,
            'surfaces' => implode(', ', array_map(static fn (string $surface): string => $standard->surface($surface)->name, $surfaces)),
        ]);
    }

    /** @return iterable<self> of each tier, whose techniques are all known */
    public static function of(Standard $standard): iterable
    {
        foreach ($standard->requirements as $whole) {
            foreach ($whole->surface === Surface::WHOLE ? $whole->uses : [] as $use) {
                $stage = $use->overAll?->stage;
                if ($stage !== null && self::isShadeOrLight($use, $standard)) {
                    yield new self($whole->tier, $use, $stage, self::on($use, $stage, $whole->tier, $standard));
                }
            }
        }
    }

    private static function isShadeOrLight(TechniqueUse $use, Standard $standard): bool
    {
        foreach ($use->techniques as $id) {
            if (! $standard->hasTechnique($id) || ! in_array($standard->technique($id)->group, [TechniqueGroup::Shade, TechniqueGroup::Light], true)) {
                return false;
            }
        }

        return true;
    }

    /** @return list<array{surface: string, under: list<TechniqueUse>, over: list<TechniqueUse>}> */
    private static function on(TechniqueUse $use, TechniqueGroup $stage, string $tier, Standard $standard): array
    {
        $on = [];
        foreach ($standard->requirements as $requirement) {
            $isUnder = $requirement->tier === $tier && $requirement->surface !== Surface::WHOLE && $requirement->uses !== [] && $use->overAll?->spares($requirement->surface) !== true;
            if ($isUnder && self::isKnown($requirement, $standard)) {
                $split = OverAllOrder::split($stage, array_map(static fn (TechniqueUse $one): Technique => $standard->technique($one->techniques[0]), $requirement->uses));
                $on[] = ['surface' => $requirement->surface, 'under' => array_slice($requirement->uses, 0, $split), 'over' => array_slice($requirement->uses, $split)];
            }
        }

        return $on;
    }

    private static function isKnown(Requirement $requirement, Standard $standard): bool
    {
        foreach ($requirement->uses as $use) {
            if (! $standard->hasTechnique($use->techniques[0])) {
                return false;
            }
        }

        return $standard->hasSurface($requirement->surface);
    }
}
