<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use Core\Schedule\BatchPath;
use Core\Schedule\BatchRun;
use Core\Schedule\BatchSize;
use Core\Schedule\BatchTimes;
use Core\Schedule\Coat;
use Core\Schedule\PathTime;
use Core\Schedule\SharedCoats;
use ReflectionClass;

/**
 * How long a batch takes by each path, kept by what it follows from: coats, figures that have them, and how it is reckoned. Two
 * hundred figures of fifty coats are laid coat by coat to know it, and nothing of that changes while they are painted.
 *
 * @phpstan-type Kept array{paths: list<array{float, float, int, int|null}>, enough: int|null}
 */
final readonly class KeptTimes
{
    private const KEPT_DAYS = 60;

    /** Reckoned in another way, it is reckoned anew. */
    private const RECKONED_BY = [BatchRun::class, BatchSize::class, BatchTimes::class, Coat::class, PathTime::class];

    /**
     * @param  list<PathTime>  $paths one for each path
     * @param  int|null  $enough how many figures are enough at once; null where even the most would wait
     */
    private function __construct(
        public array $paths,
        public ?int $enough,
    ) {
    }

    public static function of(SharedCoats $shared): self
    {
        /** @var Kept $kept */
        $kept = self::kept('batch-times', $shared, static fn (): array => self::reckoned($shared));

        return new self(array_map(static fn (BatchPath $path, array $time): PathTime => new PathTime($path, ...$time), BatchPath::cases(), $kept['paths']), $kept['enough']);
    }

    /** @return list<int> coats by what is taken first of all that may be laid, see {@see BatchTimes::inTurn()} */
    public static function inTurn(SharedCoats $shared): array
    {
        /** @var list<int> */
        return self::kept('batch-turn', $shared, static fn (): array => (new BatchTimes($shared->coats, $shared->lacking))->inTurn($shared->figures));
    }

    /** @param  callable(): array<array-key, mixed>  $reckon */
    private static function kept(string $what, SharedCoats $shared, callable $reckon): mixed
    {
        $reckoned = array_map(static fn (string $class): int|false => filemtime((string) (new ReflectionClass($class))->getFileName()), self::RECKONED_BY);
        $key = hash('sha256', serialize([$reckoned, $shared->coats->all, $shared->lacking, $shared->figures]));

        return cache()->remember("{$what}:{$key}", now()->addDays(self::KEPT_DAYS), $reckon(...));
    }

    /** @return Kept */
    private static function reckoned(SharedCoats $shared): array
    {
        $times = new BatchTimes($shared->coats, $shared->lacking);
        $paths = array_map(static function (BatchPath $path) use ($times, $shared): array {
            $time = $times->along($path, $shared->figures);

            return [$time->byHand, $time->waiting, $time->changes, $time->early];
        }, BatchPath::cases());

        return ['paths' => $paths, 'enough' => BatchSize::enough($shared->coats)];
    }
}
