<?php

declare(strict_types=1);

namespace Core\Scheme;

use Core\Standard\LiesOn;
use Core\Standard\Standard;

/** Where the rungs of a ladder lie, as far as a tier's techniques say it. What no technique lays is not known. */
final readonly class RungPlaces
{
    /** @param  array<int, LiesOn>  $places by rung; what is left out is not known */
    public function __construct(private array $places = [])
    {
    }

    /**
     * A tone that is laid in two ways lies where it covers more. Where a tier lights an area with nothing but lines, the
     * lights that it leaves out are lines too.
     *
     * @param  list<TierStep>  $steps
     */
    public static function ofSteps(AreaLadder $area, array $steps, Standard $standard): self
    {
        $places = $lights = [];
        foreach ($steps as $step) {
            if ($step->rung === null) {
                continue;
            }
            $lies = $standard->technique($step->use->technique)->liesOn;
            $places[$step->rung] = isset($places[$step->rung]) && ! $places[$step->rung]->isLine() ? $places[$step->rung] : $lies;
        }
        foreach ($area->rungs as $at => $rung) {
            if ($rung->role === RungRole::Light && isset($places[$at])) {
                $lights[] = $places[$at];
            }
        }
        if ($lights !== [] && array_filter($lights, static fn (LiesOn $lies): bool => ! $lies->isLine()) === []) {
            foreach ($area->rungs as $at => $rung) {
                $places += $rung->role === RungRole::Light ? [$at => $lights[count($lights) - 1]] : [];
            }
        }

        return new self($places);
    }

    public function at(int $rung): ?LiesOn
    {
        return $this->places[$rung] ?? null;
    }

    public function isLine(int $rung): bool
    {
        return $this->at($rung)?->isLine() ?? false;
    }

    /** Whether it is known that a rung lies on the faces of an area, where its lights come. */
    public function isOnFaces(int $rung): bool
    {
        return in_array($this->at($rung), [LiesOn::All, LiesOn::Face], true);
    }

    /** Whether two rungs are known to lie in different places; what lies over all lies there too. */
    public function differ(int $one, int $other): bool
    {
        $places = [$this->at($one), $this->at($other)];

        return $places[0] !== $places[1] && ! in_array(null, $places, true) && ! in_array(LiesOn::All, $places, true);
    }

    /** With a rung put in before what stands there; it lies where that lies. */
    public function withInserted(int $at): self
    {
        $places = [];
        foreach ($this->places as $rung => $lies) {
            $places[$rung >= $at ? $rung + 1 : $rung] = $lies;
        }

        return new self(isset($this->places[$at]) ? $places + [$at => $this->places[$at]] : $places);
    }
}
