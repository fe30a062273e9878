<?php

declare(strict_types=1);

namespace App\Actions\People;

use App\Actions\Studios\Log;
use App\Actions\Transaction;
use App\Models\LogKind;
use App\Models\User;
use App\Refusals\NotAllowed;
use App\Refusals\NotRight;

/** A second factor by an app: made ready, confirmed by a code of it, asked for at each sign-in, with codes for when the app is lost. */
final readonly class SecondFactor
{
    private const RECOVERY_CODES = 8;

    /** Signs that nobody takes for another. */
    private const SIGNS = 'abcdefghjkmnpqrstuvwxyz23456789';

    /** A secret that is not asked for yet; another call makes another. */
    public function prepare(User $user): Totp
    {
        if ($user->asksSecondFactor()) {
            throw NotAllowed::because('second-factor-on', 'The second factor is on already; turn it off before you set it up with another app.');
        }
        $totp = Totp::fresh();
        $user->update(['second_factor' => $totp->base32(), 'second_factor_step' => 0]);

        return $totp;
    }

    /**
     * Turns it on, once a code of the app is right.
     *
     * @return list<string> recovery codes, shown this once
     */
    public function confirm(User $user, string $code): array
    {
        return Transaction::run(function () use ($user, $code): array {
            $locked = self::locked($user);
            if ($locked->second_factor === null || $locked->asksSecondFactor()) {
                throw NotAllowed::because('not-prepared', 'There is nothing to confirm; set the app up first.');
            }
            self::take($locked, $code) ?: throw self::wrong();
            $codes = self::freshCodes();
            $locked->fill(['second_factor_at' => now(), 'recovery_codes' => array_map(self::hash(...), $codes)])->save();
            Log::of($locked, LogKind::SecondFactorOn);

            return $codes;
        });
    }

    public function turnOff(User $user): void
    {
        if ($user->studio->requires_second_factor) {
            throw NotAllowed::because('second-factor-required', 'The studio asks everybody for a second factor, so it stays on.');
        }
        $user->update(['second_factor' => null, 'second_factor_at' => null, 'recovery_codes' => null]);
        Log::of($user, LogKind::SecondFactorOff);
    }

    /**
     * A code of the app, or one for recovery, which is used up by it.
     *
     * @throws NotRight if it is neither
     */
    public function require(User $user, string $code): void
    {
        Transaction::run(static function () use ($user, $code): void {
            $locked = self::locked($user);
            if (! self::take($locked, $code) && ! self::recover($locked, $code)) {
                throw self::wrong();
            }
            $locked->save();
        });
    }

    private static function locked(User $user): User
    {
        return User::query()->lockForUpdate()->findOrFail($user->id);
    }

    /** A code is taken once: who looks over a shoulder cannot use it again. */
    private static function take(User $user, string $code): bool
    {
        $step = $user->second_factor === null ? null : Totp::ofBase32($user->second_factor)->stepOf(preg_replace('/\s+/', '', $code) ?? '', now()->getTimestamp(), $user->second_factor_step);
        $user->second_factor_step = $step ?? $user->second_factor_step;

        return $step !== null;
    }

    private static function recover(User $user, string $code): bool
    {
        $left = array_values(array_filter($user->recovery_codes ?? [], static fn (string $hash): bool => ! hash_equals($hash, self::hash($code))));
        $isOne = count($left) < count($user->recovery_codes ?? []);
        if ($isOne) {
            $user->recovery_codes = $left;
            Log::of($user, LogKind::RecoveryCodeUsed, count($left).' left');
        }

        return $isOne;
    }

    /** @return list<string> */
    private static function freshCodes(): array
    {
        $codes = [];
        for ($i = 0; $i < self::RECOVERY_CODES; $i++) {
            $signs = '';
            for ($j = 0; $j < 10; $j++) {
                $signs .= self::SIGNS[random_int(0, strlen(self::SIGNS) - 1)];
            }
            $codes[] = substr($signs, 0, 5).'-'.substr($signs, 5);
        }

        return $codes;
    }

    /** Ten signs by chance need no slow hash. */
    private static function hash(string $code): string
    {
        return hash('sha256', strtolower(preg_replace('/[^A-Za-z0-9]/', '', $code) ?? ''));
    }

    private static function wrong(): NotRight
    {
        return NotRight::at('/code', 'wrong-code', 'This code is not right, or was used already. Wait for the next one; if it goes on, set the clock of the phone by the network.');
    }
}
