<?php

declare(strict_types=1);

namespace Core\Sequence;

/** One force by which steps come before others. Reads group, surface, depth and settings of techniques, never a technique's id. */
interface OrderRule
{
    /** @return iterable<OrderWish> */
    public function wishes(Steps $steps): iterable;
}
