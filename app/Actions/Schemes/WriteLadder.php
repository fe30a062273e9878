<?php

declare(strict_types=1);

namespace App\Actions\Schemes;

use App\Actions\Paints\PaintBook;
use App\Models\CurrentStudio;
use App\Models\SchemeArea;
use App\Models\SchemeStep;
use App\Models\SchemeStepPart;
use Core\Scheme\AreaLadder;
use Core\Scheme\Recipe;

/** Writes a ladder into its row, in place of what stood there. Called within a transaction. */
final readonly class WriteLadder
{
    public function __construct(
        private CurrentStudio $studio,
        private PaintBook $paints,
        private SchemeBook $book,
    ) {
    }

    public function handle(SchemeArea $row, AreaLadder $ladder): void
    {
        $this->clear($row);
        $row->fill(['takes_shared_light' => $ladder->takesSharedLight, 'turn' => $ladder->turn->value, 'quiet' => $ladder->isQuiet])->save();
        $position = 0;
        foreach ($ladder->rungs as $rung) {
            $this->step($row, ['role' => $rung->role->value, 'use' => '', 'use_step' => 1, 'cover' => $rung->cover, 'coats' => $rung->coats], $rung->recipe, $position++);
        }
        foreach ($ladder->uses as $use) {
            $this->step($row, ['role' => SchemeStep::OF_A_USE, 'use' => $use->use, 'use_step' => $use->step, 'cover' => 1, 'coats' => 1], $use->recipe, $position++);
        }
        $this->book->forget();
    }

    public function clear(SchemeArea $row): void
    {
        $old = SchemeStep::query()->where('scheme_area_id', $row->id)->pluck('id');
        SchemeStepPart::query()->whereIn('scheme_step_id', $old)->delete();
        SchemeStep::query()->whereKey($old)->delete();
        $this->book->forget();
    }

    /** @param  array<string, mixed>  $members */
    private function step(SchemeArea $row, array $members, Recipe $recipe, int $position): void
    {
        $step = SchemeStep::query()->create(['scheme_area_id' => $row->id, ...$members, 'water' => $recipe->water, 'position' => $position]);
        SchemeStepPart::query()->insert(array_map(
            fn (array $part): array => ['studio_id' => $this->studio->id(), 'scheme_step_id' => $step->id, ...$part],
            $this->paints->rows($recipe),
        ));
    }
}
