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
use Core\Scheme\Recipe;
use Core\Scheme\SaidLadder;
use Core\Scheme\SaidLadders;
use Core\Scheme\SchemeRules;
use Core\Scheme\SharedLight;
use Core\Scheme\TierLadder;
use Core\Standard\Standard;

/**
 * A scheme as the core knows it: for each area of a figure type the ladder that holds. What a scheme says of
 * a type comes before what it says of any, and a scheme that differs before the common one of its force.
 */
final class SchemeLadders
{
    /** @var array<int, array{AreaLadder, LadderReading}> by object; the ladder is kept so that its number is not given anew */
    private array $readings = [];

    /** @var array<string, array{TierLadder, list<object>}> what a tier lays, by all that it follows from, which is kept so that no number is given anew */
    private array $laid = [];

    /** @var array<string, array{OverAllPaint, list<object>}> likewise what is laid over the figure as one */
    private array $overAll = [];

    /** @var array<string, array{scheme: Scheme, row: SchemeArea, ladder: AreaLadder}|null> by type and area */
    private array $found = [];

    private ?string $fingerprint = null;

    /**
     * @param  array<int, array{scheme: Scheme, row: SchemeArea, ladder: AreaLadder}>  $areas of the scheme and of the common one, by row
     * @param  list<Recipe>  $primers what it names as lying under all paint, in turn
     * @param  Scheme|null  $common the one that it departs from; null: it is the common one
     */
    public function __construct(
        public readonly Scheme $scheme,
        private readonly array $areas,
        public readonly SaidLadders $said,
        public readonly Ground $ground,
        public readonly ?SharedLight $light,
        public readonly SchemeRules $rules,
        public readonly array $primers = [],
        public readonly ?Scheme $common = null,
    ) {
    }

    /** Equal where the same is laid, in every request: of all that it says of colours, and nothing of who says it. */
    public function fingerprint(): string
    {
        return $this->fingerprint ??= hash('sha256', serialize([$this->said, $this->ground, $this->light, $this->rules, $this->primers, $this->scheme->last_light]));
    }

    /** @return array{scheme: Scheme, row: SchemeArea, ladder: AreaLadder}|null null where nothing is said of the area */
    public function find(string $type, string $area): ?array
    {
        $place = json_encode([$type, $area], JSON_THROW_ON_ERROR);
        if (! array_key_exists($place, $this->found)) {
            $said = $this->said->find($type, $area);
            $this->found[$place] = $said === null ? null : ['ladder' => $said->ladder] + $this->areas[$said->key];
        }

        return $this->found[$place];
    }

    /**
     * Figure types as they are painted in this scheme.
     *
     * @param  array<string, FigureType>  $types by key
     * @return array<string, FigureType>
     */
    public function types(array $types, Standard $standard): array
    {
        $painted = [];
        foreach ($types as $key => $type) {
            $painted[$key] = $this->said->on($type, $key, $standard);
        }

        return $painted;
    }

    /** The scheme that says it. */
    public function schemeOf(SaidLadder $one): Scheme
    {
        return $this->areas[$one->key]['scheme'];
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
    public function overAll(string $key, Composition $composition, Standard $standard, string $tier): OverAllPaint
    {
        $uses = $composition->usesOfWhole();

        if ($uses === []) {
            return OverAllPaint::none();
        }
        $ladder = $this->tier($key, $uses[0]->area->id, $uses, $standard, $tier);
        $from = [...$ladder === null ? [] : [$ladder], ...self::saying($uses)];
        $like = self::like($from, $uses);
        $this->overAll[$like] ??= [OverAllPaint::of($uses, $ladder->steps ?? []), $from];

        return $this->overAll[$like][0];
    }

    /**
     * What a tier lays of a ladder, which need not be one of the scheme's.
     *
     * @param  list<ComposedUse>  $uses of the area, in the order of laying
     */
    public function laid(AreaLadder $ladder, array $uses, Standard $standard, string $tier, ?OverAllPaint $overAll = null): TierLadder
    {
        $from = [$ladder, $standard, ...$overAll === null ? [] : [$overAll], ...self::saying($uses)];
        $like = "{$tier} ".self::like($from, $uses);
        $this->laid[$like] ??= [new TierLadder($this->reading($ladder), $uses, $standard, $this->rules->ladder, $standard->tier($tier)->terms->valueSpan, $overAll), $from];

        return $this->laid[$like][0];
    }

    /**
     * Like figures of all units and jobs are painted with the same, which is found once a request.
     *
     * @param  list<object>  $from
     * @param  list<ComposedUse>  $uses
     */
    private static function like(array $from, array $uses): string
    {
        $laid = array_map(static fn (ComposedUse $use): array => [$use->area->id, $use->area->surface, $use->area->share, $use->technique, $use->minutes, $use->origin->value], $uses);

        return implode(' ', array_map(spl_object_id(...), $from)).json_encode($laid, JSON_THROW_ON_ERROR);
    }

    /**
     * @param  list<ComposedUse>  $uses
     * @return list<object> what the standard says of them, and what of them is there
     */
    private static function saying(array $uses): array
    {
        return array_merge(...array_map(static fn (ComposedUse $use): array => [$use->use, ...$use->growth === null ? [] : [$use->growth]], $uses));
    }

    /** @return list<array{scheme: Scheme, row: SchemeArea, ladder: AreaLadder}> */
    public function all(): array
    {
        return array_values($this->areas);
    }
}
