<?php

declare(strict_types=1);

namespace App\Actions\People;

use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** Sessions that are rows of the database. */
final readonly class SessionRows implements OpenSessions
{
    public function of(int $user): array
    {
        $sessions = [];
        foreach (DB::table('sessions')->where('user_id', $user)->get() as $row) {
            $sessions[] = new SessionSeen(
                is_string($row->id) ? $row->id : '',
                is_string($row->ip_address) ? $row->ip_address : '',
                is_string($row->user_agent) ? $row->user_agent : '',
                CarbonImmutable::createFromTimestamp(is_numeric($row->last_activity) ? (int) $row->last_activity : 0, 'UTC'),
            );
        }

        return $sessions;
    }

    public function end(int $user, string $id): bool
    {
        return DB::table('sessions')->where('user_id', $user)->where('id', $id)->delete() > 0;
    }
}
