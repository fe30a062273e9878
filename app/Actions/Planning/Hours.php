<?php

declare(strict_types=1);

namespace App\Actions\Planning;

use App\Actions\Transaction;
use App\Models\HoursRow;
use App\Models\User;
use App\Refusals\NotRight;
use App\Refusals\Stale;
use Core\CoreException;
use Core\Plan\DaysAway;
use Core\Plan\Pause;
use DateTimeImmutable;

/** Writes down when somebody sits at the bench. */
final readonly class Hours
{
    /**
     * @param  list<float>  $minutes by day of the week, Monday first
     * @param  list<array{first: string, last: string, because: string}>  $away days as YYYY-MM-DD
     * @param  int  $versionRead 0 where none were written down
     *
     * @throws NotRight if a day has no such hours
     */
    public function write(User $person, int $begins, ?Pause $pause, array $minutes, array $away, int $versionRead): void
    {
        Transaction::run(static function () use ($person, $begins, $pause, $minutes, $away, $versionRead): void {
            // The person is locked, so that two who write the first hours come one after the other.
            User::query()->lockForUpdate()->findOrFail($person->id);
            $row = HoursRow::query()->where('user_id', $person->id)->lockForUpdate()->first() ?? (new HoursRow)->forceFill(['user_id' => $person->id, 'version' => 0]);
            if ($row->version !== $versionRead) {
                throw Stale::row("the hours of {$person->name}", ['id' => $person->id, 'version' => $row->version]);
            }
            foreach ($away as $i => ['first' => $first, 'last' => $last]) {
                self::read(static fn () => new DaysAway(new DateTimeImmutable($first), new DateTimeImmutable($last)), "/away/{$i}");
            }
            $row->fill(['begins' => $begins, 'break_at' => $pause?->at, 'break_minutes' => $pause?->minutes, 'minutes' => $minutes, 'away' => $away, 'version' => $row->version + 1]);
            self::read($row->hours(...), '');
            $row->save();
        });
    }

    /**
     * @param  callable(): mixed  $read
     * @param  string  $at where it stands in what was sent
     */
    private static function read(callable $read, string $at): void
    {
        try {
            $read();
        } catch (CoreException $refusal) {
            throw NotRight::core($refusal, $at.$refusal->pointer());
        }
    }
}
