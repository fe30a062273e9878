<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;

/**
 * What was found when a chain was read again, whole or from where it was read last; it is read in steps.
 *
 * @property int $id
 * @property int $studio_id
 * @property int $records that the chain has as far as it was read
 * @property int $after last record that it went on from; 0: it was read from the first
 * @property int $through last record that was read
 * @property string $head hash of that record; empty: nobody wrote it down
 * @property bool $finished
 * @property list<string> $faults sentences; none: the chain holds
 * @property CarbonImmutable $verified_at
 */
final class ChainVerification extends StudioRow
{
    /** Minutes after which one that got no further goes on no more. */
    private const STOPPED = 15;

    protected $table = 'chain_verifications';

    public $timestamps = false;

    protected $casts = ['faults' => 'array', 'verified_at' => 'immutable_datetime', 'finished' => 'boolean'];

    /** What was found last; null: the chain was never read to its end. */
    public static function last(): ?self
    {
        return self::query()->where('finished', true)->orderByDesc('verified_at')->orderByDesc('id')->first();
    }

    /** One that is being read; null: none is. Who was stopped in the middle is taken up by another soon, or never. */
    public static function going(): ?self
    {
        return self::query()->where('finished', false)->where('verified_at', '>', CarbonImmutable::now()->subMinutes(self::STOPPED))->orderByDesc('verified_at')->orderByDesc('id')->first();
    }

    /** When all of it was read from the first record on for the last time. */
    public static function lastWhole(): ?self
    {
        return self::query()->where('finished', true)->where('after', 0)->orderByDesc('verified_at')->orderByDesc('id')->first();
    }

    public function holds(): bool
    {
        return $this->faults === [];
    }
}
