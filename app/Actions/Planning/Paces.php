<?php

declare(strict_types=1);

namespace App\Actions\Planning;

use App\Models\WorkedTime;
use Core\Plan\Pace;

/** How long people take for what is allowed, technique by technique, from what was worked. */
final readonly class Paces
{
    /** What is further back says little of a painter today. */
    private const LATEST = 4000;

    /** @param  array<int, array<array-key, Pace>>  $paces by person and technique */
    private function __construct(private array $paces)
    {
    }

    /** @param  list<int>  $people ids */
    public static function of(array $people): self
    {
        $observed = [];
        foreach (WorkedTime::query()->whereIn('user_id', $people)->whereNotNull('minutes')->orderByDesc('id')->limit(self::LATEST)->toBase()->get(['user_id', 'technique', 'minutes', 'allowed']) as $row) {
            /** @var object{user_id: int, technique: string, minutes: float, allowed: float} $row */
            $observed[(int) $row->user_id][$row->technique][] = [(float) $row->minutes, (float) $row->allowed];
        }

        return new self(array_map(static fn (array $ofPerson): array => array_map(Pace::of(...), $ofPerson), $observed));
    }

    /** Whether anything of what somebody worked says how long they take. */
    public function knows(int $person): bool
    {
        return isset($this->paces[$person]);
    }

    public function factor(int $person, string $technique): float
    {
        return ($this->paces[$person][$technique] ?? null)->factor ?? 1.0;
    }
}
