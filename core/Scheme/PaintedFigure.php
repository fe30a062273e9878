<?php

declare(strict_types=1);

namespace Core\Scheme;

use Core\Colour\Srgb;
use Core\Composition\FigureType;
use Core\Composition\TypeArea;
use Core\School\SchoolQuestion;
use Core\Standard\Opacity;
use Core\Standard\Side;
use Core\Standard\Standard;
use Core\Standard\Surface;

/** A figure at one tier in the colours of a scheme. */
final readonly class PaintedFigure
{
    /**
     * @param  array<array-key, TierLadder>  $ladders by area; an area that the scheme says nothing of has none
     * @param  list<string>  $focal areas that the scheme makes draw the eye; none: those of the type
     * @param  bool  $isOfOneColour whether the scheme wants one colour over most of the figure: a uniform, a row of black plate
     */
    public function __construct(
        public FigureType $type,
        public array $ladders,
        public Standard $standard,
        private array $focal = [],
        public bool $isOfOneColour = false,
    ) {
    }

    /** Whether an area draws the eye and shall not be quiet, so that it must reach the span of its tier by itself. */
    public function isFocal(string $area): bool
    {
        return ($this->focal === [] ? $this->type->area($area)->focal ?? false : in_array($area, $this->focal, true))
            && ($this->ladders[$area] ?? null)?->reading->area->isQuiet !== true
            && ! $this->isOfQuietSurface($area);
    }

    private function isOfQuietSurface(string $area): bool
    {
        $surface = $this->type->area($area)?->area->surface;

        return $surface !== null && $this->standard->hasSurface($surface) && $this->standard->surface($surface)->isQuiet;
    }

    /** Whether a step is a wash or a glaze: thin paint that lets through what it lies on. */
    public function isThin(TierStep $step): bool
    {
        return $this->standard->technique($step->use->technique)->opacity === Opacity::Transparent;
    }

    /** What the studio holds to on an area; null where nobody has chosen. */
    public function school(string $area, SchoolQuestion $question): ?string
    {
        $surface = $this->type->area($area)?->area->surface;
        $schools = $surface !== null && $this->standard->hasSurface($surface) ? $this->standard->schoolsOn($surface) : $this->standard->schools;

        return $schools->choice($question);
    }

    /** @return float of L*, from the darkest to the lightest value of what its scheme says so far; 0 while it has no colours */
    public function span(): float
    {
        $values = array_merge([], ...array_map(static fn (TierLadder $ladder): array => $ladder->values(), array_values($this->ladders)));

        return $values === [] ? 0.0 : max($values) - min($values);
    }

    /** Whether all that its ladders say reaches to their last shade and light, so that the span is that of the figure. */
    public function saysItsSpan(): bool
    {
        return array_filter($this->ladders, static fn (TierLadder $ladder): bool => $ladder->span() === null) === [];
    }

    /** {@see TierLadder::$tone}; null where nothing is laid on the area. */
    public function tone(string $area): ?Srgb
    {
        return ($this->ladders[$area] ?? null)?->tone;
    }

    /** @return float share of what is seen from the front that the scheme has colours for, 0 to 1 */
    public function coloured(): float
    {
        $whole = $this->seen();

        return $whole > 0 ? self::shares($this->seenFrom(Side::Front)) / $whole : 0.0;
    }

    /** @return float shares of all that is seen from the front, whether it has colours or not */
    public function seen(): float
    {
        return self::shares(array_filter($this->type->areas, static fn (TypeArea $area): bool => in_array(Side::Front, $area->sides, true) && $area->area->surface !== Surface::WHOLE));
    }

    /** @return list<TypeArea> with a tone, seen from this side */
    public function seenFrom(Side $side): array
    {
        return array_values(array_filter(
            $this->type->areas,
            fn (TypeArea $area): bool => in_array($side, $area->sides, true) && $this->tone($area->area->id) !== null,
        ));
    }

    /** @param  array<int, TypeArea>  $areas */
    private static function shares(array $areas): float
    {
        return array_sum(array_map(static fn (TypeArea $area): float => $area->area->share, $areas));
    }
}
