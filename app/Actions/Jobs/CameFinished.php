<?php

declare(strict_types=1);

namespace App\Actions\Jobs;

use App\Actions\BackToPainting;
use App\Actions\Transaction;
use App\Actions\Versioned;
use App\Actions\WorkedOn;
use App\Models\Figure;
use App\Models\Unit;
use App\Refusals\NotAllowed;

/**
 * Says of figures that they came finished, painted by somebody else: they stand in their unit, are judged at their tier, and
 * have nothing to be painted.
 */
final readonly class CameFinished
{
    public function __construct(private BackToPainting $backToPainting)
    {
    }

    /**
     * @param  non-empty-list<int>  $ids
     * @param  bool  $finished false takes it back: they are painted here
     *
     * @throws NotAllowed if one was painted here, comes back from a record of ours, or is signed
     */
    public function handle(Unit $unit, array $ids, bool $finished, int $versionRead): Unit
    {
        return Transaction::run(function () use ($unit, $ids, $finished, $versionRead): Unit {
            $locked = Versioned::lock($unit, $versionRead, "the unit {$unit->name}");
            $figures = Figure::query()->where('unit_id', $locked->id)->orderBy('id')->lockForUpdate()->findOrFail($ids);
            AssignUnit::requireUnsigned($figures->all());
            if ($finished) {
                WorkedOn::requireNothingOn($figures->where('elsewhere', false), $locked->name);
                $back = $figures->first(static fn (Figure $figure): bool => $figure->raises_id !== null);
                if ($back !== null) {
                    throw NotAllowed::because('comes-back', "Figure {$back->number} was signed here and comes back; its record says what is on it.");
                }
            }
            $changed = $figures->where('elsewhere', ! $finished)->modelKeys();
            Figure::query()->whereKey($figures->modelKeys())->increment('version', 1, ['elsewhere' => $finished]);
            $locked->save();
            $this->backToPainting->handle(Figure::query()->findMany($changed));

            return $locked;
        });
    }
}
