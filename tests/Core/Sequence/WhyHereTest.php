<?php

declare(strict_types=1);

namespace Tests\Core\Sequence;

use Core\Composition\TypeArea;
use Core\Sequence\PlannedStep;
use Core\Sequence\TidyBack;
use Core\Sequence\WhyHere;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\PaintedOrder;

/** What stands under *Why here*: the edge by name, or what the place saves. */
final class WhyHereTest extends TestCase
{
    public function test_what_lies_under_it_and_how_long_that_dries(): void
    {
        $why = self::why(['cloth' => [['technique' => 'base'], ['technique' => 'wash'], ['technique' => 'line']]], PaintedOrder::area('coat', 'cloth'));

        self::assertSame(['The standard lays it after Base, coat.'], $why['coat wash']);
        self::assertSame(['Wash, coat lies under it and needs 8.5 minutes to dry.'], $why['coat line']);
    }

    public function test_what_goes_over_the_whole_figure_names_what_it_lies_on_and_is_named_by_what_lies_on_it(): void
    {
        $asked = ['whole' => [['technique' => 'wash']], 'cloth' => [['technique' => 'base'], ['technique' => 'line']]];
        $why = self::why($asked, PaintedOrder::area('figure', 'whole'), ...array_map(static fn (string $id) => PaintedOrder::area($id, 'cloth'), ['coat', 'hood', 'cape', 'hose', 'sash']));

        self::assertSame(['It goes over the whole figure, on top of Base, coat; Base, hood; Base, cape and 2 more.'], $why['figure wash']);
        self::assertSame(['Wash goes over the whole figure first and needs 8.5 minutes to dry; this lies on it.'], $why['coat line']);
    }

    public function test_what_it_sits_on(): void
    {
        $why = self::why(['cloth' => [['technique' => 'base'], ['technique' => 'wash']], 'gem' => [['technique' => 'line']]], PaintedOrder::area('gem', 'gem', 0, [], 'coat'), PaintedOrder::area('coat', 'cloth', 5));

        self::assertSame(['It sits on coat: Wash there would run over it.'], $why['gem line']);
    }

    public function test_what_a_technique_says(): void
    {
        $why = self::why(['cloth' => [['technique' => 'base']], 'gem' => [['technique' => 'decal']]], PaintedOrder::area('badge', 'gem'), PaintedOrder::area('coat', 'cloth', 5));

        self::assertSame(['Base, coat comes before it: it needs that to hold on to.'], $why['badge decal']);
    }

    public function test_where_nothing_holds_it_what_its_place_saves(): void
    {
        $why = self::why(['cloth' => [['technique' => 'line', 'minutes' => 4]], 'metal' => [['technique' => 'wash']]], PaintedOrder::area('coat', 'cloth', 1, ['mail']), PaintedOrder::area('mail', 'metal', 5));

        self::assertSame(['Free here: it saves 0.9 minutes of tidying coat: nothing lies there yet that it would spoil.'], $why['mail wash']);
        self::assertSame(['Free here: it saves 0.9 minutes of tidying: Wash, mail would soil it.'], $why['coat line']);
    }

    public function test_where_nothing_decides(): void
    {
        $why = self::why(['cloth' => [['technique' => 'line']]], PaintedOrder::area('coat', 'cloth'));

        self::assertSame(['Free here: nothing must come before it. Inner comes before outer, and work of one technique stays together.'], $why['coat line']);
    }

    public function test_a_tidying_says_after_what(): void
    {
        $why = self::why(
            ['cloth' => [['technique' => 'base'], ['technique' => 'wash']], 'leather' => [['technique' => 'base'], ['technique' => 'rub']]],
            PaintedOrder::area('coat', 'cloth', 1, ['belt']),
            PaintedOrder::area('belt', 'leather', 2),
        );

        self::assertSame(['There is paint on it, and Rub, belt is messy and touches it: what has soiled it is mended once, before anything else is laid on it.'], $why['tidy coat'] ?? $why['tidy belt'] ?? []);
    }

    /**
     * @param  array<string, list<array<string, mixed>>>  $asked
     * @return array<string, list<string>> sentences by `area use`
     */
    private static function why(array $asked, TypeArea ...$areas): array
    {
        $technique = static fn (string $id, string $group, string $opacity, bool $messy): array => ['name' => ucfirst($id)] + PaintedOrder::technique($id, $group, $opacity, $messy);
        $order = new PaintedOrder([
            $technique('base', 'lay-in', 'opaque', false), ['dry' => 8.5] + $technique('wash', 'shade', 'transparent', true), $technique('rub', 'wear', 'semi', true), $technique('line', 'light', 'opaque', false),
            ['comes_after' => [['technique' => 'base', 'why' => 'adhesion', 'where' => 'figure']]] + $technique('decal', 'marking', 'opaque', false),
        ], $asked, array_values($areas));
        $why = [];
        foreach ($order->work->items as $i => $item) {
            $why[$order->words()[$i]] = array_column($item instanceof PlannedStep ? WhyHere::of($item) : self::ofTidying($item), 'sentence');
        }

        return $why;
    }

    /** @return list<array{reason: string, sentence: string}> */
    private static function ofTidying(TidyBack $item): array
    {
        return WhyHere::ofTidying($item);
    }
}
