<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Actions\Kept;
use Core\Schedule\BatchPath;
use Core\Schedule\BatchSize;
use Core\Schedule\BatchTimes;
use Core\Schedule\PathTime;
use Core\Schedule\SharedCoats;

/**
 * How long a batch takes by each path, kept by what it follows from: coats, figures that have them, and how it is reckoned. Two
 * hundred figures of fifty coats are laid coat by coat to know it, and nothing of that changes while they are painted.
 *
 * @phpstan-type KeptPaths array{paths: list<array{float, float, int, int|null}>, enough: int|null}
 */
final readonly class KeptTimes
{
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
        /** @var KeptPaths $kept */
        $kept = Kept::of('batch-times', self::from($shared), static fn (): array => self::reckoned($shared));

        return new self(array_map(static fn (BatchPath $path, array $time): PathTime => new PathTime($path, ...$time), BatchPath::cases(), $kept['paths']), $kept['enough']);
    }

    /** @return list<int> coats by what is taken first of all that may be laid, see {@see BatchTimes::inTurn()} */
    public static function inTurn(SharedCoats $shared): array
    {
        /** @var list<int> */
        return Kept::of('batch-turn', self::from($shared), static fn (): array => (new BatchTimes($shared->coats, $shared->lacking))->inTurn($shared->figures));
    }

    /** @return list<mixed> all that it follows from */
    private static function from(SharedCoats $shared): array
    {
        return [$shared->coats->all, $shared->lacking, $shared->figures];
    }

    /** @return KeptPaths */
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
