<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Actions\Bench\BenchSheet;
use App\Actions\Bench\Clock;
use App\Actions\Composing\ComposedFigure;
use App\Models\User;
use App\Models\WorkedTime;
use Core\Check\WhatItAdds;
use Core\Standard\Severity;

/**
 * The clock at the bench, what it said of a sheet, and, once the minutes allowed are used, what is left by what it adds.
 *
 * @phpstan-import-type BenchClock_ from ClockResource
 *
 * @phpstan-type WorkedEntry array{
 *   id: int,
 *   title: string,
 *   figures: list<int>,
 *   minutes: float|null,
 *   allowed: float,
 *   by: string,
 *   at: string|null,
 *   may_correct: bool,
 *   version: int,
 * }
 * @phpstan-type SheetWorked_ array{
 *   minutes: float,
 *   allowed: float,
 *   unknown: int,
 *   entries: list<WorkedEntry>,
 * }
 * @phpstan-type LeftLine array{
 *   number: int,
 *   title: string,
 *   severity: value-of<Severity>|null,
 *   focal: bool,
 *   minutes: float,
 *   figures: int,
 * }
 */
final readonly class SheetWorked
{
    public function __construct(
        private BenchSheet $sheet,
        private User $user,
    ) {
    }

    /** @return array{clock: BenchClock_|null, worked: SheetWorked_, enough: list<LeftLine>} */
    public function toArray(): array
    {
        $times = Clock::workedOn($this->sheet);
        $worked = array_sum(array_map(static fn (WorkedTime $time): float => $time->minutes ?? 0.0, $times));
        $allowed = $this->sheet->minutes();

        return [
            'clock' => ClockResource::of($this->user),
            'worked' => [
                'minutes' => $worked,
                'allowed' => $allowed,
                'unknown' => count(array_filter($times, static fn (WorkedTime $time): bool => $time->minutes === null)),
                'entries' => array_map($this->entry(...), $times),
            ],
            'enough' => $worked > 0 && $worked >= $allowed ? $this->left() : [],
        ];
    }

    /** @return WorkedEntry */
    private function entry(WorkedTime $time): array
    {
        $technique = $time->technique;
        $name = $this->sheet->standard->hasTechnique($technique) ? $this->sheet->standard->technique($technique)->name : 'Tidy back';

        return [
            'id' => $time->id, 'title' => "{$name}, {$time->area}",
            'figures' => array_values(array_map(fn (int $id): int => $this->sheet->of($id)->row->number, array_filter($time->figures, $this->sheet->has(...)))),
            'minutes' => $time->minutes, 'allowed' => $time->allowed, 'by' => $time->user->name, 'at' => $time->created_at?->toIso8601ZuluString(),
            'may_correct' => $time->user_id === $this->user->id || $this->user->isLead(), 'version' => $time->version,
        ];
    }

    /** @return list<LeftLine> what adds most first; minutes on all figures on which it is open */
    private function left(): array
    {
        $left = [];
        foreach ($this->sheet->steps as $step) {
            $open = $this->sheet->openOn($step);
            if ($open !== [] && ! $step->isLook()) {
                $minutes = array_sum(array_map(fn (ComposedFigure $figure): float => $this->sheet->minutesOn($step, $figure->id), $open));
                $adds = WhatItAdds::of($open[0]->composition, $step->area, $step->use, $open[0]->type->area($step->area)->focal ?? false, $minutes);
                $left[] = ['adds' => $adds, 'line' => ['number' => $step->number, 'title' => $step->inWords(), 'severity' => $adds->severity?->value, 'focal' => $adds->focal, 'minutes' => $minutes, 'figures' => count($open)]];
            }
        }
        usort($left, static fn (array $one, array $other): int => $one['adds']->compare($other['adds']));

        return array_column($left, 'line');
    }
}
