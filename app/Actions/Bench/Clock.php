<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Actions\Transaction;
use App\Models\BenchClock;
use App\Models\Unit;
use App\Models\User;
use App\Models\WorkedTime;
use App\Refusals\NotAllowed;
use App\Refusals\Stale;
use Core\Plan\ClockReading;

/** The clock of somebody at the bench: begun, read with every step that is marked as done, stopped; and what it said, corrected. */
final readonly class Clock
{
    /** The one that somebody has running. */
    public static function running(User $person): ?BenchClock
    {
        return BenchClock::query()->where('user_id', $person->id)->first();
    }

    /** @return list<WorkedTime> what was worked on figures of a sheet, the first first */
    public static function workedOn(BenchSheet $sheet): array
    {
        $times = WorkedTime::query()->where('unit_id', $sheet->first()->unit->id)->with('user')->orderBy('id')->get()->all();

        return array_values(array_filter($times, static fn (WorkedTime $time): bool => array_filter($time->figures, $sheet->has(...)) !== []));
    }

    /** Begins it on a unit; one that runs elsewhere ends there unread. */
    public function start(Unit $unit, User $person): void
    {
        Transaction::run(static function () use ($unit, $person): void {
            User::query()->lockForUpdate()->findOrFail($person->id);
            BenchClock::query()->where('user_id', $person->id)->delete();
            BenchClock::query()->create(['user_id' => $person->id, 'unit_id' => $unit->id, 'read_at' => now()]);
        });
    }

    /** Ends it; what was done since it was last read is not known to be work. */
    public function stop(User $person): void
    {
        Transaction::run(static function () use ($person): void {
            User::query()->lockForUpdate()->findOrFail($person->id);
            BenchClock::query()->where('user_id', $person->id)->delete();
        });
    }

    /**
     * Reads it for a step that is done on some figures: within the transaction that marks it.
     *
     * @param  non-empty-list<int>  $figures ids
     */
    public static function read(User $person, int $unitId, BenchSheet $sheet, SheetStep $step, array $figures): void
    {
        $clock = BenchClock::query()->where('user_id', $person->id)->where('unit_id', $unitId)->lockForUpdate()->first();
        if ($clock === null) {
            return;
        }
        $reading = new ClockReading($clock->read_at, now()->toDateTimeImmutable());
        $allowed = array_sum(array_map(static fn (int $figure): float => $sheet->minutesOn($step, $figure), $figures));
        $last = $reading->isOfSamePress() ? WorkedTime::query()->where('user_id', $person->id)->where('unit_id', $unitId)->latest('id')->first() : null;
        $isOfGo = $last !== null && $last->use === $step->use && $last->technique === $step->technique && $sheet->areInOneGo(explode(', ', $last->area)[0], $step);
        if ($last !== null && $isOfGo) {
            $last->update(['area' => "{$last->area}, {$step->area}", 'allowed' => $last->allowed + $allowed]);
        } else {
            WorkedTime::query()->create([
                'user_id' => $person->id, 'unit_id' => $unitId, 'area' => $step->area, 'use' => $step->use, 'technique' => $step->technique,
                'figures' => $figures, 'minutes' => $reading->minutes(), 'allowed' => $allowed, 'version' => 1,
            ]);
        }
        $clock->update(['read_at' => now()]);
    }

    /**
     * @param  float|null  $minutes null: nobody knows
     *
     * @throws NotAllowed if it is somebody else's
     * @throws Stale if it was corrected meanwhile
     */
    public function correct(WorkedTime $time, ?float $minutes, int $versionRead, User $by): WorkedTime
    {
        return Transaction::run(static function () use ($time, $minutes, $versionRead, $by): WorkedTime {
            $locked = WorkedTime::query()->lockForUpdate()->findOrFail($time->id);
            if ($locked->user_id !== $by->id && ! $by->isLead()) {
                throw NotAllowed::because('not-your-time', 'Everybody corrects own minutes; those of others the lead.');
            }
            if ($locked->version !== $versionRead) {
                throw Stale::row('these minutes', ['id' => $locked->id, 'version' => $locked->version, 'minutes' => $locked->minutes]);
            }
            $locked->update(['minutes' => $minutes, 'version' => $locked->version + 1]);

            return $locked;
        });
    }
}
