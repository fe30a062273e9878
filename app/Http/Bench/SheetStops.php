<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Actions\Bench\BenchSheet;
use Core\Composition\StoppingPlaces;
use Core\Sequence\PlannedStep;
use Core\Sequence\Stop;
use Core\Sequence\Stops;
use Core\Sequence\TidyBack;

/**
 * After which step which figures of a sheet are complete at a lower tier, and could be closed and shipped.
 *
 * @phpstan-type SheetStop array{
 *   number: int,
 *   tier: string,
 *   figures: list<int>,
 *   still: list<string>,
 *   minutes: float,
 * }
 */
final readonly class SheetStops
{
    public function __construct(private BenchSheet $sheet)
    {
    }

    /** @return list<SheetStop> the first first; minutes on one figure */
    public function toArray(): array
    {
        $stops = [];
        foreach ($this->sheet->alike as $who => $alike) {
            $items = $this->sheet->itemsOf($who);
            $lines = array_keys($items);
            foreach (Stops::along(array_values($items), (new StoppingPlaces($this->sheet->standard))->of($alike->first()->figure)) as $stop) {
                $stops[] = $this->stop($stop, $this->sheet->steps[$lines[$stop->item]]->number, $alike->ids());
            }
        }
        usort($stops, static fn (array $one, array $other): int => $one['number'] <=> $other['number']);

        return $stops;
    }

    /**
     * @param  list<int>  $figures
     * @return SheetStop
     */
    private function stop(Stop $stop, int $number, array $figures): array
    {
        return [
            'number' => $number,
            'tier' => $this->sheet->standard->tier($stop->tier)->name,
            'figures' => $figures,
            'still' => array_map(static fn (PlannedStep|TidyBack $item): string => $item instanceof TidyBack ? "tidy {$item->area->area->id}" : mb_strtolower($item->step->technique->name), $stop->still),
            'minutes' => $stop->minutes,
        ];
    }
}
