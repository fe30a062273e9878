<?php

declare(strict_types=1);

namespace App\Actions\Planning;

use App\Actions\Bench\BenchSheet;
use App\Actions\Bench\KeptTimes;
use App\Actions\Composing\ComposedFigure;
use App\Actions\Composing\StoredMark;
use App\Models\Job;
use App\Models\MarkState;
use Core\Plan\BenchWork;
use Core\Schedule\Coat;
use Core\Sequence\TidyBack;
use DateTimeImmutable;

/** What one painter, or nobody yet, has left to lay on figures of one sheet. */
final readonly class PlannedSheet
{
    /** @param  int|null  $painterId null: given to nobody */
    private function __construct(
        public Job $job,
        public BenchSheet $sheet,
        public ?int $painterId,
        public BenchWork $work,
    ) {
    }

    /** @return list<self> one for each painter of its figures that are at the bench; what is laid on all of them is left out */
    public static function allOf(Job $job, BenchSheet $sheet): array
    {
        $byPainter = [];
        foreach ($sheet->figures as $figure) {
            if ($figure->row->state->isAtTheBench()) {
                $byPainter[$figure->painterId() ?? 0][] = $figure;
            }
        }
        if ($byPainter === []) {
            return [];
        }
        $planned = [];
        foreach ($byPainter as $painter => $figures) {
            // Who has most comes first, so that nobody waits for one that is behind.
            usort($figures, static fn (ComposedFigure $one, ComposedFigure $other): int => count($sheet->marks[$other->id] ?? []) <=> count($sheet->marks[$one->id] ?? []));
            $shared = $sheet->coats($figures);
            $work = new BenchWork(
                "{$job->id} {$sheet->key} {$painter}", $shared->coats, $shared->figures, KeptTimes::inTurn($shared),
                self::laid($sheet, $shared->coats->all, $figures), $job->due?->setTime(0, 0), $shared->lacking,
            );
            if ($work->minutes > 0) {
                $planned[] = new self($job, $sheet, $painter === 0 ? null : $painter, $work);
            }
        }

        return $planned;
    }

    /** @param  list<self>  $sheets */
    public static function minutesOf(array $sheets): float
    {
        return array_sum(array_map(static fn (self $sheet): float => $sheet->work->minutes, $sheets));
    }

    /** The tier of most of its figures. */
    public function tier(): string
    {
        return $this->sheet->first()->figure->tier;
    }

    /** The same work with somebody else. */
    public function by(int $painterId): self
    {
        return new self($this->job, $this->sheet, $painterId, $this->work);
    }

    /**
     * @param  list<Coat>  $coats
     * @param  list<ComposedFigure>  $figures
     * @return array<int, array<int, DateTimeImmutable>> by coat and place of a figure that has it, from when it is dry there
     */
    private static function laid(BenchSheet $sheet, array $coats, array $figures): array
    {
        $laid = [];
        foreach ($coats as $place => $coat) {
            $step = $sheet->steps[$coat->item];
            foreach ($figures as $at => $figure) {
                $mark = $sheet->mark($step, $figure->id);
                if ($mark?->state->settles() === true) {
                    $laid[$place][$at] = self::dryFrom($mark, $step->planned instanceof TidyBack ? 0.0 : $coat->dry);
                }
            }
        }

        return $laid;
    }

    private static function dryFrom(StoredMark $mark, float $minutes): DateTimeImmutable
    {
        $seconds = $mark->state === MarkState::Done ? (int) ceil($minutes * 60) : 0;

        return ($mark->at() ?? now())->toDateTimeImmutable()->modify("+{$seconds} seconds");
    }
}
