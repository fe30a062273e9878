<?php

declare(strict_types=1);

namespace App\Actions\Repairs;

use App\Actions\Bench\BenchLock;
use App\Actions\Bench\BenchSheet;
use App\Actions\Bench\BenchSheets;
use App\Actions\Transaction;
use App\Models\Mishap;
use App\Models\MishapEnd;
use App\Models\User;
use App\Refusals\NotAllowed;

/** A mishap was mended, came off, or there was none. Who mended it painted on the figure. */
final readonly class EndMishap
{
    public function __construct(private BenchSheets $sheets)
    {
    }

    /** @throws NotAllowed if the figure is given to somebody else, or it ended otherwise already */
    public function handle(Mishap $mishap, MishapEnd $end, User $by): BenchSheet
    {
        return Transaction::run(function () use ($mishap, $end, $by): BenchSheet {
            [$figure] = BenchLock::figures([$mishap->figure_id], $by);
            $locked = Mishap::query()->lockForUpdate()->findOrFail($mishap->id);
            if ($locked->ended === null) {
                $locked->fill(['ended' => $end, 'ended_by' => $by->id, 'ended_at' => now()])->save();
            } elseif ($locked->ended !== $end) {
                throw NotAllowed::because('ended', "It was told as {$locked->ended->value} before; tell a new mishap if there is one.");
            }

            return $this->sheets->ofFigure($figure);
        });
    }
}
