<?php

declare(strict_types=1);

namespace Core\Standard;

/**
 * What a tier costs. Two schools of pricing are practised: by list (tier × size class) and by hours.
 * Money in the smallest unit of the studio's currency, whole.
 */
final readonly class Price
{
    public const BY_LIST = 'list';

    public const BY_HOURS = 'hours';

    /**
     * @param  array<string, int>  $list price by size class; empty when priced by hours
     * @param  int|null  $hourly price of an hour; null when priced by list
     */
    private function __construct(
        public array $list,
        public ?int $hourly,
    ) {
    }

    /** @param  array<string, int>  $list price by size class, each at least 0 */
    public static function byList(array $list): self
    {
        foreach ($list as $class => $price) {
            if ($price < 0) {
                throw OutOfRange::below("price of a {$class} figure", 0, $price);
            }
        }

        return new self($list, null);
    }

    public static function byHours(int $hourly): self
    {
        return $hourly < 0 ? throw OutOfRange::below('price of an hour', 0, $hourly) : new self([], $hourly);
    }

    /** @return self::BY_LIST|self::BY_HOURS */
    public function school(): string
    {
        return $this->hourly === null ? self::BY_LIST : self::BY_HOURS;
    }

    /** Of one figure; null where the list has no price for its size class. Halves are rounded up. */
    public function of(string $sizeClass, float $minutes): ?int
    {
        return $this->hourly === null ? ($this->list[$sizeClass] ?? null) : (int) round($this->hourly * $minutes / 60);
    }
}
