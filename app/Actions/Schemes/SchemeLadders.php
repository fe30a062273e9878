<?php

declare(strict_types=1);

namespace App\Actions\Schemes;

use App\Models\Scheme;
use App\Models\SchemeArea;
use Core\Composition\ComposedUse;
use Core\Composition\Composition;
use Core\Composition\FigureType;
use Core\Scheme\AreaLadder;
use Core\Scheme\Ground;
use Core\Scheme\LadderReading;
use Core\Scheme\OverAllPaint;
use Core\Scheme\SchemeRules;
use Core\Scheme\SharedLight;
use Core\Scheme\TierLadder;
use Core\Standard\Standard;
use Core\Standard\Surface;

/**
 * A scheme as the core knows it: for each area of a figure type the ladder that holds. What a scheme says of
 * a type comes before what it says of any, and a scheme that differs before the common one of its force.
 */
final class SchemeLadders
{
    /** @var array<int, array{AreaLadder, LadderReading}> by object; the ladder is kept so that its number is not given anew */
    private array $readings = [];

    /**
     * @param  list<array{scheme: Scheme, row: SchemeArea, ladder: AreaLadder}>  $areas of the scheme and of the common one
     */
    public function __construct(
        public readonly Scheme $scheme,
        private readonly array $areas,
        public readonly Ground $ground,
        public readonly ?SharedLight $light,
        public readonly SchemeRules $rules,
    ) {
    }

    /** @return array{scheme: Scheme, row: SchemeArea, ladder: AreaLadder}|null null where nothing is said of the area */
    public function find(string $type, string $area): ?array
    {
        $best = null;
        $rank = -1;
        foreach ($this->areas as $entry) {
            if ($entry['row']->area !== $area || ! in_array($entry['row']->figure_type, ['', $type], true)) {
                continue;
            }
            $closer = ($entry['scheme']->id === $this->scheme->id ? 2 : 0) + ($entry['row']->figure_type === '' ? 0 : 1);
            if ($closer > $rank) {
                [$rank, $best] = [$closer, $entry];
            }
        }

        return $best;
    }

    public function reading(AreaLadder $ladder): LadderReading
    {
        $this->readings[spl_object_id($ladder)] ??= [$ladder, new LadderReading($ladder, $this->ground, $this->light, $this->scheme->last_light === 'base', $this->rules->ladder)];

        return $this->readings[spl_object_id($ladder)][1];
    }

    /**
     * What a tier lays on an area; null where the scheme says nothing of it.
     *
     * @param  list<ComposedUse>  $uses of the area, in the order of laying
     */
    public function tier(string $type, string $area, array $uses, Standard $standard, string $tier, ?OverAllPaint $overAll = null): ?TierLadder
    {
        $found = $this->find($type, $area);

        return $found === null ? null : $this->laid($found['ladder'], $uses, $standard, $tier, $overAll);
    }

    /** What a tier lays over the figure as one, in the colours that the scheme has for that. */
    public function overAll(FigureType $type, string $key, Composition $composition, Standard $standard, string $tier): OverAllPaint
    {
        foreach ($type->areas as $area) {
            if ($area->area->surface === Surface::WHOLE) {
                $uses = $composition->usesOn($area->area->id);

                return OverAllPaint::of($uses, $this->tier($key, $area->area->id, $uses, $standard, $tier)->steps ?? []);
            }
        }

        return OverAllPaint::none();
    }

    /**
     * What a tier lays of a ladder, which need not be one of the scheme's.
     *
     * @param  list<ComposedUse>  $uses of the area, in the order of laying
     */
    public function laid(AreaLadder $ladder, array $uses, Standard $standard, string $tier, ?OverAllPaint $overAll = null): TierLadder
    {
        return new TierLadder($this->reading($ladder), $uses, $standard, $this->rules->ladder, $standard->tier($tier)->terms->valueSpan, $overAll);
    }

    /** @return list<array{scheme: Scheme, row: SchemeArea, ladder: AreaLadder}> */
    public function all(): array
    {
        return $this->areas;
    }
}
