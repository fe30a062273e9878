<?php

declare(strict_types=1);

namespace Core\Colour;

use Closure;

/** The tones of one area, in the order in which they are laid. Common practice, no source. */
final readonly class Ladder
{
    /** Of L*: what rounding to eight bits a channel may take. */
    private const SLACK = 1e-9;

    /** Largest L* less the smallest. */
    public float $span;

    private int $base;

    /**
     * @param  list<LadderStep>  $steps
     *
     * @throws BadLadder unless exactly one step is the base, a shade stands before each relight and a base before each light
     */
    public function __construct(public array $steps)
    {
        $this->base = self::baseOf($steps);
        foreach ($steps as $at => $step) {
            if ($step->role === LadderRole::Relight && $this->lastBefore($at, LadderRole::Shade) === null) {
                throw BadLadder::relightWithoutShade($at);
            }
            if ($step->role === LadderRole::Light && $this->base > $at) {
                throw BadLadder::lightBeforeBase($at);
            }
        }
        $lightness = array_map(static fn (LadderStep $step): float => $step->lightness, $steps);
        $this->span = $lightness === [] ? 0.0 : max($lightness) - min($lightness);
    }

    /** @return list<LadderFinding> the whole first, then by step */
    public function findings(LadderRules $rules): array
    {
        $findings = [];
        if ($this->span < $rules->minSpan - self::SLACK) {
            $findings[] = new LadderFinding(LadderFault::SpanShort, LadderFinding::WHOLE, null, $this->span, $rules->minSpan);
        }
        foreach ($this->steps as $at => $step) {
            array_push($findings, ...match ($step->role) {
                LadderRole::Base => [],
                LadderRole::Shade => $this->ofShade($at, $rules),
                LadderRole::Light, LadderRole::Relight => $this->ofLight($at, $rules),
            });
        }

        return $findings;
    }

    /**
     * The step that a light or relight is held against: a light against the last base, light or relight
     * before it, a relight against the last shade, a shade against the base. A line on edges is held against
     * the last tone that was laid there, or against the base; nothing else is held against it.
     */
    public function against(int $at): ?int
    {
        return match ($this->steps[$at]->role) {
            LadderRole::Base => null,
            LadderRole::Shade => $this->base,
            LadderRole::Relight => $this->lastBefore($at, LadderRole::Shade),
            LadderRole::Light => $this->steps[$at]->isLine() ? $this->lastOnEdges($at) ?? $this->base : $this->lastTone($at),
        };
    }

    private function lastOnEdges(int $at): ?int
    {
        return $this->last($at, static fn (LadderStep $step): bool => $step->onEdges && in_array($step->role, [LadderRole::Light, LadderRole::Relight], true));
    }

    private function lastTone(int $at): ?int
    {
        return $this->last($at, static fn (LadderStep $step): bool => $step->role !== LadderRole::Shade && ! $step->isLine());
    }

    /** @return list<LadderFinding> */
    private function ofShade(int $at, LadderRules $rules): array
    {
        $darker = $this->steps[$this->base]->lightness - $this->steps[$at]->lightness;

        return $darker >= $rules->minStep - self::SLACK
            ? []
            : [new LadderFinding(LadderFault::ShadeNotDarker, $at, $this->base, $darker, $rules->minStep)];
    }

    /** @return list<LadderFinding> */
    private function ofLight(int $at, LadderRules $rules): array
    {
        $against = $this->against($at);
        assert($against !== null);
        $step = $this->steps[$at];
        $lighter = $step->lightness - $this->steps[$against]->lightness;
        $findings = [];
        if ($lighter < $rules->minStep - self::SLACK) {
            $findings[] = new LadderFinding(LadderFault::NotLighter, $at, $against, $lighter, $rules->minStep);
        }
        if ($step->role === LadderRole::Light && ! $step->isLine() && $lighter > $rules->maxStep + self::SLACK) {
            $findings[] = new LadderFinding(LadderFault::Jump, $at, $against, $lighter, $rules->maxStep);
        }
        if ($step->cover >= $this->steps[$against]->cover) {
            $findings[] = new LadderFinding(LadderFault::CoversPrevious, $at, $against, $step->cover, $this->steps[$against]->cover);
        }

        return $findings;
    }

    private function lastBefore(int $at, LadderRole $role): ?int
    {
        return $this->last($at, static fn (LadderStep $step): bool => $step->role === $role);
    }

    /** @param  Closure(LadderStep): bool  $is */
    private function last(int $at, Closure $is): ?int
    {
        for ($before = $at - 1; $before >= 0; $before--) {
            if ($is($this->steps[$before])) {
                return $before;
            }
        }

        return null;
    }

    /** @param  list<LadderStep>  $steps */
    private static function baseOf(array $steps): int
    {
        $bases = array_keys(array_filter($steps, static fn (LadderStep $step): bool => $step->role === LadderRole::Base));
        if (isset($bases[1])) {
            throw BadLadder::secondBase($bases[1]);
        }

        return $bases[0] ?? throw BadLadder::withoutBase();
    }
}
