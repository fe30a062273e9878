<?php

declare(strict_types=1);

namespace App\Actions\People;

use App\Models\User;

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
        $open = app(OpenSessions::class)->of($user->id);
        usort($open, static fn (SessionSeen $a, SessionSeen $b): int => $b->at <=> $a->at);

        return array_map(static fn (SessionSeen $session): array => [
            'key' => self::key($session->id),
            'from' => $session->from,
            'agent' => mb_strimwidth($session->agent, 0, 120, '…'),
            'last_seen' => $session->at->toIso8601ZuluString(),
            'current' => $session->id === $current,
        ], $open);
    }

    /** @return bool whether there was one */
    public static function end(User $user, string $key): bool
    {
        $sessions = app(OpenSessions::class);
        foreach ($sessions->of($user->id) as $session) {
            if (hash_equals(self::key($session->id), $key)) {
                return $sessions->end($user->id, $session->id);
            }
        }

        return false;
    }

    /** @param  string|null  $but the session that goes on */
    public static function endAll(User $user, ?string $but = null): void
    {
        $sessions = app(OpenSessions::class);
        foreach ($sessions->of($user->id) as $session) {
            $session->id === $but || $sessions->end($user->id, $session->id);
        }
    }

    private static function key(string $id): string
    {
        return substr(hash('sha256', "session {$id}"), 0, 24);
    }
}
