<?php

declare(strict_types=1);

namespace App\Actions\Planning;

use App\Actions\Bench\BenchSheet;
use App\Actions\Composing\ComposedFigure;
use App\Models\BenchMark;
use App\Models\Job;
use App\Models\MarkState;
use Core\Plan\BenchWork;
use Core\Schedule\BatchTimes;
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
                $byPainter[$figure->row->painter_id ?? $figure->unit->painter_id ?? 0][] = $figure;
            }
        }
        if ($byPainter === []) {
            return [];
        }
        $coats = $sheet->coats();
        $planned = [];
        foreach ($byPainter as $painter => $figures) {
            $work = new BenchWork(
                "{$job->id} {$sheet->key} {$painter}", $coats, count($figures), (new BatchTimes($coats))->inTurn(count($figures)),
                self::laid($sheet, $coats->all, $figures), $job->due?->setTime(0, 0),
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

    /** The tier of its figures. */
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
     * @return array<int, list<DateTimeImmutable>> by coat, from when it is dry on those that have it; who has most comes first
     */
    private static function laid(BenchSheet $sheet, array $coats, array $figures): array
    {
        $marks = array_map(static fn (ComposedFigure $figure): array => $sheet->marks[$figure->row->id] ?? [], $figures);
        usort($marks, static fn (array $one, array $other): int => count($other) <=> count($one));
        $laid = [];
        foreach ($coats as $place => $coat) {
            $step = $sheet->steps[$coat->item];
            foreach ($marks as $ofFigure) {
                if (isset($ofFigure[$step->key()])) {
                    $laid[$place][] = self::dryFrom($ofFigure[$step->key()], $step->planned instanceof TidyBack ? 0.0 : $coat->dry);
                }
            }
        }

        return $laid;
    }

    private static function dryFrom(BenchMark $mark, float $minutes): DateTimeImmutable
    {
        $seconds = $mark->state === MarkState::Done ? (int) ceil($minutes * 60) : 0;

        return ($mark->created_at ?? now())->toDateTimeImmutable()->modify("+{$seconds} seconds");
    }
}
