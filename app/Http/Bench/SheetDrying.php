<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Actions\Bench\BenchSheet;
use App\Models\MarkState;
use Carbon\CarbonImmutable;
use Core\Schedule\Drying;
use Core\Sequence\PlannedStep;
use Core\Sequence\TidyBack;
use DateTimeImmutable;

/**
 * On which figures of a sheet a line would go onto what is wet, and until when.
 *
 * @phpstan-type WetFigure array{figure_id: int, minutes: float, until: string, by: string}
 */
final readonly class SheetDrying
{
    /** @var array<int, array{drying: Drying, who: int}> by figure at the bench */
    private array $byFigure;

    /** @var list<list<PlannedStep|TidyBack>> by those that share the sheet, their own steps in order */
    private array $items;

    /** @var list<array<int, int>> by those that share the sheet and by line, which of their own steps it is */
    private array $places;

    public function __construct(
        private BenchSheet $sheet,
        private DateTimeImmutable $now,
    ) {
        $items = $places = $byFigure = $known = [];
        foreach ($sheet->alike as $who => $alike) {
            $own = $sheet->itemsOf($who);
            $items[] = array_values($own);
            $places[] = array_flip(array_keys($own));
            foreach ($alike->figures as $figure) {
                $done = $figure->row->state->isAtTheBench() ? $this->doneAt($figure->id, $places[$who]) : [];
                if ($done !== []) {
                    // What is marked on a batch at once dries at once.
                    $like = "{$who} ".serialize($done);
                    $known[$like] ??= Drying::of($items[$who], $sheet->typeInParts(), array_map(static fn (string $at): DateTimeImmutable => new CarbonImmutable($at), $done), $alike->mixes->drying());
                    $byFigure[$figure->id] = ['drying' => $known[$like], 'who' => $who];
                }
            }
        }
        $this->items = $items;
        $this->places = $places;
        $this->byFigure = $byFigure;
    }

    /** @return list<WetFigure> those that have it, in the order of the sheet; minutes from now */
    public function under(int $line): array
    {
        $wet = $known = [];
        foreach ($this->byFigure === [] ? [] : $this->sheet->figures as $figure) {
            ['drying' => $drying, 'who' => $who] = $this->byFigure[$figure->id] ?? ['drying' => null, 'who' => 0];
            $item = $this->places[$who][$line] ?? null;
            if ($drying === null || $item === null) {
                continue;
            }
            $like = spl_object_id($drying);
            $found = array_key_exists($like, $known) ? $known[$like] : $known[$like] = $drying->before($item, $this->items[$who][$item], $this->now);
            if ($found !== null) {
                $under = $this->items[$who][$found['item']];
                $seconds = $found['until']->getTimestamp() - $this->now->getTimestamp();
                $wet[] = ['figure_id' => $figure->id, 'minutes' => $seconds / 60, 'until' => $found['until']->format(DATE_ATOM), 'by' => $under instanceof PlannedStep ? $under->step->name() : ''];
            }
        }

        return $wet;
    }

    /**
     * @param  array<int, int>  $places by line, which of the figure's steps it is
     * @return array<int, string> by step of the figure, when it was marked
     */
    private function doneAt(int $figure, array $places): array
    {
        $done = [];
        foreach ($places as $line => $item) {
            $mark = $this->sheet->mark($this->sheet->steps[$line], $figure);
            if ($mark?->state === MarkState::Done && $mark->at !== null) {
                $done[$item] = $mark->at;
            }
        }

        return $done;
    }
}
