<?php

declare(strict_types=1);

namespace Core\Schedule;

use Core\Composition\FigureType;
use Core\Sequence\PlannedStep;
use Core\Sequence\TidyBack;
use DateTimeImmutable;

/**
 * What is wet on one figure, from when its steps were marked as done. Who marks a batch when the last figure is done has first
 * ones that are drier than this says: it says by when all is dry, not since when.
 */
final readonly class Drying
{
    /** @param  array<array-key, array{until: DateTimeImmutable, item: int}>  $wet by area: until when nothing may touch it, and by which item of the sheet */
    private function __construct(
        private array $wet,
        private FigureType $type,
    ) {
    }

    /**
     * @param  list<PlannedStep|TidyBack>  $items of a sheet, in order
     * @param  array<int, DateTimeImmutable>  $doneAt by item, when it was marked
     * @param  float  $share of the standard's drying times that passes in this studio
     */
    public static function of(array $items, FigureType $type, array $doneAt, float $share): self
    {
        $wet = [];
        foreach ($doneAt as $item => $at) {
            $planned = $items[$item];
            $seconds = $planned instanceof TidyBack ? 0 : (int) ceil($planned->step->technique->dryMinutes * $share * 60);
            $until = $at->modify("+{$seconds} seconds");
            foreach ($seconds === 0 ? [] : $planned->areasIn($type) as $area) {
                if (! isset($wet[$area]) || $until > $wet[$area]['until']) {
                    $wet[$area] = ['until' => $until, 'item' => $item];
                }
            }
        }

        return new self($wet, $type);
    }

    /**
     * What an item of the sheet waits for; what it is laid into while it is wet, it does not wait for.
     *
     * @return array{until: DateTimeImmutable, item: int}|null null where all that it touches is dry
     */
    public function before(int $item, PlannedStep|TidyBack $planned, DateTimeImmutable $now): ?array
    {
        $latest = null;
        foreach ($planned->areasIn($this->type) as $area) {
            $wet = $this->wet[$area] ?? null;
            $isMeant = $wet !== null && $planned instanceof PlannedStep && $planned->wetInto !== null && $wet['item'] === $item - 1;
            if ($wet !== null && ! $isMeant && $wet['until'] > $now && ($latest === null || $wet['until'] > $latest['until'])) {
                $latest = $wet;
            }
        }

        return $latest;
    }
}
