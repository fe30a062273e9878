<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Actions\Bench\BenchSheet;
use App\Models\MarkState;
use Core\Schedule\Drying;
use Core\Sequence\PlannedStep;
use Core\Sequence\TidyBack;
use DateTimeImmutable;

/**
 * On which figures of a sheet a step would go onto what is wet, and until when.
 *
 * @phpstan-type WetFigure array{figure_id: int, minutes: float, until: string, by: string}
 */
final readonly class SheetDrying
{
    /** @var array<int, Drying> by figure at the bench */
    private array $byFigure;

    /** @var list<PlannedStep|TidyBack> */
    private array $items;

    public function __construct(
        private BenchSheet $sheet,
        private DateTimeImmutable $now,
    ) {
        $this->items = $sheet->items();
        $type = $sheet->typeInParts();
        $byFigure = [];
        foreach ($sheet->figures as $figure) {
            $done = $figure->row->state->isAtTheBench() ? $this->doneAt($figure->row->id) : [];
            if ($done !== []) {
                $byFigure[$figure->row->id] = Drying::of($this->items, $type, $done, $sheet->mixes->drying());
            }
        }
        $this->byFigure = $byFigure;
    }

    /** @return list<WetFigure> in the order of the sheet's figures; minutes from now */
    public function under(int $item): array
    {
        $wet = [];
        foreach ($this->byFigure as $figure => $drying) {
            $found = $drying->before($item, $this->items[$item], $this->now);
            if ($found !== null) {
                $under = $this->items[$found['item']];
                $seconds = $found['until']->getTimestamp() - $this->now->getTimestamp();
                $wet[] = ['figure_id' => $figure, 'minutes' => $seconds / 60, 'until' => $found['until']->format(DATE_ATOM), 'by' => $under instanceof PlannedStep ? $under->step->name() : ''];
            }
        }

        return $wet;
    }

    /** @return array<int, DateTimeImmutable> by item */
    private function doneAt(int $figure): array
    {
        $done = [];
        foreach ($this->sheet->steps as $item => $step) {
            $mark = $this->sheet->marks[$figure][$step->key()] ?? null;
            if ($mark !== null && $mark->state === MarkState::Done && $mark->updated_at !== null) {
                $done[$item] = $mark->updated_at->toDateTimeImmutable();
            }
        }

        return $done;
    }
}
