<?php

declare(strict_types=1);

namespace App\Http\Records;

use App\Actions\SignOffs\SignedWeek;
use App\Http\Shared\Resource;

/**
 * @phpstan-type SignedWeek_ array{
 *   from: string,
 *   first: int,
 *   mended: int,
 *   conceded: int,
 * }
 */
final readonly class SignedWeeksResource extends Resource
{
    /** @param  list<SignedWeek>  $weeks */
    public function __construct(private array $weeks)
    {
    }

    /** @return list<SignedWeek_> */
    public function toArray(): array
    {
        return array_map(static fn (SignedWeek $week): array => ['from' => $week->from->toDateString(), 'first' => $week->first, 'mended' => $week->mended, 'conceded' => $week->conceded], $this->weeks);
    }
}
