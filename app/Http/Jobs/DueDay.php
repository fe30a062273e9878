<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Models\User;

/** The day a job is due: none that is over where the studio is, unless that is what was agreed already. */
final readonly class DueDay
{
    public const OVER = 'This day is over; choose today or a later one, or leave it open.';

    /**
     * @param  mixed  $person who asks; nobody does where only the shape of what may be asked is wanted
     * @param  string|null  $kept as it is due now, YYYY-MM-DD
     * @return list<string> rules
     */
    public static function rules(mixed $person, ?string $given, ?string $kept = null): array
    {
        $rules = ['bail', 'nullable', 'date_format:Y-m-d', 'before:2100-01-01'];

        return $given !== null && $given === $kept ? $rules : [...$rules, 'after_or_equal:'.now($person instanceof User ? $person->studio->time_zone : null)->toDateString()];
    }
}
