<?php

declare(strict_types=1);

namespace Core\Mapping;

/**
 * How long the line is along which two areas of a picture meet, in places. What is outlined by hand leaves slivers between
 * neighbours: over a gap of so many places they meet all the same.
 */
final readonly class Contacts
{
    public function __construct(private int $gap)
    {
    }

    /** @return array<int, array<int, int>> length by the smaller number, then by the larger */
    public function in(LabelGrid $grid): array
    {
        $lengths = [];
        for ($y = 0; $y < $grid->height; $y++) {
            foreach ($this->along($grid->row($y)) as [$one, $other]) {
                $lengths[min($one, $other)][max($one, $other)] = ($lengths[min($one, $other)][max($one, $other)] ?? 0) + 1;
            }
        }
        foreach ($this->down($grid) as [$one, $other]) {
            $lengths[min($one, $other)][max($one, $other)] = ($lengths[min($one, $other)][max($one, $other)] ?? 0) + 1;
        }

        return $lengths;
    }

    /** @return iterable<array{int, int}> who meets whom in a row */
    private function along(string $row): iterable
    {
        $last = $gap = 0;
        for ($at = 0, $end = strlen($row); $at < $end; $at += $length) {
            $length = strspn($row, $row[$at], $at);
            $label = ord($row[$at]);
            if ($label === 0) {
                $gap = $length;

                continue;
            }
            if ($last !== 0 && $last !== $label && $gap <= $this->gap) {
                yield [$last, $label];
            }
            [$last, $gap] = [$label, 0];
        }
    }

    /** @return iterable<array{int, int}> who meets whom from one row to a lower one; only where rows differ something ends or begins */
    private function down(LabelGrid $grid): iterable
    {
        $ended = [];
        $above = $grid->row(-1);
        for ($y = 0; $y < $grid->height; $y++) {
            $row = $grid->row($y);
            $differ = $above ^ $row;
            for ($x = strspn($differ, "\0"); $x < $grid->width; $x += 1 + strspn($differ, "\0", $x + 1)) {
                [$was, $is] = [ord($above[$x]), ord($row[$x])];
                if ($was !== 0) {
                    $ended[$x] = [$was, $y];
                }
                [$last, $at] = $ended[$x] ?? [0, 0];
                if ($is !== 0 && $last !== 0 && $last !== $is && $y - $at <= $this->gap) {
                    yield [$last, $is];
                }
            }
            $above = $row;
        }
    }
}
