<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use Core\Plan\FigureState;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class FigureStateTest extends TestCase
{
    /** @param  list<string>  $may what is true of it */
    #[TestWith(['to-paint', ['at the bench', 'with its painter', 'assigned']])]
    #[TestWith(['painting', ['at the bench', 'with its painter', 'assigned', 'handed over']])]
    #[TestWith(['to-check', ['in check', 'assigned']])]
    #[TestWith(['refused', ['sent back', 'with its painter', 'in check', 'assigned']])]
    #[TestWith(['mended', ['sent back', 'with its painter', 'in check', 'assigned']])]
    #[TestWith(['signed', []])]
    public function test_what_may_be_done_with_a_figure(string $state, array $may): void
    {
        $of = FigureState::from($state);

        self::assertSame($may, array_keys(array_filter([
            'at the bench' => $of->isAtTheBench(),
            'sent back' => $of->isSentBack(),
            'with its painter' => $of->isWithItsPainter(),
            'in check' => $of->isInCheck(),
            'assigned' => $of->canBeAssigned(),
            'handed over' => $of->canBeHandedOver(0),
        ])));
    }

    public function test_no_figure_is_handed_over_while_a_step_is_left(): void
    {
        foreach (FigureState::cases() as $state) {
            self::assertFalse($state->canBeHandedOver(1), $state->value);
        }
    }
}
