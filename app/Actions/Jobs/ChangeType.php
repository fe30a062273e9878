<?php

declare(strict_types=1);

namespace App\Actions\Jobs;

use App\Actions\Transaction;
use App\Actions\Versioned;
use App\Actions\WorkedOn;
use App\Models\Figure;
use App\Models\Job;
use App\Models\Unit;
use App\Refusals\NotAllowed;
use App\Refusals\NotRight;

/** A unit, or some figures of it, are of another type than was taken. What was said of an area holds where the other has one of that name. */
final readonly class ChangeType
{
    public function __construct(private TypeInJob $types)
    {
    }

    /**
     * @param  non-empty-list<int>|null  $ids null: all figures of the unit
     * @param  string  $type key
     *
     * @throws NotRight if there is no such type
     * @throws NotAllowed if something was painted or judged on one of them, or it comes back to be raised
     */
    public function handle(Unit $unit, ?array $ids, string $type, int $versionRead): Unit
    {
        return Transaction::run(function () use ($unit, $ids, $type, $versionRead): Unit {
            $job = Job::query()->lockForUpdate()->findOrFail($unit->job_id);
            $locked = Versioned::lock($unit, $versionRead, "the unit {$unit->name}");
            $all = Figure::query()->where('unit_id', $locked->id)->orderBy('id')->lockForUpdate()->get();
            $figures = $ids === null ? $all : Figure::query()->where('unit_id', $locked->id)->orderBy('id')->findOrFail($ids);
            $back = $figures->firstWhere('raises_id', '<>', null);
            if ($back !== null) {
                throw NotAllowed::because('comes-back', "Figure {$back->number} was signed here and comes back; its record says of which type it is.");
            }
            WorkedOn::requireNothingOn($figures, $locked->name);
            $of = $this->types->of($type, $job) ?? throw NotRight::at('/figure_type', 'unknown-figure-type', "There is no figure type \"{$type}\"; choose one of those that are listed.");
            if ($figures->count() === $all->count()) {
                $locked->figure_type_id = $of->id;
            }
            Figure::query()->whereKey($figures->modelKeys())->increment('version', 1, ['figure_type_id' => $of->id === $locked->figure_type_id ? null : $of->id]);
            $locked->save();

            return $locked;
        });
    }
}
