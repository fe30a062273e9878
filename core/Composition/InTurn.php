<?php

declare(strict_types=1);

namespace Core\Composition;

/** Two uses whose steps take turns, mix by mix: line, strokes, the next mix of each. */
final readonly class InTurn
{
    /**
     * @param  list<ComposedUse>  $uses of one area, in the order of laying
     * @return list<array{use: ComposedUse, step: int}> steps of both uses as they are laid, from 1; none where the use takes no turns
     */
    public static function of(ComposedUse $use, array $uses): array
    {
        $both = array_values(array_filter($uses, static fn (ComposedUse $one): bool => $one === $use
            || $one->use->id === $use->use->leeway->inTurnWith
            || $one->use->leeway->inTurnWith === $use->use->id));
        $turns = [];
        $most = count($both) > 1 ? max(array_map(static fn (ComposedUse $one): int => $one->use->steps, $both)) : 0;
        for ($step = 1; $step <= $most; $step++) {
            foreach ($both as $one) {
                if ($step <= $one->use->steps) {
                    $turns[] = ['use' => $one, 'step' => $step];
                }
            }
        }

        return $turns;
    }
}
