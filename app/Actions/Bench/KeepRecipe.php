<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Actions\Paints\PaintBook;
use App\Actions\Schemes\SchemeBook;
use App\Actions\Schemes\StoreArea;
use App\Actions\Transaction;
use App\Models\JobMix;
use App\Models\JobMixPart;
use App\Models\SchemeNote;
use App\Models\User;
use App\Refusals\NotRight;
use Core\Scheme\AreaLadder;
use Core\Scheme\UseRecipe;
use Illuminate\Support\Arr;

/**
 * Keeps what was really mixed at the bench as the recipe of the scheme, with who and when. It is kept with
 * the use that it was mixed for, so that other uses of the same ladder stay as they are.
 */
final readonly class KeepRecipe
{
    public function __construct(
        private SchemeBook $book,
        private StoreArea $store,
        private PaintBook $paints,
    ) {
    }

    /** @throws NotRight if nothing was mixed there, or the force has no scheme that says anything of the area */
    public function handle(MixedStep $step, User $by): void
    {
        Transaction::run(function () use ($step, $by): void {
            $mix = JobMix::query()->where(Arr::except($step->columns(), 'figure_type_id'))
                ->where(static fn ($query) => $query->whereNull('figure_type_id')->orWhere('figure_type_id', $step->type?->id))
                ->orderByRaw('figure_type_id IS NULL')->lockForUpdate()->with('parts')->first()
                ?? throw NotRight::at('/use', 'nothing-mixed', 'Nothing of its own was written down for this step; change its mix first.');
            $scheme = $this->book->ofForce($step->job->force_id, $step->scheme)
                ?? throw NotRight::at('/use', 'no-scheme', 'This force has no scheme to keep it in; begin one in Schemes.');
            $found = $scheme->find($step->type->key ?? '', $step->area)
                ?? throw NotRight::at('/area', 'no-ladder', "The scheme says nothing of \"{$step->area}\" yet; add its colours there first.");
            $recipe = $this->paints->stored($mix->parts, $mix->water);
            $found['row']->increment('version');
            $this->store->rewrite($found['row'], self::with($this->book->ladder($found['row']), new UseRecipe($step->use, $step->step, $recipe)));
            SchemeNote::query()->create([
                'scheme_id' => $found['scheme']->id, 'user_id' => $by->id, 'kind' => SchemeNote::KEPT, 'area' => $step->area,
                'text' => "{$step->use}, step {$step->step}: {$recipe->text()}, as mixed for {$step->job->name}.",
            ]);
            JobMixPart::query()->where('job_mix_id', $mix->id)->delete();
            $mix->delete();
        });
    }

    private static function with(AreaLadder $ladder, UseRecipe $kept): AreaLadder
    {
        $others = array_filter($ladder->uses, static fn (UseRecipe $one): bool => $one->use !== $kept->use || $one->step !== $kept->step);

        return $ladder->withUses([...array_values($others), $kept]);
    }
}
