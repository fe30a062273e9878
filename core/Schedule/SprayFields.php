<?php

declare(strict_types=1);

namespace Core\Schedule;

use Core\Composition\FigureType;
use Core\Composition\Neighbours;
use Core\Composition\TypeArea;
use Core\Sequence\PlannedStep;
use Core\Sequence\Step;
use Core\Sequence\TidyBack;

/**
 * Which lay-ins of a sheet could be sprayed, and what that would take. Small fields are not: an airbrush hits what is round
 * them. A neighbour is masked if it has paint by then, or if what is laid on it later lets its ground through; bare ones that
 * are covered later are left open. A field that waits for no other paint is laid first of all colours, where that saves masks.
 * Of a field of which nobody said what borders on it nothing can be told. Common practice, no source.
 */
final readonly class SprayFields
{
    private Neighbours $neighbours;

    public function __construct(
        private FigureType $type,
        private SprayTimes $times,
    ) {
        $this->neighbours = new Neighbours($type);
    }

    /**
     * @param  list<LaidLine>  $lines of a sheet, in order
     * @return list<SprayField> in order
     */
    public function along(array $lines): array
    {
        $fields = [];
        foreach (self::runs($lines) as $at => $run) {
            $areas = array_values(array_unique(array_map(static fn (LaidLine $line): string => self::step($line)->area->area->id, $run)));
            if ($this->areLarge($areas) && $this->areKnown($areas)) {
                $here = $this->masked($areas, $lines, $at);
                $masked = self::mayBeFirst($run) ? $this->masked($areas, $lines, 0) : $here;
                $figures = max(array_map(static fn (LaidLine $line): int => $line->figures, $run));
                $byBrush = array_sum(array_map(static fn (LaidLine $line): float => $line->minutes, $run));
                $fields[] = new SprayField($areas, $at, $run[0]->paint, $masked !== $here, $masked, $figures, $byBrush, $this->times);
            }
        }

        return $fields;
    }

    /** @param  list<string>  $areas */
    private function areLarge(array $areas): bool
    {
        return array_sum(array_map(fn (string $area): float => $this->type->area($area)->area->share ?? 0.0, $areas)) >= $this->times->field - 1e-9;
    }

    /** @param  list<string>  $areas */
    private function areKnown(array $areas): bool
    {
        return array_filter($areas, fn (string $area): bool => $this->neighbours->of($area) === []) === [];
    }

    /**
     * Whether nothing but ground and cleaning has to come before it.
     *
     * @param  non-empty-list<LaidLine>  $run
     */
    private static function mayBeFirst(array $run): bool
    {
        foreach ($run as $line) {
            foreach ($line->item instanceof PlannedStep ? $line->item->after : [] as $after) {
                if ($after->step->isPaint()) {
                    return false;
                }
            }
        }

        return true;
    }

    /**
     * @param  list<LaidLine>  $lines
     * @return array<int, non-empty-list<LaidLine>> fields of one paint laid in one after another, by the line where they begin
     */
    private static function runs(array $lines): array
    {
        $runs = [];
        $from = null;
        foreach ($lines as $at => $line) {
            if (! self::isByBrush($line->item)) {
                $from = null;

                continue;
            }
            $from = $from !== null && $line->paint !== '' && $lines[$from]->paint === $line->paint ? $from : $at;
            $runs[$from][] = $line;
        }

        return $runs;
    }

    /** Whether it covers a whole field, and is not sprayed as it is. */
    private static function isByBrush(PlannedStep|TidyBack $item): bool
    {
        if ($item instanceof TidyBack || $item->step->isOfWhole() || ! $item->step->coversAll() || $item->wetInto !== null) {
            return false;
        }
        $how = "{$item->step->technique->name} {$item->step->technique->handling->tool}";

        return preg_match('/\b(?:airbrush|spray)/iu', $how) === 0 || preg_match('/\bbrush/iu', $how) === 1;
    }

    /**
     * @param  list<string>  $areas
     * @param  list<LaidLine>  $lines
     * @return list<string>
     */
    private function masked(array $areas, array $lines, int $at): array
    {
        $masked = [];
        foreach ($areas as $area) {
            foreach (array_diff($this->neighbours->of($area), $areas) as $other) {
                $known = $this->type->area($other);
                if ($known !== null && $known->part === $this->type->area($area)?->part && self::mustBeMasked($known, $lines, $at)) {
                    $masked[$other] = true;
                }
            }
        }

        return array_map(strval(...), array_keys($masked));
    }

    /** @param  list<LaidLine>  $lines */
    private static function mustBeMasked(TypeArea $area, array $lines, int $at): bool
    {
        foreach ($lines as $place => $line) {
            $step = $line->item instanceof PlannedStep ? $line->item->step : null;
            if ($step !== null && $step->isPaint() && ! $step->technique->look && $step->liesOn($area)) {
                return $place < $at || ! $step->coversAll();
            }
        }

        // What stays in the colour round it is left open.
        return false;
    }

    private static function step(LaidLine $line): Step
    {
        return $line->item instanceof PlannedStep ? $line->item->step : throw new \LogicException('What is tidied back is not laid in.');
    }
}
