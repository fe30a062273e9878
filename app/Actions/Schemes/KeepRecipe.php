<?php

declare(strict_types=1);

namespace App\Actions\Schemes;

use App\Actions\Paints\PaintBook;
use App\Actions\Transaction;
use App\Models\FigureType;
use App\Models\Job;
use App\Models\JobMix;
use App\Models\JobMixPart;
use App\Models\SchemeNote;
use App\Models\Unit;
use App\Models\User;
use App\Refusals\NotRight;
use Core\Scheme\AreaLadder;
use Core\Scheme\UseRecipe;

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
    public function handle(Job $job, FigureType $type, string $area, string $use, int $step, User $by): void
    {
        Transaction::run(function () use ($job, $type, $area, $use, $step, $by): void {
            $mix = JobMix::query()->where(['job_id' => $job->id, 'area' => $area, 'use' => $use, 'step' => $step])
                ->where(static fn ($query) => $query->whereNull('figure_type_id')->orWhere('figure_type_id', $type->id))
                ->orderByRaw('figure_type_id IS NULL')->lockForUpdate()->with('parts')->first()
                ?? throw NotRight::at('/use', 'nothing-mixed', 'Nothing of its own was written down for this step; change its mix first.');
            $scheme = $this->book->ofForce($job->force_id, Unit::query()->where('job_id', $job->id)->where('figure_type_id', $type->id)->first()?->scheme_id)
                ?? throw NotRight::at('/use', 'no-scheme', 'This force has no scheme to keep it in; begin one in Schemes.');
            $found = $scheme->find($type->key, $area)
                ?? throw NotRight::at('/area', 'no-ladder', "The scheme says nothing of \"{$area}\" yet; add its colours there first.");
            $recipe = $this->paints->stored($mix->parts, $mix->water);
            $found['row']->increment('version');
            $this->store->rewrite($found['row'], self::with($this->book->ladder($found['row']), new UseRecipe($use, $step, $recipe)));
            SchemeNote::query()->create([
                'scheme_id' => $found['scheme']->id, 'user_id' => $by->id, 'kind' => SchemeNote::KEPT, 'area' => $area,
                'text' => "{$use}, step {$step}: {$recipe->text()}, as mixed for {$job->name}.",
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
