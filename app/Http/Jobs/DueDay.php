<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Models\User;
use Closure;
use Illuminate\Contracts\Validation\ValidationRule;

/** The day a job is due: none that is over where the studio is, unless that is what was agreed already. */
final readonly class DueDay implements ValidationRule
{
    /** @param  string|null  $kept as it is due now, YYYY-MM-DD */
    private function __construct(private string $today, private ?string $kept)
    {
    }

    /**
     * @param  mixed  $person who asks; nobody does where only the shape of what may be asked is wanted
     * @param  string|null  $kept as it is due now, YYYY-MM-DD
     * @return list<string|self>
     */
    public static function rules(mixed $person, ?string $kept = null): array
    {
        $today = now($person instanceof User ? $person->studio->time_zone : null)->toDateString();

        return ['bail', 'nullable', 'date_format:Y-m-d', 'before:2100-01-01', new self($today, $kept)];
    }

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        if ($value !== $this->kept && is_string($value) && $value < $this->today) {
            $fail('This day is over; choose today or a later one, or leave it open.');
        }
    }
}
