<?php

declare(strict_types=1);

namespace Core\Mapping;

/** A picture in which each place holds the number of an area instead of a colour; 0 where there is none. */
final readonly class LabelGrid
{
    /** Places along a side: fewer show nothing, more are finer than a hand outlines. */
    public const LEAST_SIDE = 8;

    public const LARGEST_SIDE = 1024;

    /** A place is a byte, and 0 is no area. */
    public const MOST_LABELS = 255;

    /** @param  non-empty-list<string>  $rows from above, a byte a place */
    private function __construct(
        public int $width,
        public int $height,
        private array $rows,
    ) {
    }

    /**
     * @param  list<int>  $runs row by row, going on from row to row: the number of an area, how many places, the next number …
     * @param  string  $at pointer to the map, whose members are `width` and `runs`
     *
     * @throws NotAMap if they do not fill the picture once
     */
    public static function fromRuns(int $width, int $height, array $runs, string $at = ''): self
    {
        self::requireSize($width, $height, $at);
        if (count($runs) % 2 !== 0) {
            throw NotAMap::run("{$at}/runs/".(count($runs) - 1));
        }
        $told = 0;
        $places = '';
        for ($i = 0, $end = count($runs); $i < $end; $i += 2) {
            [$label, $length] = [$runs[$i], $runs[$i + 1]];
            if ($label < 0 || $label > self::MOST_LABELS || $length < 1) {
                throw NotAMap::run("{$at}/runs/{$i}");
            }
            $told += $length;
            if ($told > $width * $height) {
                throw NotAMap::notWhole($told, $width * $height, "{$at}/runs/{$i}");
            }
            $places .= str_repeat(chr($label), $length);
        }
        if ($told !== $width * $height) {
            throw NotAMap::notWhole($told, $width * $height, "{$at}/runs");
        }

        return self::ofRows(str_split($places, max(1, $width)));
    }

    /**
     * @param  list<string>  $rows from above, all of one length, a byte a place
     *
     * @throws NotAMap if they are no picture
     */
    public static function ofRows(array $rows): self
    {
        $width = strlen($rows[0] ?? '');
        self::requireSize($width, count($rows), '');
        foreach ($rows as $row) {
            if (strlen($row) !== $width) {
                throw NotAMap::notWhole(strlen(implode('', $rows)), $width * count($rows), '');
            }
        }
        assert($rows !== []);

        return new self($width, count($rows), $rows);
    }

    /**
     * The same picture with other numbers.
     *
     * @param  array<int, int>  $numbers new by old, each 0 to {@see MOST_LABELS}; one that is not named becomes nothing
     */
    public function renumbered(array $numbers): self
    {
        $from = $to = '';
        for ($label = 1; $label <= self::MOST_LABELS; $label++) {
            $from .= chr($label);
            $to .= chr($numbers[$label] ?? 0);
        }

        return new self($this->width, $this->height, array_map(static fn (string $row): string => strtr($row, $from, $to), $this->rows));
    }

    /** @return list<int> as {@see fromRuns()} takes them */
    public function runs(): array
    {
        $places = implode('', $this->rows);
        $runs = [];
        for ($at = 0, $end = strlen($places); $at < $end; $at += $length) {
            $length = strspn($places, $places[$at], $at);
            $runs[] = ord($places[$at]);
            $runs[] = $length;
        }

        return $runs;
    }

    /** @return string a byte a place; outside the picture nothing is laid out */
    public function row(int $y): string
    {
        return $this->rows[$y] ?? str_repeat("\0", $this->width);
    }

    /** @return int the number of the area at a place, 0: none there, or outside the picture */
    public function at(int $x, int $y): int
    {
        return $x >= 0 && $x < $this->width ? ord($this->row($y)[$x]) : 0;
    }

    /** @return array<int, int> places by number of an area, those without any left out */
    public function counts(): array
    {
        $counts = [];
        foreach ($this->rows as $row) {
            foreach (count_chars($row, 1) as $label => $places) {
                $counts[$label] = ($counts[$label] ?? 0) + $places;
            }
        }
        unset($counts[0]);
        ksort($counts);

        return $counts;
    }

    /** @return array{left: int, top: int, width: int, height: int}|null what the areas fill, in places; null: none is laid out */
    public function box(): ?array
    {
        $left = $this->width;
        $right = $top = $bottom = -1;
        foreach ($this->rows as $y => $row) {
            $first = strspn($row, "\0");
            if ($first === $this->width) {
                continue;
            }
            $left = min($left, $first);
            $right = max($right, $this->width - 1 - strspn(strrev($row), "\0"));
            $top = $top === -1 ? $y : $top;
            $bottom = $y;
        }

        return $top === -1 ? null : ['left' => $left, 'top' => $top, 'width' => $right - $left + 1, 'height' => $bottom - $top + 1];
    }

    private static function requireSize(int $width, int $height, string $at): void
    {
        if (min($width, $height) < self::LEAST_SIDE || max($width, $height) > self::LARGEST_SIDE) {
            throw NotAMap::size($width, $height, self::LEAST_SIDE, self::LARGEST_SIDE, "{$at}/width");
        }
    }
}
