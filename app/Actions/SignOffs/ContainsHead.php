<?php

declare(strict_types=1);

namespace App\Actions\SignOffs;

use App\Models\SignOff;
use Core\Record\Link;

/** Whether the chain still contains a head that was printed on a certificate, or written down elsewhere. */
final readonly class ContainsHead
{
    /** @return string|null what is wrong; null: the chain contains it, as it was sealed */
    public static function fault(int $number, string $hash): ?string
    {
        $row = SignOff::query()->where('number', $number)->first();

        return match (true) {
            $row === null => "There is no record {$number} in the chain.",
            ! hash_equals($row->hash, strtolower(trim($hash))) => "Record {$number} has another seal than this one: it is not the record that was signed.",
            ! Link::stored($row->number, $row->previous, $row->record, $row->hash)->hashIsRight() => "Record {$number} bears this seal, but what it says was altered.",
            default => null,
        };
    }
}
