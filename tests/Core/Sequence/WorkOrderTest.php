<?php

declare(strict_types=1);

namespace Tests\Core\Sequence;

use Core\Composition\Composer;
use Core\Composition\Figure;
use Core\Composition\FigureType;
use Core\Composition\SizeClass;
use Core\Composition\TypeArea;
use Core\Sequence\Constraint;
use Core\Sequence\PlannedStep;
use Core\Sequence\Reason;
use Core\Sequence\TidyBack;
use Core\Sequence\WorkOrder;
use Core\Standard\Area;
use Core\Standard\Side;
use Document\Standard\StandardReader;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\SmallStandard;

/**
 * Orders worked by hand. The rules are common practice, no source; the settings are the studio's defaults.
 *
 * @phpstan-import-type RequirementDocument from StandardReader
 */
final class WorkOrderTest extends TestCase
{
    public function test_primer_first_varnish_last_and_messy_washes_before_neat_work_near_them(): void
    {
        $order = self::order([
            ['tier' => 'plain', 'surface' => 'whole', 'uses' => [['technique' => 'prime'], ['technique' => 'varnish']]],
            ['tier' => 'plain', 'surface' => 'cloth', 'uses' => [['technique' => 'base'], ['technique' => 'wash'], ['technique' => 'layer']]],
        ], self::area('figure', 'whole', 0), self::area('coat', 'cloth', 3), self::area('shirt', 'cloth', 2));

        self::assertSame([
            'figure prime', 'shirt base', 'coat base', 'shirt wash', 'coat wash', 'shirt layer', 'coat layer', 'figure varnish',
        ], $order);
    }

    public function test_a_finished_neighbour_of_messy_work_is_tidied_back_once_after_the_run(): void
    {
        $order = self::order([
            ['tier' => 'plain', 'surface' => 'cloth', 'uses' => [['technique' => 'base'], ['technique' => 'wash']]],
        ], self::area('shirt', 'cloth', 1, ['coat', 'cape']), self::area('coat', 'cloth', 2, ['shirt']), self::area('cape', 'cloth', 3, ['shirt']));

        // Both washes near the finished shirt come after its own: it is tidied once, after the second.
        self::assertSame(['shirt base', 'coat base', 'cape base', 'shirt wash', 'coat wash', 'cape wash', 'tidy shirt'], $order);
    }

    public function test_what_would_finish_an_area_waits_for_messy_work_near_it(): void
    {
        $order = self::order([
            ['tier' => 'plain', 'surface' => 'cloth', 'uses' => [['technique' => 'base'], ['technique' => 'wash']]],
            ['tier' => 'plain', 'surface' => 'marking', 'uses' => [['technique' => 'base']]],
        ], self::area('coat', 'cloth', 3, ['strap']), self::area('strap', 'marking', 1, ['coat']));

        self::assertSame(['coat base', 'coat wash', 'strap base'], $order);
    }

    public function test_detail_on_a_lens_comes_after_the_metal_round_it_is_laid_in(): void
    {
        $requirements = [
            ['tier' => 'plain', 'surface' => 'cloth', 'uses' => [['technique' => 'base'], ['technique' => 'layer']]],
            ['tier' => 'plain', 'surface' => 'marking', 'uses' => [['technique' => 'buckle']]],
        ];
        $planned = self::planned($requirements, self::area('lens', 'marking', 1, ['mount'], 0.02), self::area('mount', 'cloth', 9, ['lens', 'other'], 0.2));

        self::assertContains('It sits in mount: Base coat round it would spill on it.', self::reasons($planned, 'lens buckle'));
    }

    public function test_neat_steps_of_one_wave_go_round_the_figure_so_that_one_area_dries_while_another_is_painted(): void
    {
        $order = self::order([
            ['tier' => 'plain', 'surface' => 'cloth', 'uses' => [['id' => 'first', 'technique' => 'layer'], ['id' => 'second', 'technique' => 'layer']]],
        ], self::area('coat', 'cloth', 1), self::area('cape', 'cloth', 1));

        self::assertSame(['coat first', 'cape first', 'coat second', 'cape second'], $order);
    }

    /**
     * From an hour of drying on the ground of a base is laid with the base coats, else after the shades.
     *
     * @param  list<string>  $expected
     */
    #[TestWith(['sand', ['soil sand', 'coat base', 'coat wash']])]
    #[TestWith(['grit', ['coat base', 'coat wash', 'soil grit']])]
    public function test_what_dries_long_begins_early(string $ground, array $expected): void
    {
        $order = self::order([
            ['tier' => 'plain', 'surface' => 'cloth', 'uses' => [['technique' => 'base'], ['technique' => 'wash']]],
            ['tier' => 'plain', 'surface' => 'ground', 'uses' => [['technique' => $ground]]],
        ], self::area('soil', 'ground', 1), self::area('coat', 'cloth', 2));

        self::assertSame($expected, $order);
    }

    public function test_markings_come_before_wear_elsewhere_and_the_rim_after_the_ground(): void
    {
        $requirements = [
            ['tier' => 'plain', 'surface' => 'marking', 'uses' => [['technique' => 'decal']]],
            ['tier' => 'plain', 'surface' => 'ground', 'uses' => [['technique' => 'dust']]],
            ['tier' => 'plain', 'surface' => 'rim', 'uses' => [['technique' => 'base']]],
        ];
        $planned = self::planned($requirements, self::area('edge', 'rim', 9), self::area('soil', 'ground', 8), self::area('badge', 'marking', 7));
        $order = array_map(self::words(...), $planned);

        self::assertSame(['badge decal', 'soil dust', 'edge base'], array_values(array_filter($order, static fn (string $step): bool => ! str_starts_with($step, 'tidy'))));
        self::assertContains('Dust, soil spills on the rim, which would have to be painted again.', self::reasons($planned, 'edge base'));
    }

    public function test_the_areas_own_order_holds_over_the_rule_for_markings(): void
    {
        $order = self::order([
            ['tier' => 'plain', 'surface' => 'cloth', 'uses' => [['technique' => 'dust'], ['technique' => 'decal']]],
        ], self::area('left', 'cloth', 1), self::area('right', 'cloth', 2));

        self::assertContains('left dust', $order);
        self::assertLessThan(array_search('left decal', $order, true), array_search('left dust', $order, true));
        self::assertLessThan(array_search('right decal', $order, true), array_search('right dust', $order, true));
    }

    public function test_wet_waits_and_says_how_long(): void
    {
        $planned = self::planned([
            ['tier' => 'plain', 'surface' => 'cloth', 'uses' => [['technique' => 'base'], ['technique' => 'wash']]],
        ], self::area('coat', 'cloth', 3));

        self::assertSame(['Base coat, coat lies under it and needs 10 minutes to dry.'], self::reasons($planned, 'coat wash'));
        self::assertSame(Reason::Drying, self::constraints($planned, 'coat wash')[0]->reason);
    }

    #[TestWith(['touch', 'Thin touch, coat lies under it and needs 0.5 minutes to dry.'])]
    #[TestWith(['layer', 'The standard lays it after Layer, coat.'])]
    public function test_what_hardly_needs_to_dry_says_so_and_what_does_not_waits_for_its_place_only(string $under, string $sentence): void
    {
        $planned = self::planned([
            ['tier' => 'plain', 'surface' => 'cloth', 'uses' => [['technique' => $under], ['technique' => 'buckle']]],
        ], self::area('coat', 'cloth', 3));

        self::assertSame([$sentence], self::reasons($planned, 'coat buckle'));
    }

    /**
     * @param  list<string>  $neighbours
     */
    private static function area(string $id, string $surface, int $depth, array $neighbours = [], float $share = 0.2): TypeArea
    {
        return new TypeArea(new Area($id, $surface, $share), '', $depth, false, [Side::Front], $neighbours);
    }

    /**
     * @param  list<RequirementDocument>  $requirements
     * @return list<string>
     */
    private static function order(array $requirements, TypeArea ...$areas): array
    {
        return array_map(self::words(...), self::planned($requirements, ...$areas));
    }

    /**
     * @param  list<RequirementDocument>  $requirements
     * @return list<PlannedStep|TidyBack>
     */
    private static function planned(array $requirements, TypeArea ...$areas): array
    {
        $document = SmallStandard::document();
        unset($document['reference']);
        foreach (['ground', 'rim'] as $surface) {
            $document['surfaces'][] = ['id' => $surface, 'name' => ucfirst($surface), 'needs_lay_in' => false];
        }
        $document['techniques'][] = ['id' => 'sand', 'name' => 'Sand', 'group' => 'base', 'opacity' => 'opaque', 'dry' => 60];
        $document['techniques'][] = ['id' => 'touch', 'name' => 'Thin touch', 'group' => 'light', 'opacity' => 'opaque', 'dry' => 0.5];
        $document['techniques'][] = ['id' => 'grit', 'name' => 'Grit', 'group' => 'base', 'opacity' => 'opaque', 'dry' => 59.9];
        $standard = StandardReader::ofSound()->read(['requirements' => $requirements] + $document);
        $figure = new Figure('plain', 1.0, array_values(array_map(static fn (TypeArea $area): Area => $area->area, $areas)));

        return (new WorkOrder($standard))->of((new Composer($standard))->compose($figure), new FigureType('type', SizeClass::Foot, array_values($areas)));
    }

    private static function words(PlannedStep|TidyBack $step): string
    {
        return $step instanceof TidyBack ? "tidy {$step->area->area->id}" : "{$step->step->area->area->id} {$step->step->laid->use->id}";
    }

    /**
     * @param  list<PlannedStep|TidyBack>  $planned
     * @return list<string>
     */
    private static function reasons(array $planned, string $name): array
    {
        return array_map(static fn (Constraint $constraint): string => $constraint->sentence, self::constraints($planned, $name));
    }

    /**
     * @param  list<PlannedStep|TidyBack>  $planned
     * @return list<Constraint>
     */
    private static function constraints(array $planned, string $name): array
    {
        foreach ($planned as $step) {
            if ($step instanceof PlannedStep && self::words($step) === $name) {
                return $step->constraints;
            }
        }
        self::fail("{$name} is not planned.");
    }
}
