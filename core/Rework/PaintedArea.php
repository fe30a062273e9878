<?php

declare(strict_types=1);

namespace Core\Rework;

use Core\Composition\ComposedUse;
use Core\Composition\Composition;
use Core\Composition\OverAllOrder;
use Core\Composition\TypeArea;
use Core\Standard\Extent;
use Core\Standard\LiesOn;
use Core\Standard\Opacity;
use Core\Standard\Standard;
use Core\Standard\Surface;
use Core\Standard\Technique;
use Core\Standard\TechniqueGroup;
use Core\Standard\TechniqueUse;
use Core\Standard\UnknownReference;

/** What was laid on one area of a figure, work on the whole figure among it, as layers that can be laid again: paint, paste and varnish. */
final readonly class PaintedArea
{
    /** What lies under all paint, where the standard lays none. */
    private const BARE = 'ground/';

    /** Stands for the layer at fault where paint is off down to the ground. */
    public const DOWN = 'down/';

    /** Stands for the layer at fault where foreign paint lies on top. */
    public const ON_TOP = '';

    private const LEAVES_NOTHING = [TechniqueGroup::Prepare, TechniqueGroup::Tidy];

    /** Over the last ground. */
    public AreaLayers $layers;

    /** @var list<string> layers that have no colour to be mended from below */
    private array $varnishes;

    /**
     * @param  array<string, ComposedUse>  $uses by the id of the layer, in the order of laying; the ground among them where one is laid
     * @param  array<string, float>  $minutes on this area, by the id of the layer
     */
    private function __construct(
        public array $uses,
        array $minutes,
        Standard $standard,
    ) {
        $layers = $varnishes = [];
        $ground = new Layer(self::BARE, Opacity::Opaque, 0.0);
        foreach ($uses as $id => $use) {
            $technique = $standard->technique($use->technique);
            if ($technique->group === TechniqueGroup::Finish) {
                $varnishes[] = $id;
            }
            if ($technique->group === TechniqueGroup::Ground) {
                $ground = new Layer($id, Opacity::Opaque, $minutes[$id]);
            } else {
                // A line or a dot is opaque, and hides nothing of what lies beside it.
                $layers[] = new Layer($id, $technique->opacity, $minutes[$id], $technique->hides($use->use) || self::isPaste($technique, $use));
            }
        }
        $this->layers = new AreaLayers($ground, $layers);
        $this->varnishes = $varnishes;
    }

    /**
     * What is laid again for a fault.
     *
     * @param  string  $in id of the layer at fault, {@see self::ON_TOP} or {@see self::DOWN}; a varnish is laid over itself
     * @param  bool  $isMissing whether it was left out, so that nothing below it is laid again
     * @return list<Layer> in order
     *
     * @throws UnknownReference if it is none of the layers
     */
    public function again(string $in, bool $isMissing, string $pointer): array
    {
        return match (true) {
            $in === self::ON_TOP => $this->layers->afterSpill(),
            $in === self::DOWN => $this->layers->fromTheGround(),
            $isMissing || in_array($in, $this->varnishes, true) => $this->layers->afterMissing($in, $pointer),
            default => $this->layers->afterFaultIn($in, $pointer),
        };
    }

    /** The layer that a mishap usually lies in, the last of its kind; where there is none, it lies on top. */
    public function suggested(MishapLies $lies, Standard $standard): string
    {
        return $lies === MishapLies::DownToTheGround ? self::DOWN : $this->lastOf($lies->group(), $standard);
    }

    /** The last layer of a group; where there is none, or no group, what is foreign lies on top. */
    public function lastOf(?TechniqueGroup $group, Standard $standard): string
    {
        $last = self::ON_TOP;
        foreach ($this->uses as $id => $use) {
            $last = $standard->technique($use->technique)->group === $group ? (string) $id : $last;
        }

        return $last;
    }

    /** @param  callable(ComposedUse): bool  $isLaid whether it is on the figure */
    public static function of(Composition $composition, TypeArea $area, Standard $standard, callable $isLaid): self
    {
        $byId = $minutes = [];
        foreach (array_filter($composition->uses, $isLaid) as $use) {
            $isOfWhole = $use->area->surface === Surface::WHOLE;
            if ($isOfWhole || $use->area->id === $area->area->id) {
                $id = ($isOfWhole ? OverAllOrder::OF_WHOLE : '').$use->use->id;
                $byId[$id] = $use;
                $minutes[$id] = $use->minutes * ($isOfWhole ? $area->area->share : 1);
            }
        }
        $laid = [];
        foreach (self::amongEachOther($byId, $area->area->surface, $standard) as $id) {
            if (! in_array($standard->technique($byId[$id]->technique)->group, self::LEAVES_NOTHING, true)) {
                $laid[$id] = $byId[$id];
            }
        }

        return new self($laid, $minutes, $standard);
    }

    /** What a lay-in is elsewhere, a paste is on what the figure stands on: it hides what is under it. */
    private static function isPaste(Technique $technique, ComposedUse $use): bool
    {
        return $technique->group === TechniqueGroup::Base && $technique->opacity === Opacity::Opaque && $technique->liesOn === LiesOn::All
            && $use->use->extent === Extent::Every && $use->use->cover === null;
    }

    /**
     * @param  array<string, ComposedUse>  $byId
     * @return list<string> ids in the order of laying
     */
    private static function amongEachOther(array $byId, string $surface, Standard $standard): array
    {
        $own = $whole = [];
        foreach ($byId as $id => $use) {
            $named = $use->use->named((string) $id);
            str_starts_with((string) $id, OverAllOrder::OF_WHOLE) ? $whole[] = $named : $own[] = $named;
        }

        return array_map(static fn (TechniqueUse $use): string => $use->id, (new OverAllOrder($standard))->among($own, $whole, $surface));
    }
}
