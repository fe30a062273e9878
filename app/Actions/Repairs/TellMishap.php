<?php

declare(strict_types=1);

namespace App\Actions\Repairs;

use App\Actions\Bench\BenchLock;
use App\Actions\Bench\BenchSheet;
use App\Actions\Bench\BenchSheets;
use App\Actions\Transaction;
use App\Models\Figure;
use App\Models\Mishap;
use App\Models\MishapEnd;
use App\Models\User;
use App\Refusals\NotAllowed;
use App\Refusals\NotRight;

/** Something went wrong on a figure at the bench: it waits to be mended, or came off while it was fresh. */
final readonly class TellMishap
{
    public function __construct(
        private BenchSheets $sheets,
        private RepairMishap $repairs,
    ) {
    }

    /**
     * @throws NotAllowed if the figure is given to somebody else, or was handed over
     * @throws NotRight if it lies where nothing is painted yet
     */
    public function handle(Figure $figure, ToldMishap $told, User $by): BenchSheet
    {
        return Transaction::run(function () use ($figure, $told, $by): BenchSheet {
            [$locked] = BenchLock::figures([$figure->id], $by);
            if (! $locked->state->isAtTheBench()) {
                throw NotAllowed::because('not-at-the-bench', "Figure {$locked->number} was handed over; what is wrong with it is told in its check.");
            }
            $sheet = $this->sheets->ofFigure($locked);
            if ($told->requestKey !== null && Mishap::query()->where('figure_id', $locked->id)->where('request_key', $told->requestKey)->exists()) {
                return $sheet;
            }
            $repair = $this->repairs->handle($sheet, $locked, $told->area, $told->kind, $told->layer, $told->share);
            Mishap::query()->create([
                'figure_id' => $locked->id, 'area' => $told->area, 'kind' => $told->kind, 'layer' => $repair->in, 'share' => $told->share, 'note' => $told->note,
                'request_key' => $told->requestKey, 'user_id' => $by->id,
                ...$told->lifted ? ['ended' => MishapEnd::Lifted, 'ended_by' => $by->id, 'ended_at' => now()] : [],
            ]);

            return $this->sheets->ofFigure($locked);
        });
    }
}
