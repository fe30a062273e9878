<?php

declare(strict_types=1);

namespace Core\Check;

use Core\Standard\Side;

/** How far a check has come: what was answered, and which sides were passed. */
final readonly class CheckState
{
    /**
     * @param  array<string, Answer>  $answers by key of the item, the latest
     * @param  list<Side>  $passed
     */
    public function __construct(
        public array $answers = [],
        public array $passed = [],
    ) {
    }

    /** @return list<CheckItem> */
    public function open(CheckSheet $sheet): array
    {
        return array_values(array_filter($sheet->items, fn (CheckItem $item): bool => ! isset($this->answers[$item->key()])));
    }

    /**
     * What passing a side answers as holding: every item still open whose last counted side this is,
     * those apart that are asked one by one.
     *
     * @return list<CheckItem>
     */
    public function answeredByPassing(Side $side, CheckSheet $sheet): array
    {
        return array_values(array_filter(
            $this->open($sheet),
            static fn (CheckItem $item): bool => $item->alone === null && $item->lastSide() === $side,
        ));
    }

    /** @return list<Side> counted sides that were not passed yet */
    public function sidesLeft(CheckSheet $sheet): array
    {
        return array_values(array_filter($sheet->sides, fn (Side $side): bool => ! in_array($side, $this->passed, true)));
    }

    public function isComplete(CheckSheet $sheet): bool
    {
        return $this->open($sheet) === [] && $this->sidesLeft($sheet) === [];
    }
}
