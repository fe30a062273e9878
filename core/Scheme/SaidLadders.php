<?php

declare(strict_types=1);

namespace Core\Scheme;

use Core\Composition\FigureType;
use Core\Standard\Standard;

/**
 * All that a scheme and the common one of its force say, in layers: what a scheme that differs says comes before
 * what the common one says, and within each what is said of one figure type before what is said of any. A ladder
 * is written whole. Seen where something else lies under it than where it was written (the same company on a
 * type that differs, an area that shall be as another on a company that painted that one otherwise), it keeps
 * what it says itself and goes with the rest.
 */
final readonly class SaidLadders
{
    private const OF_COMMON = 0;

    private const OF_SCHEME = 2;

    private const OF_TYPE = 1;

    /** @var array<string, list<SaidLadder>> by area */
    private array $said;

    private self $common;

    /**
     * @param  list<SaidLadder>  $said
     * @param  int  $scheme whose layers are in front
     * @param  int|null  $common the one that it differs from; null: it is the common one itself
     */
    public function __construct(array $said, private int $scheme, ?int $common)
    {
        $areas = [];
        foreach ($said as $one) {
            if (in_array($one->scheme, [$scheme, $common], true)) {
                $areas[$one->ladder->area][] = $one;
            }
        }
        $this->said = $areas;
        $this->common = $common === null ? $this : new self($said, $common, null);
    }

    /** What holds for an area of a figure type; null where nothing is said of it. */
    public function find(string $type, string $area): ?SaidLadder
    {
        return $this->within($type, $area, []);
    }

    /**
     * What a ladder differs from: the colours of the area that it shall be the same as, else the layer under it.
     *
     * @param  string  $seenOn figure type that it is looked at on, where it is said of any
     */
    public function beneath(SaidLadder $one, string $seenOn = ''): ?SaidLadder
    {
        return $this->under($one, $one->type !== '' ? $one->type : $seenOn, []);
    }

    /** A figure type as it is painted: an area is what the foremost layer says that it is. */
    public function on(FigureType $type, string $key, Standard $standard): FigureType
    {
        $surfaces = [];
        foreach ($type->areas as $area) {
            $surface = $this->surface($key, $area->area->id);
            // A job may be pinned to a standard that has not this surface yet.
            if ($surface !== '' && $standard->hasSurface($surface)) {
                $surfaces[$area->area->id] = $surface;
            }
        }

        return $type->withSurfaces($surfaces);
    }

    /** Whether taking the colours of another area would lead back to this one. */
    public function leadsBack(string $area, string $sameAs, string $type): bool
    {
        $seen = [];
        while ($sameAs !== '' && ! isset($seen[$sameAs])) {
            if ($sameAs === $area) {
                return true;
            }
            $seen[$sameAs] = true;
            $sameAs = $this->front($type, $sameAs, INF)->sameAs ?? '';
        }

        return false;
    }

    /** @param  list<string>  $trail areas that were asked on the way here, each to be the same as the next */
    private function within(string $type, string $area, array $trail): ?SaidLadder
    {
        $front = $this->front($type, $area, INF);

        return $front === null || in_array($area, $trail, true) ? $front : $this->seen($front, $type, [...$trail, $area]);
    }

    /** @param  list<string>  $trail */
    private function under(SaidLadder $one, string $type, array $trail): ?SaidLadder
    {
        if ($one->sameAs !== '') {
            $same = $this->within($type, $one->sameAs, $trail);

            return $same?->with($same->ladder->named($one->ladder->area));
        }
        $under = $this->front($type, $one->ladder->area, $this->rank($one));

        return $under === null ? null : $this->seen($under, $type, $trail);
    }

    /** @param  list<string>  $trail */
    private function seen(SaidLadder $one, string $type, array $trail): SaidLadder
    {
        $isOfCommon = $one->scheme !== $this->scheme;
        if ($one->type === $type && ! $isOfCommon) {
            return $one;
        }
        $was = ($isOfCommon ? $this->common : $this)->under($one, $one->type, $trail)?->ladder;
        $now = $this->under($one, $type, $trail)?->ladder;

        return $was === null || $now === null || $was->equals($now) ? $one : $one->with((new LadderMerge($was, $now))->over($one->ladder));
    }

    /** The foremost layer behind a rank, as it is written. */
    private function front(string $type, string $area, float $behind): ?SaidLadder
    {
        $front = null;
        foreach ($this->said[$area] ?? [] as $one) {
            $rank = $this->rank($one);
            if ($rank < $behind && in_array($one->type, ['', $type], true) && ($front === null || $rank > $this->rank($front))) {
                $front = $one;
            }
        }

        return $front;
    }

    private function surface(string $type, string $area): string
    {
        $surface = '';
        $behind = INF;
        while ($surface === '' && ($front = $this->front($type, $area, $behind)) !== null) {
            [$surface, $behind] = [$front->surface, (float) $this->rank($front)];
        }

        return $surface;
    }

    private function rank(SaidLadder $one): int
    {
        return ($one->scheme === $this->scheme ? self::OF_SCHEME : self::OF_COMMON) + ($one->type === '' ? 0 : self::OF_TYPE);
    }
}
