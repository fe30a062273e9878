<?php

declare(strict_types=1);

namespace App\Actions\People;

use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/**
 * The places where somebody is signed in. The name of a session opens it, so a hash of it is shown.
 *
 * @phpstan-import-type OpenSession from \App\Http\Session\AccountResource
 */
final readonly class Sessions
{
    /** @return list<OpenSession> the latest first */
    public static function of(User $user, string $current): array
    {
        $sessions = [];
        foreach (DB::table('sessions')->where('user_id', $user->id)->orderByDesc('last_activity')->get() as $row) {
            $id = is_string($row->id) ? $row->id : '';
            $sessions[] = [
                'key' => self::key($id),
                'from' => is_string($row->ip_address) ? $row->ip_address : '',
                'agent' => is_string($row->user_agent) ? mb_strimwidth($row->user_agent, 0, 120, '…') : '',
                'last_seen' => CarbonImmutable::createFromTimestamp(is_numeric($row->last_activity) ? (int) $row->last_activity : 0, 'UTC')->toIso8601ZuluString(),
                'current' => $id === $current,
            ];
        }

        return $sessions;
    }

    /** @return bool whether there was one */
    public static function end(User $user, string $key): bool
    {
        foreach (DB::table('sessions')->where('user_id', $user->id)->pluck('id') as $id) {
            if (is_string($id) && hash_equals(self::key($id), $key)) {
                return DB::table('sessions')->where('id', $id)->delete() > 0;
            }
        }

        return false;
    }

    /** @param  string|null  $but the session that goes on */
    public static function endAll(User $user, ?string $but = null): void
    {
        DB::table('sessions')->where('user_id', $user->id)->when($but !== null, static fn ($rows) => $rows->where('id', '<>', $but))->delete();
    }

    private static function key(string $id): string
    {
        return substr(hash('sha256', "session {$id}"), 0, 24);
    }
}
