<?php

declare(strict_types=1);

namespace Core\Sequence;

/**
 * Minutes of tidying that no order can spare from here on: an area that will surely be soiled once more, by a step that
 * is still to come when it has its paint, is tidied at the least that it then takes.
 */
final readonly class TidyBound
{
    /** @var array<int, list<array{int, int, int, int}>> by track: each step that soils it as its track, its place there, from how many steps on, how many must come before it */
    private array $by;

    /** @var array<int, list<float>> by track: the least minutes from so many steps on */
    private array $least;

    public function __construct(Tracks $tracks)
    {
        $by = [];
        foreach ($tracks->soils as $step => $soiled) {
            foreach ($soiled as $track => $from) {
                $by[$track][] = [$tracks->of[$step], $tracks->place[$step], $from, $tracks->needs[$step][$track] ?? 0];
            }
        }
        // The more must come before it, the more is there to be tidied: the first that will soil it decides.
        $this->by = array_map(static function (array $soilers): array {
            usort($soilers, static fn (array $a, array $b): int => $b[3] <=> $a[3]);

            return $soilers;
        }, $by);
        $this->least = array_map(self::fromEachOn(...), $tracks->minutes);
    }

    public function of(LaidSoFar $laid): float
    {
        $minutes = 0.0;
        foreach ($this->by as $track => $soilers) {
            $count = $laid->counts[$track];
            foreach ($soilers as [$other, $place, $from, $before]) {
                $then = max($count, $before);
                if ($laid->counts[$other] <= $place && $then >= $from && ($then > $count || ! isset($laid->soiled[$track]))) {
                    $minutes += $this->least[$track][$then];
                    break;
                }
            }
        }

        return $minutes;
    }

    /**
     * @param  list<float>  $minutes
     * @return list<float>
     */
    private static function fromEachOn(array $minutes): array
    {
        $least = [];
        $from = INF;
        foreach (array_reverse($minutes) as $one) {
            $from = min($from, $one);
            $least[] = $from;
        }

        return array_reverse($least);
    }
}
