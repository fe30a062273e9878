<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Actions\Bench\Clock;
use App\Http\Shared\Resource;
use App\Models\Unit;
use App\Models\User;

/**
 * The clock that somebody has running at the bench. Minutes since it was begun or last read, by the studio's own clock.
 *
 * @phpstan-type BenchClock_ array{unit_id: int, unit: string, minutes: float}
 * @phpstan-type ClockAnswer array{clock: BenchClock_|null}
 */
final readonly class ClockResource extends Resource
{
    public function __construct(private User $user)
    {
    }

    /** @return ClockAnswer */
    public function toArray(): array
    {
        return ['clock' => self::of($this->user)];
    }

    /** @return BenchClock_|null */
    public static function of(User $user): ?array
    {
        $clock = Clock::running($user);

        return $clock === null ? null : ['unit_id' => $clock->unit_id, 'unit' => Unit::query()->findOrFail($clock->unit_id)->name, 'minutes' => max(0.0, $clock->read_at->diffInSeconds(now()) / 60)];
    }
}
