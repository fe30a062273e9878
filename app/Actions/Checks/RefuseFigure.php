<?php

declare(strict_types=1);

namespace App\Actions\Checks;

use App\Actions\NotAllowed;
use App\Actions\Versioned;
use App\Models\Check;
use App\Models\Figure;
use App\Models\FigureState;
use App\Models\User;
use Core\Check\Verdict;
use Illuminate\Support\Facades\DB;

/** Sends a figure back to its painter with its faults. */
final readonly class RefuseFigure
{
    public function __construct(private ReadCheck $reading)
    {
    }

    public function handle(Check $check, int $versionRead, User $by): Check
    {
        return DB::transaction(function () use ($check, $versionRead, $by): Check {
            $locked = Versioned::lock($check, $versionRead, 'this check');
            $figure = Figure::query()->lockForUpdate()->findOrFail($locked->figure_id);
            MayCheck::require($by, $figure);
            if ($locked->state !== 'open') {
                throw NotAllowed::checkClosed();
            }
            if ($this->reading->handle($locked)->judgement->verdict !== Verdict::Rework) {
                throw NotAllowed::because('nothing-to-rework', 'The faults of this figure are within the limits of its tier; there is nothing to send it back for.');
            }
            $locked->setRelations([]);
            $locked->fill(['state' => 'refused', 'closed_at' => now()])->save();
            $figure->fill(['state' => FigureState::Refused, 'version' => $figure->version + 1])->save();

            return $locked;
        });
    }
}
