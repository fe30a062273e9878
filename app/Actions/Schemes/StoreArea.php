<?php

declare(strict_types=1);

namespace App\Actions\Schemes;

use App\Actions\Paints\PaintBook;
use App\Actions\Transaction;
use App\Actions\Versioned;
use App\Models\CurrentStudio;
use App\Models\Scheme;
use App\Models\SchemeArea;
use App\Models\SchemeStep;
use App\Models\SchemeStepPart;
use App\Refusals\NotRight;
use App\Refusals\Stale;
use Core\Scheme\AreaLadder;
use Core\Scheme\Recipe;

/** Writes the colours of an area down, whole. */
final readonly class StoreArea
{
    public function __construct(
        private CurrentStudio $studio,
        private PaintBook $paints,
        private DraftReader $drafts,
        private SchemeBook $book,
    ) {
    }

    /** @throws NotRight if the scheme has the area already for these figures, or something in it cannot be read */
    public function create(Scheme $scheme, AreaDraft $draft): SchemeArea
    {
        $ladder = $this->drafts->read($draft);

        return Transaction::run(function () use ($scheme, $draft, $ladder): SchemeArea {
            Scheme::query()->whereKey($scheme->id)->lockForUpdate()->firstOrFail();
            if (SchemeArea::query()->where(['scheme_id' => $scheme->id, 'area' => $draft->area, 'figure_type' => $draft->figureType])->exists()) {
                throw NotRight::at('/area', 'area-exists', "\"{$draft->area}\" has its colours in this scheme already; open it there, or say for which figures these differ.");
            }
            $row = SchemeArea::query()->create([
                'scheme_id' => $scheme->id, 'area' => $draft->area, 'figure_type' => $draft->figureType,
                'position' => SchemeArea::query()->where('scheme_id', $scheme->id)->count() + 1, ...self::members($draft),
            ]);
            $this->steps($row, $ladder);

            return $row;
        });
    }

    /** @throws Stale|NotRight */
    public function replace(SchemeArea $row, AreaDraft $draft, int $versionRead): SchemeArea
    {
        $ladder = $this->drafts->read($draft);

        return Transaction::run(function () use ($row, $draft, $ladder, $versionRead): SchemeArea {
            $now = Versioned::lock($row, $versionRead, "the colours of \"{$row->area}\"");
            $now->fill(self::members($draft))->save();
            $this->rewrite($now, $ladder);

            return $now;
        });
    }

    /** Called within a transaction, on a row that is locked. */
    public function rewrite(SchemeArea $row, AreaLadder $ladder): void
    {
        $old = SchemeStep::query()->where('scheme_area_id', $row->id)->pluck('id');
        SchemeStepPart::query()->whereIn('scheme_step_id', $old)->delete();
        SchemeStep::query()->whereKey($old)->delete();
        $this->steps($row, $ladder);
    }

    /** @throws Stale */
    public function remove(SchemeArea $row, int $versionRead): void
    {
        Transaction::run(function () use ($row, $versionRead): void {
            $now = Versioned::lock($row, $versionRead, "the colours of \"{$row->area}\"");
            $this->rewrite($now, new AreaLadder($row->area, []));
            $now->delete();
        });
        $this->book->forget();
    }

    /** @return array<string, mixed> */
    private static function members(AreaDraft $draft): array
    {
        return ['takes_shared_light' => $draft->takesSharedLight, 'turn' => $draft->turn, 'quiet' => $draft->quiet, 'note' => $draft->note];
    }

    private function steps(SchemeArea $row, AreaLadder $ladder): void
    {
        $position = 0;
        foreach ($ladder->rungs as $rung) {
            $this->step($row, ['role' => $rung->role->value, 'use' => '', 'use_step' => 1, 'cover' => $rung->cover, 'coats' => $rung->coats], $rung->recipe, $position++);
        }
        foreach ($ladder->uses as $use) {
            $this->step($row, ['role' => SchemeStep::OF_A_USE, 'use' => $use->use, 'use_step' => $use->step, 'cover' => 1, 'coats' => 1], $use->recipe, $position++);
        }
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
