<?php

declare(strict_types=1);

namespace Core\Lint;

use Core\Composition\ReferenceWork;
use Core\Standard\OutOfRange;
use Core\Standard\Standard;

/** The last look leaves time for each criterion that is asked of the reference figure. */
final readonly class LookIsLongEnough implements LintRule
{
    /** Products of decimal fractions are off by less than this many seconds. */
    private const ROUNDING = 1e-9;

    /** @param  float  $secondsPerItem time to judge one criterion, at least 0 */
    public function __construct(private float $secondsPerItem)
    {
        if ($secondsPerItem < 0) {
            throw OutOfRange::below('seconds an item', 0, $secondsPerItem);
        }
    }

    public function findings(Standard $standard): iterable
    {
        $work = new ReferenceWork($standard);
        foreach ($standard->tiersByRank() as $tier) {
            $items = count($work->of($tier)->criteria);
            if ($items * $this->secondsPerItem > $tier->lookMinutes * 60 + self::ROUNDING) {
                yield new Finding(FindingCode::LookTooShort, $tier->id, arguments: [
                    'items' => $items,
                    'seconds' => $this->secondsPerItem,
                    'look' => $tier->lookMinutes,
                ]);
            }
        }
    }
}
