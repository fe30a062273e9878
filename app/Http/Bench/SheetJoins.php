<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Actions\Bench\BenchSheet;
use Core\Sequence\Join;
use Core\Sequence\Joins;

/**
 * After which step parts that are painted apart are joined, on which figures, and what is looked at then.
 *
 * @phpstan-type SheetJoin array{
 *   number: int,
 *   part: string,
 *   to: string,
 *   figures: list<int>,
 *   contacts: list<array{area: string, other: string}>,
 * }
 */
final readonly class SheetJoins
{
    public function __construct(private BenchSheet $sheet)
    {
    }

    /** @return list<SheetJoin> the first first */
    public function toArray(): array
    {
        $type = $this->sheet->typeInParts();
        $joins = [];
        foreach ($this->sheet->alike as $who => $alike) {
            $items = $this->sheet->itemsOf($who);
            $lines = array_keys($items);
            foreach (Joins::along(array_values($items), $type) as $join) {
                $number = $this->sheet->steps[$lines[$join->item] ?? 0]->number ?? 1;
                $key = "{$number} {$join->part}";
                $joins[$key] ??= $this->join($join, $number);
                $joins[$key]['figures'] = [...$joins[$key]['figures'], ...$alike->ids()];
            }
        }
        usort($joins, static fn (array $one, array $other): int => $one['number'] <=> $other['number']);

        return $joins;
    }

    /** @return SheetJoin */
    private function join(Join $join, int $number): array
    {
        return ['number' => $number, 'part' => $join->part, 'to' => $join->to, 'figures' => [], 'contacts' => $join->contacts];
    }
}
