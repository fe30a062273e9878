<?php

declare(strict_types=1);

namespace App\Actions\Checks;

use App\Actions\Composing\JobFigures;
use App\Actions\Composing\JobStandards;
use App\Actions\Transaction;
use App\Models\Check;
use App\Models\Figure;
use App\Models\RoundState;
use App\Models\User;
use App\Refusals\NotAllowed;
use Core\Plan\FigureState;

/** Opens the check of a figure, or goes on with the one that is open. */
final readonly class OpenCheck
{
    public function __construct(
        private JobFigures $figures,
        private JobStandards $standards,
        private CarryStanding $carrying,
    ) {
    }

    public function handle(Figure $figure, User $by): Check
    {
        return Transaction::run(function () use ($figure, $by): Check {
            $locked = Figure::query()->lockForUpdate()->findOrFail($figure->id);
            MayCheck::require($by, $locked);
            $open = Check::query()->where('figure_id', $locked->id)->where('state', RoundState::Open)->first();
            if ($open !== null) {
                return $open;
            }
            if ($locked->state === FigureState::Signed) {
                throw NotAllowed::because('signed', "Figure {$locked->number} is signed off; its record stands under Records.");
            }
            if ($locked->state !== FigureState::ToCheck) {
                throw NotAllowed::because('not-to-check', "Figure {$locked->number} is not handed over to be checked.");
            }
            $composed = $this->figures->ofFigure($locked);
            MayCheck::requireTier($by, $this->standards->of($composed->unit->job)->tier($composed->figure->tier));
            $signature = $composed->signature();
            $last = Check::query()->where('figure_id', $locked->id)->orderByDesc('round')->first();
            $check = Check::query()->create([
                'figure_id' => $locked->id,
                'round' => ($last->round ?? 0) + 1,
                'signature' => $signature,
                'opened_by' => $by->id,
            ])->refresh();
            if ($last !== null && $last->state === RoundState::Refused && $last->signature === $signature) {
                $this->carrying->handle($last, $check, $by);
            }

            return $check;
        });
    }
}
