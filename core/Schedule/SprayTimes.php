<?php

declare(strict_types=1);

namespace Core\Schedule;

use Core\Standard\OutOfRange;

/** What spraying takes beside the paint on the figures. Minutes; settings of a studio. */
final readonly class SprayTimes
{
    /**
     * @param  float  $setup before the first figure of a batch, at least 0
     * @param  float  $clean after the last, at least 0
     * @param  float  $mask to cover one neighbour of one figure, at least 0
     * @param  float  $share of its minutes by brush that a lay-in takes by spray, 0 to 1
     * @param  float  $field share of a figure that one paint must lie on to be sprayed at all, 0 to 1
     */
    public function __construct(
        public float $setup,
        public float $clean,
        public float $mask,
        public float $share,
        public float $field = 0.0,
    ) {
        foreach (['setup' => $setup, 'clean' => $clean, 'mask' => $mask, 'share' => $share, 'field' => $field] as $name => $number) {
            if ($number < 0) {
                throw OutOfRange::below($name, 0, $number);
            }
        }
        if (max($share, $field) > 1) {
            throw OutOfRange::outside($share > 1 ? 'share' : 'field', '0 to 1', max($share, $field));
        }
    }
}
