<?php

declare(strict_types=1);

namespace App\Actions\Schemes;

use App\Actions\Transaction;
use App\Models\Force;
use App\Models\Scheme;
use App\Models\SchemeArea;
use App\Refusals\NotRight;

/** Begins a scheme: the common one of a force first, then others that differ from it; empty, or as a copy of another. */
final readonly class BeginScheme
{
    /** What holds for all areas, and goes with a copy. */
    private const HEAD = [
        'ground_paint_id', 'sketch_paint_id', 'sketch_cover', 'light_paint_id', 'light_own', 'light_parts', 'light_reach', 'last_light', 'light_from', 'one_colour',
    ];

    private const AREA = ['area', 'figure_type', 'takes_shared_light', 'turn', 'quiet', 'note', 'same_as', 'surface', 'position'];

    public function __construct(
        private SchemeBook $book,
        private WriteLadder $write,
    ) {
    }

    /**
     * @param  Scheme|null  $like whose colours it begins with; null: none
     *
     * @throws NotRight if the force has one of this name
     */
    public function handle(string $force, string $name, ?Scheme $like = null): Scheme
    {
        return Transaction::run(function () use ($force, $name, $like): Scheme {
            $row = Force::query()->firstOrCreate(['name' => $force]);
            Force::query()->whereKey($row->id)->lockForUpdate()->firstOrFail();
            if (Scheme::query()->where('force_id', $row->id)->where('name', $name)->exists()) {
                throw NotRight::at('/name', 'scheme-exists', "\"{$force}\" has a scheme \"{$name}\" already; give this one another name.");
            }
            $common = Scheme::query()->where('force_id', $row->id)->whereNull('common_id')->first();
            $head = $like ?? $common;
            $scheme = Scheme::query()->create([
                'force_id' => $row->id, 'name' => $name, 'common_id' => $common?->id,
                ...($head === null ? [] : array_intersect_key($head->getAttributes(), array_flip(self::HEAD))),
                ...($like === null ? [] : ['focal' => $like->focal, 'accents' => $like->accents, 'note' => $like->note]),
            ])->refresh();
            if ($like !== null) {
                $this->copy($like, $scheme);
            }
            $this->book->forget();

            return $scheme;
        });
    }

    /** What the common scheme of its own force says is not said again. */
    private function copy(Scheme $like, Scheme $scheme): void
    {
        foreach ($this->areas($like) as ['scheme' => $of, 'row' => $row, 'ladder' => $ladder]) {
            if ($of->id === $scheme->common_id) {
                continue;
            }
            $copy = SchemeArea::query()->create(['scheme_id' => $scheme->id, ...array_intersect_key($row->getAttributes(), array_flip(self::AREA))])->refresh();
            $this->write->handle($copy, $ladder);
        }
    }

    /** @return list<array{scheme: Scheme, row: SchemeArea, ladder: \Core\Scheme\AreaLadder}> of a scheme and of the common one where it does not differ from that */
    private function areas(Scheme $like): array
    {
        $areas = [];
        foreach ($this->book->of($like)->all() as $area) {
            $place = json_encode([$area['row']->area, $area['row']->figure_type], JSON_THROW_ON_ERROR);
            if (! isset($areas[$place]) || $area['scheme']->id === $like->id) {
                $areas[$place] = $area;
            }
        }

        return array_values($areas);
    }
}
