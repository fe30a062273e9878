<?php

declare(strict_types=1);

namespace Core\Mapping;

/** The edges between places of different areas, joined to closed lines that have their area on the right. */
final readonly class LabelEdges
{
    /** @var array<int, array<int, list<int>>> where an edge leads, by number of the area, then by the corner that it begins at */
    private array $from;

    /** @var int corners along a row */
    private int $across;

    public function __construct(private LabelGrid $grid)
    {
        $this->across = $grid->width + 1;
        $from = [];
        for ($y = 0; $y <= $grid->height; $y++) {
            [$above, $row] = [$grid->row($y - 1), $grid->row($y)];
            $differ = $above ^ $row;
            for ($x = strspn($differ, "\0"); $x < $grid->width; $x += 1 + strspn($differ, "\0", $x + 1)) {
                $corner = $y * $this->across + $x;
                $from[ord($row[$x])][$corner][] = $corner + 1;
                $from[ord($above[$x])][$corner + 1][] = $corner;
            }
            [$left, $right] = ["\0{$row}", "{$row}\0"];
            $differ = $left ^ $right;
            for ($x = strspn($differ, "\0"); $x <= $grid->width; $x += 1 + strspn($differ, "\0", $x + 1)) {
                $corner = $y * $this->across + $x;
                $from[ord($right[$x])][$corner + $this->across][] = $corner;
                $from[ord($left[$x])][$corner][] = $corner + $this->across;
            }
        }
        $this->from = $from;
    }

    /** @return array{int, int} from the left and from above, in places */
    public function corner(int $corner): array
    {
        return [$corner % $this->across, intdiv($corner, $this->across)];
    }

    /** Whether more than two of what lies around it meet at a corner; nothing laid out counts as one. */
    public function isJunction(int $corner): bool
    {
        [$x, $y] = $this->corner($corner);
        $around = [$this->grid->at($x - 1, $y - 1), $this->grid->at($x, $y - 1), $this->grid->at($x - 1, $y), $this->grid->at($x, $y)];

        return count(array_unique($around)) > 2 || ($around[0] === $around[3] && $around[1] === $around[2] && $around[0] !== $around[1]);
    }

    /** @return list<non-empty-list<int>> the closed lines round an area, as corners one place after the other */
    public function rings(int $label): array
    {
        $left = $this->from[$label] ?? [];
        $rings = [];
        foreach (array_keys($left) as $start) {
            while (($left[$start] ?? []) !== []) {
                $ring = [];
                [$before, $at] = [null, $start];
                do {
                    $ring[] = $at;
                    $next = $this->onward($left[$at] ?? [], $before, $at);
                    $left[$at] = array_values(array_diff($left[$at] ?? [], [$next]));
                    [$before, $at] = [$at, $next];
                } while ($at !== $start);
                $rings[] = $ring;
            }
        }

        return $rings;
    }

    /**
     * Where two places of an area meet at a corner alone, the line goes on round the one that it came along.
     *
     * @param  list<int>  $ways
     */
    private function onward(array $ways, ?int $before, int $at): int
    {
        if (count($ways) < 2 || $before === null) {
            return $ways[0];
        }
        // A turn to the right, from above downwards: (dx, dy) becomes (-dy, dx).
        [$x, $y] = $this->corner($at);
        [$wasX, $wasY] = $this->corner($before);
        $right = ($y + $x - $wasX) * $this->across + $x - ($y - $wasY);

        return in_array($right, $ways, true) ? $right : $ways[0];
    }
}
