<?php

declare(strict_types=1);

namespace App\Models;

use Core\Plan\BenchHours;
use Core\Plan\DaysAway;
use Core\Plan\Pause;
use DateTimeImmutable;

/**
 * When somebody sits at the bench.
 *
 * @property int $id
 * @property int $studio_id
 * @property int $user_id
 * @property int $begins minutes after midnight
 * @property int|null $break_at minutes after midnight; null: there is no break
 * @property int|null $break_minutes
 * @property list<int|float> $minutes by day of the week, Monday first
 * @property list<array{first: string, last: string, because: string}> $away
 * @property int $version
 */
final class HoursRow extends VersionedRow
{
    protected $table = 'bench_hours';

    protected $casts = ['minutes' => 'array', 'away' => 'array'];

    public function hours(): BenchHours
    {
        $days = array_map(static fn (array $away): DaysAway => new DaysAway(new DateTimeImmutable($away['first']), new DateTimeImmutable($away['last'])), $this->away);

        return new BenchHours(array_combine(range(1, 7), array_map(floatval(...), $this->minutes)), $this->begins, $days, $this->break_at === null || $this->break_minutes === null ? null : new Pause($this->break_at, $this->break_minutes));
    }
}
