<?php

declare(strict_types=1);

namespace Tests\Core\Sequence;

use Core\Composition\Composer;
use Core\Composition\Figure;
use Core\Composition\FigureType;
use Core\Composition\Raise;
use Core\Composition\RaisedComposition;
use Core\Composition\SizeClass;
use Core\Composition\TypeArea;
use Core\Sequence\PlannedStep;
use Core\Sequence\RaiseOrder;
use Core\Sequence\TidyBack;
use Core\Sequence\WhyHere;
use Core\Sequence\Work;
use Core\Sequence\WorkOrder;
use Core\Standard\Area;
use Core\Standard\Standard;
use Document\Standard\StandardReader;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\PaintedOrder;

/**
 * The order in which a finished figure is raised, as a painter would take it.
 *
 * @phpstan-import-type StandardDocument from StandardReader
 */
final class RaiseOrderTest extends TestCase
{
    public function test_the_middle_colour_comes_again_before_the_lights_and_new_varnish_last(): void
    {
        self::assertSame(
            ['coat middle', 'coat light', 'figure varnish'],
            self::words(self::raised(
                ['cloth' => ['base', 'wash'], 'leather' => ['base']],
                ['cloth' => ['base', 'wash', 'light'], 'leather' => ['base']],
            )),
        );
    }

    public function test_the_middle_colour_lies_on_a_shade_that_is_new(): void
    {
        self::assertSame(
            ['coat wash', 'coat middle', 'coat light', 'figure varnish'],
            self::words(self::raised(['cloth' => ['base'], 'leather' => ['base']], ['cloth' => ['base', 'wash', 'light'], 'leather' => ['base']])),
        );
    }

    public function test_what_is_messy_soils_paint_that_is_there_whatever_else_is_added_to_it(): void
    {
        $work = self::raised(
            ['cloth' => ['base'], 'leather' => ['base']],
            ['cloth' => ['base', 'drybrush'], 'leather' => ['base', 'light']],
        );

        // The belt is painted already: dusting the coat beside it costs a tidying, half a minute and a tenth of six.
        self::assertSame(['coat drybrush', 'tidy belt', 'belt light', 'figure varnish'], self::words($work));
        self::assertEqualsWithDelta(1.1, $work->tidyMinutes, 1e-9);
    }

    public function test_what_is_there_is_laid_again_where_it_is_soiled_whatever_it_is(): void
    {
        // A wash alone lies on the belt: half a minute and a tenth of its six.
        self::assertEqualsWithDelta(1.1, self::raised(['cloth' => ['base'], 'leather' => ['wash']], ['cloth' => ['base', 'drybrush'], 'leather' => ['wash']])->tidyMinutes, 1e-9);
        // A base in six minutes and a wash in six: both are laid again there.
        self::assertEqualsWithDelta(1.7, self::raised(['cloth' => ['base'], 'leather' => ['base', 'wash']], ['cloth' => ['base', 'drybrush'], 'leather' => ['base', 'wash']])->tidyMinutes, 1e-9);
    }

    public function test_an_order_that_is_known_is_taken_and_what_is_there_comes_first(): void
    {
        [$standard, $figure, $type] = self::figure(['cloth' => ['base', 'wash'], 'leather' => ['base']], ['cloth' => ['base', 'wash', 'light'], 'leather' => ['base', 'light']]);
        $composer = new Composer($standard);
        $done = $composer->compose($figure);
        $added = (new RaisedComposition($standard))->of($done, $composer->compose($figure->atTier('banner')), (new Raise($standard))->handle($figure, 'banner'));
        $order = new RaiseOrder($standard);
        $found = $order->of($done, $added, $type);

        self::assertSame(self::words($found), self::words($order->of($done, $added, $type, $found->order())));
        self::assertSame($order->key($done, $added, $type), $order->key($done, $added, $type));
        self::assertNotSame($order->key($done, $added, $type), $order->key($done, $added, $type, ['coat' => ['light' => 'a paint'], 'belt' => ['light' => 'a paint']]));
        self::assertNotSame($order->key($done, $added, $type), (new WorkOrder($standard))->key($added, $type), 'a figure that has paint already is another than one that has not');
    }

    public function test_what_has_no_paint_yet_waits_for_messy_work_beside_it(): void
    {
        $work = self::raised(
            ['cloth' => ['base'], 'leather' => []],
            ['cloth' => ['base', 'drybrush'], 'leather' => ['base']],
        );

        self::assertSame(['coat drybrush', 'belt base', 'figure varnish'], self::words($work));
        self::assertSame(0.0, $work->tidyMinutes);
        self::assertSame(['Free here: it saves 1.1 minutes of tidying: drybrush, coat would soil it.'], self::why($work, 'belt base'));
    }

    public function test_what_is_there_is_no_step_and_no_reason_for_one(): void
    {
        $work = self::raised(['cloth' => ['base', 'wash'], 'leather' => ['base']], ['cloth' => ['base', 'wash', 'light'], 'leather' => ['base', 'light']]);

        self::assertSame(['coat middle', 'coat light', 'belt light', 'figure varnish'], self::words($work));
        self::assertSame(['Free here: nothing must come before it. Inner comes before outer, and work of one technique stays together.'], self::why($work, 'coat middle'));
        self::assertSame(['The middle colour again lies under it.'], self::why($work, 'coat light'));
        self::assertSame([], $work->gaveWay);
    }

    public function test_nothing_is_added_where_both_tiers_ask_the_same(): void
    {
        self::assertSame([], self::raised(['cloth' => ['base'], 'leather' => ['base']], ['cloth' => ['base'], 'leather' => ['base']])->items);
    }

    /** @return list<string> `area use`, and `tidy area` */
    private static function words(Work $work): array
    {
        return array_map(static fn (PlannedStep|TidyBack $item): string => $item instanceof TidyBack ? "tidy {$item->area->area->id}" : self::word($item), $work->items);
    }

    private static function word(PlannedStep $item): string
    {
        return $item->step->area->area->id.' '.($item->step->technique->isAgain() ? 'middle' : $item->step->laid->use->id);
    }

    /** @return list<string> */
    private static function why(Work $work, string $step): array
    {
        foreach ($work->items as $item) {
            if ($item instanceof PlannedStep && self::word($item) === $step) {
                return array_column(WhyHere::of($item), 'sentence');
            }
        }

        return [];
    }

    /**
     * A coat with a belt on it; every use takes six minutes.
     *
     * @param  array<string, list<string>>  $line techniques by surface, asked at the tier it is finished at
     * @param  array<string, list<string>>  $banner likewise, at the one it is raised to
     */
    private static function raised(array $line, array $banner): Work
    {
        [$standard, $figure, $type] = self::figure($line, $banner);
        $done = (new Composer($standard))->compose($figure);
        $added = (new RaisedComposition($standard))->of($done, (new Composer($standard))->compose($figure->atTier('banner')), (new Raise($standard))->handle($figure, 'banner'));

        return (new RaiseOrder($standard))->of($done, $added, $type);
    }

    /**
     * @param  array<string, list<string>>  $line
     * @param  array<string, list<string>>  $banner
     * @return array{Standard, Figure, FigureType}
     */
    private static function figure(array $line, array $banner): array
    {
        $requirements = [];
        foreach (['line' => $line, 'banner' => $banner] as $tier => $asked) {
            foreach (['whole' => ['prime', 'varnish'], ...$asked] as $surface => $techniques) {
                $requirements[] = ['tier' => $tier, 'surface' => $surface, 'uses' => array_map(static fn (string $technique): array => ['technique' => $technique, 'fixed' => 6], $techniques)];
            }
        }
        $tier = static fn (string $id, int $rank): array => ['id' => $id, 'name' => $id, 'rank' => $rank, 'distance_mm' => 700, 'sides' => ['front'], 'look_minutes' => 3, 'limits' => ['critical' => 0, 'major' => 0, 'minor' => 0], 'colour_tolerance' => 5, 'budget_minutes' => 60, 'by_agreement' => false, 'retired' => false];
        /** @var StandardDocument $document */
        $document = [
            'format' => 'ordotype-standard/1', 'name' => 'Small', 'version' => '1',
            'surfaces' => [['id' => 'whole', 'name' => 'whole', 'needs_lay_in' => false], ['id' => 'cloth', 'name' => 'cloth', 'needs_lay_in' => false], ['id' => 'leather', 'name' => 'leather', 'needs_lay_in' => false]],
            'techniques' => [
                PaintedOrder::technique('prime', 'ground'), PaintedOrder::technique('base', 'lay-in'), PaintedOrder::technique('wash', 'shade', 'transparent'),
                PaintedOrder::technique('light', 'light', more: ['lies_on' => 'face']), PaintedOrder::technique('drybrush', 'light', 'semi', true, ['lies_on' => 'edge']), PaintedOrder::technique('varnish', 'finish', 'transparent'),
            ],
            'tiers' => [$tier('line', 1), $tier('banner', 2)],
            'requirements' => $requirements,
        ];
        $standard = StandardReader::ofSound()->read($document);
        $areas = [PaintedOrder::area('figure', 'whole'), PaintedOrder::area('coat', 'cloth', 1, ['belt']), PaintedOrder::area('belt', 'leather', 2)];
        $figure = new Figure('line', 1.0, array_map(static fn (TypeArea $area): Area => $area->area, $areas));

        return [$standard, $figure, new FigureType('Small', SizeClass::Foot, $areas)];
    }
}
