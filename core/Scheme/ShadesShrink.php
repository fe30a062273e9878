<?php

declare(strict_types=1);

namespace Core\Scheme;

/** Of several passes of a shade in one place, each lies over a smaller field than the last. */
final readonly class ShadesShrink implements StepRule
{
    public const CODE = 'shade-as-wide';

    public function __construct(private Mending $mending)
    {
    }

    public function findings(TierLadder $ladder): iterable
    {
        $reading = $ladder->reading;
        $before = [];
        foreach ($ladder->taken as $at) {
            $rung = $reading->rungs[$at]->rung;
            $place = $reading->places->at($at);
            if ($rung->role !== RungRole::Shade || $place === null) {
                continue;
            }
            $wide = $before[$place->value] ?? null;
            if ($wide !== null && $rung->cover >= $wide) {
                yield new StepFinding(
                    self::CODE,
                    $at,
                    sprintf('This pass covers %d of a hundred parts, the one before it %d: nothing of that stays showing.', round(100 * $rung->cover), round(100 * $wide)),
                    $rung->recipe->text(),
                    $this->mending->within($reading, $at, $wide),
                );
            }
            $before[$place->value] = $rung->cover;
        }
    }

    public function rule(): string
    {
        return 'Each pass of a shade is drawn toward the dark over a smaller field than the last, so that the passes part.';
    }
}
