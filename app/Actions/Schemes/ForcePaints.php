<?php

declare(strict_types=1);

namespace App\Actions\Schemes;

use App\Actions\Paints\PaintBook;
use App\Models\SchemeArea;
use Core\Scheme\Paint;

/** One list of paints over all schemes of a force, with the areas that take each. */
final readonly class ForcePaints
{
    public function __construct(private PaintBook $paints)
    {
    }

    /** @return list<array{paint: Paint, areas: list<string>}> by name */
    public function of(int $forceId): array
    {
        $areas = [];
        foreach (SchemeArea::query()->whereHas('scheme', static fn ($scheme) => $scheme->where('force_id', $forceId))->with('steps.parts')->orderBy('area')->get() as $row) {
            foreach ($row->steps as $step) {
                foreach ($step->parts as $part) {
                    $areas[$part->paint_id][$row->area] = $row->area;
                }
            }
        }
        $list = array_map(fn (int $id): array => ['paint' => $this->paints->paint($id), 'areas' => array_values($areas[$id])], array_keys($areas));
        usort($list, static fn (array $a, array $b): int => $a['paint']->name <=> $b['paint']->name);

        return $list;
    }
}
