<?php

declare(strict_types=1);

namespace App\Http\Records;

use App\Http\Shared\PageNumbers;
use App\Http\Shared\Resource;
use App\Models\SignOff;
use Core\Check\Verdict;
use Illuminate\Contracts\Pagination\LengthAwarePaginator;

/**
 * @phpstan-type SignOffRow array{
 *   id: int,
 *   number: int,
 *   job_id: int,
 *   job: string,
 *   unit: string,
 *   figure: int,
 *   tier: string,
 *   verdict: value-of<Verdict>|null,
 *   checks: int,
 *   signed_by: string,
 *   signed_at: string,
 *   hash: string,
 * }
 * @phpstan-type SignOffPage array{rows: list<SignOffRow>, page: int, pages: int, all: int}
 */
final readonly class SignOffsResource extends Resource
{
    /** @param  LengthAwarePaginator<int, SignOff>  $records */
    public function __construct(private LengthAwarePaginator $records)
    {
    }

    /** @return SignOffPage */
    public function toArray(): array
    {
        return [
            'rows' => array_map(self::row(...), array_values($this->records->items())),
            ...PageNumbers::of($this->records),
        ];
    }

    /** @return SignOffRow */
    public static function row(SignOff $signOff): array
    {
        $unit = $signOff->figure->unit;

        return [
            'id' => $signOff->id, 'number' => $signOff->number, 'job_id' => $unit->job_id, 'job' => $unit->job->name, 'unit' => $unit->name,
            'figure' => $signOff->figure->number, 'tier' => $signOff->tier_name ?? '', 'verdict' => Verdict::tryFrom($signOff->verdict ?? '')?->value, 'checks' => $signOff->check->round,
            'signed_by' => $signOff->signer->name, 'signed_at' => $signOff->signed_at->toIso8601ZuluString(), 'hash' => $signOff->hash,
        ];
    }
}
