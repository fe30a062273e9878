<?php

declare(strict_types=1);

namespace Tests\Core\Composition;

use Core\Composition\ComposedUse;
use Core\Composition\InTurn;
use Core\Composition\Origin;
use Core\Standard\Area;
use Core\Standard\Leeway;
use Core\Standard\TechniqueUse;
use PHPUnit\Framework\TestCase;

/** Line, strokes, the next mix of each. Common practice, no source. */
final class InTurnTest extends TestCase
{
    public function test_steps_of_both_uses_alternate_in_the_order_of_laying_whichever_of_them_says_so(): void
    {
        $uses = [self::use('base', 1), self::use('line', 3), self::use('strokes', 2, 'line')];

        $turns = ['line 1', 'strokes 1', 'line 2', 'strokes 2', 'line 3'];
        self::assertSame($turns, self::words(InTurn::of($uses[1], $uses)));
        self::assertSame($turns, self::words(InTurn::of($uses[2], $uses)));
        self::assertSame([], InTurn::of($uses[0], $uses));
    }

    public function test_a_use_whose_partner_is_left_out_takes_no_turns(): void
    {
        $strokes = self::use('strokes', 2, 'line');

        self::assertSame([], InTurn::of($strokes, [self::use('base', 1), $strokes]));
    }

    private static function use(string $id, int $steps, string $with = ''): ComposedUse
    {
        return new ComposedUse(new Area('coat', 'cloth', 1.0), new TechniqueUse($id, [$id], steps: $steps, leeway: new Leeway(inTurnWith: $with)), $id, 1.0, Origin::Tier);
    }

    /**
     * @param  list<array{use: ComposedUse, step: int}>  $turns
     * @return list<string>
     */
    private static function words(array $turns): array
    {
        return array_map(static fn (array $turn): string => "{$turn['use']->use->id} {$turn['step']}", $turns);
    }
}
