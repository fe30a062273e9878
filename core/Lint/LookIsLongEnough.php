<?php

declare(strict_types=1);

namespace Core\Lint;

use Core\Composition\ReferenceWork;
use Core\Standard\OutOfRange;
use Core\Standard\Standard;
use Core\Why;

/** The last look leaves time for each criterion that is asked of the reference figure. */
final readonly class LookIsLongEnough implements MendableRule
{
    public const CODE = 'look-too-short';

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
                yield new Finding(self::CODE, $tier->id, arguments: [
                    'items' => $items,
                    'seconds' => $this->secondsPerItem,
                    'look' => $tier->lookMinutes,
                ]);
            }
        }
    }

    public function code(): string
    {
        return self::CODE;
    }

    public function sentence(Finding $finding, string $tier, string $surface): string
    {
        return sprintf(
            '%s asks %s criteria of the reference figure, %s seconds each; its look of %s minutes is too short for them.',
            $tier, $finding->arguments['items'], $finding->number('seconds'), $finding->number('look'),
        );
    }

    public function mend(Finding $finding, Standard $standard): Mend
    {
        // In steps of half a minute.
        $minutes = ceil((int) $finding->arguments['items'] * (float) $finding->arguments['seconds'] / 30) / 2;

        return Mend::tier('look_minutes', $minutes, "Look for {$minutes} minutes");
    }

    public function rule(): string
    {
        return 'The criteria asked of the reference figure times the seconds for each fit into the time of the last look.';
    }

    public function source(): string
    {
        return Why::COMMON_PRACTICE;
    }
}
