<?php

declare(strict_types=1);

namespace Document\Difference;

use Core\NumberText;

/** One line of what differs between two standards, in words. */
final readonly class ChangeLine
{
    /**
     * @param  string|null  $tier id; null for what concerns the standard as a whole
     * @param  string|null  $surface id; null for the head of a tier
     * @param  string  $place in words, as "Watch, Cloth"
     * @param  float|null  $minutes more on the reference figure; negative: fewer; null: minutes are no matter here
     */
    public function __construct(
        public ?string $tier,
        public ?string $surface,
        public string $place,
        public string $what,
        public ?float $minutes = null,
    ) {
    }

    /** @param  string  $figure what a reference figure is called */
    public function sentence(string $figure): string
    {
        $minutes = $this->minutes === null || abs($this->minutes) < 0.05 ? '' : sprintf('; %s min a %s', self::signed($this->minutes), $figure);

        return "{$this->place}: {$this->what}{$minutes}";
    }

    private static function signed(float $minutes): string
    {
        return ($minutes > 0 ? '+' : '−').NumberText::of(abs($minutes), 1);
    }
}
