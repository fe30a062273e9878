<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\SignOff;

/**
 * @phpstan-type SignOffRow array{id: int, number: int, job_id: int, job: string, unit: string, figure: int, signed_by: string, signed_at: string, hash: string}
 */
final readonly class SignOffsResource extends Resource
{
    /** @param  list<SignOff>  $signOffs */
    public function __construct(private array $signOffs)
    {
    }

    /** @return list<SignOffRow> */
    public function toArray(): array
    {
        return array_map(self::row(...), $this->signOffs);
    }

    /** @return SignOffRow */
    public static function row(SignOff $signOff): array
    {
        $unit = $signOff->figure->unit;

        return [
            'id' => $signOff->id, 'number' => $signOff->number, 'job_id' => $unit->job_id, 'job' => $unit->job->name, 'unit' => $unit->name,
            'figure' => $signOff->figure->number, 'signed_by' => $signOff->signer->name, 'signed_at' => $signOff->signed_at->toIso8601ZuluString(), 'hash' => $signOff->hash,
        ];
    }
}
