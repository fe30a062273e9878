<?php

declare(strict_types=1);

namespace App\Actions\People;

use App\Actions\Studios\Log;
use App\Models\LogKind;
use App\Models\User;
use App\Refusals\NotRight;
use App\Refusals\TooOften;
use Illuminate\Cache\RateLimiter;
use Illuminate\Contracts\Hashing\Hasher;

/**
 * Somebody tries an address and a password. What failed is counted for the account and for where it comes from,
 * each for itself; the answer is the same, and takes as long, whether the account is there or not.
 */
final readonly class SignInTry
{
    private const MOST_OF_ACCOUNT = 10;

    /** A studio may sit behind one address. */
    private const MOST_OF_ADDRESS = 50;

    private const WAIT_SECONDS = 300;

    public function __construct(
        private RateLimiter $limiter,
        private Hasher $hasher,
    ) {
    }

    /**
     * @param  string  $from where it comes from
     *
     * @throws NotRight if one of the two is not right, or the account was ended
     * @throws TooOften if that was tried too often
     */
    public function handle(string $email, string $password, string $from): User
    {
        $email = mb_strtolower(trim($email));
        $counted = self::counted($email, $from);
        foreach ($counted as $key => $most) {
            if ($this->limiter->tooManyAttempts($key, $most)) {
                throw TooOften::waitSeconds($this->limiter->availableIn($key));
            }
        }
        $user = User::query()->where('email', $email)->first();
        $isRight = $this->hasher->check($password, $user->password ?? $this->nobodys());
        if ($user === null || ! $isRight || $user->ended_at !== null) {
            $this->count($email, $from, $user);

            throw NotRight::at('/password', 'wrong-password', 'The e-mail or the password is not right.');
        }
        if (! $user->asksSecondFactor()) {
            $this->limiter->clear(array_key_first($counted));
        }

        return $user;
    }

    /**
     * A second step of the same try: what fails of it is counted with the first.
     *
     * @param  callable(): mixed  $step
     * @param  bool  $counts false: nothing was tried yet
     */
    public function counting(User $user, string $from, callable $step, bool $counts): void
    {
        try {
            $step();
            $this->limiter->clear(array_key_first(self::counted($user->email, $from)));
        } catch (NotRight $wrong) {
            if ($counts) {
                $this->count($user->email, $from, $user);
            }

            throw $wrong;
        }
    }

    private function count(string $email, string $from, ?User $user): void
    {
        foreach (array_keys(self::counted($email, $from)) as $key) {
            $this->limiter->hit($key, self::WAIT_SECONDS);
        }
        if ($user !== null) {
            Log::of($user, LogKind::SignInRefused, "from {$from}");
        }
    }

    /** @return non-empty-array<string, int> how often each may fail, by what it is counted under */
    private static function counted(string $email, string $from): array
    {
        return [hash('sha256', "account {$email}") => self::MOST_OF_ACCOUNT, hash('sha256', "from {$from}") => self::MOST_OF_ADDRESS];
    }

    /** A hash as costly as that of anybody, of a password that nobody has. */
    private function nobodys(): string
    {
        return cache()->rememberForever('nobodys-password', fn (): string => $this->hasher->make(bin2hex(random_bytes(16))));
    }
}
