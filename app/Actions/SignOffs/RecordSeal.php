<?php

declare(strict_types=1);

namespace App\Actions\SignOffs;

/** What the signature of a record is made over. */
final readonly class RecordSeal
{
    public static function message(int $studio, int $number, string $hash): string
    {
        return "ordotype-record\n{$studio}\n{$number}\n{$hash}";
    }
}
