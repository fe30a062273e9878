<?php

declare(strict_types=1);

namespace Core\Sequence;

/** Which steps come before which: wishes of greater force first, so that one that would close a ring gives way. */
final readonly class PartialOrder
{
    /**
     * @param  list<string>  $later by step, the steps that come after it, one bit each
     * @param  list<list<OrderWish>>  $into by step, what it waits for; what follows from the others is left out
     * @param  list<OrderWish>  $gaveWay
     */
    private function __construct(
        private array $later,
        public array $into,
        public array $gaveWay,
    ) {
    }

    /** @param  iterable<OrderWish>  $wishes the first holds over the later ones */
    public static function among(int $steps, iterable $wishes): self
    {
        $later = array_fill(0, $steps, str_repeat("\0", intdiv($steps, 8) + 1));
        $into = $gaveWay = [];
        foreach ($wishes as $wish) {
            [$before, $after] = [$wish->before, $wish->after];
            if (self::has($later[$after], $before)) {
                $gaveWay["{$before} {$after}"] ??= $wish;

                continue;
            }
            $into[$after][$before] ??= $wish;
            if (! self::has($later[$before], $after)) {
                $later = self::joined($later, $before, $after);
            }
        }

        $bare = [];
        for ($step = 0; $step < $steps; $step++) {
            $bare[] = self::withoutWhatFollows($into[$step] ?? [], $later);
        }

        return new self($later, $bare, array_values($gaveWay));
    }

    /** Whether one step must come before another, by itself or through others. */
    public function comesBefore(int $first, int $second): bool
    {
        return self::has($this->later[$first], $second);
    }

    /**
     * @param  array<int, OrderWish>  $held by the step before
     * @param  list<string>  $later
     * @return list<OrderWish>
     */
    private static function withoutWhatFollows(array $held, array $later): array
    {
        // What comes after each is asked of all that are held at once: their bits are laid over its own.
        $all = $none = str_repeat("\0", strlen($later[0] ?? ''));
        foreach ($held as $before => $wish) {
            $all[$before >> 3] = chr(ord($all[$before >> 3]) | 1 << ($before & 7));
        }
        $bare = [];
        foreach ($held as $before => $wish) {
            if (($later[$before] & $all) === $none) {
                $bare[] = $wish;
            }
        }

        return $bare;
    }

    /**
     * @param  list<string>  $later
     * @return list<string>
     */
    private static function joined(array $later, int $before, int $after): array
    {
        $new = $later[$after];
        $new[$after >> 3] = chr(ord($new[$after >> 3]) | 1 << ($after & 7));
        [$byte, $bit] = [$before >> 3, 1 << ($before & 7)];
        foreach ($later as $step => $steps) {
            if ($step === $before || (ord($steps[$byte]) & $bit) !== 0) {
                $later[$step] = $steps | $new;
            }
        }

        return $later;
    }

    private static function has(string $steps, int $step): bool
    {
        return (ord($steps[$step >> 3]) & 1 << ($step & 7)) !== 0;
    }
}
