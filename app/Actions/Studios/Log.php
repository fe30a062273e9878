<?php

declare(strict_types=1);

namespace App\Actions\Studios;

use App\Models\LogEntry;
use App\Models\LogKind;
use App\Models\User;
use Illuminate\Support\Facades\DB;

/** Writes down what matters, for the lead to read. */
final readonly class Log
{
    /** Of somebody, in their studio. */
    public static function of(User $user, LogKind $kind, string $about = ''): void
    {
        // Sign-ins happen before a studio is entered, so the row is written with that of the person.
        DB::table((new LogEntry)->getTable())->insert(['studio_id' => $user->studio_id, 'user_id' => $user->id, 'kind' => $kind->value, 'about' => mb_strimwidth($about, 0, 500, '…'), 'at' => now()]);
    }
}
