<?php

declare(strict_types=1);

namespace Tests\Core\Schedule;

use Core\Composition\FigureType;
use Core\Composition\SizeClass;
use Core\Schedule\Drying;
use DateTimeImmutable;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\PaintedOrder;

/** What is wet on a figure and by when it may be touched. Times by hand. */
final class DryingTest extends TestCase
{
    public function test_an_area_is_wet_until_its_last_layer_is_dry_and_another_is_free(): void
    {
        $sheet = self::sheet();
        $drying = self::at(['figure primer' => '12:00', 'coat base' => '14:00'], 1.0);

        self::assertSame(['14:10', 'coat base'], self::wait($drying, 'coat wash', '14:05'));
        self::assertNull(self::wait($drying, 'coat wash', '14:10'), 'then it may be touched');
        self::assertNull(self::wait($drying, 'belt base', '14:05'));
        self::assertSame(['figure primer', 'coat base', 'coat wash', 'belt base', 'belt decal', 'figure varnish'], $sheet->words());
    }

    public function test_what_goes_over_the_whole_figure_waits_for_all_of_it_and_all_for_it(): void
    {
        $drying = self::at(['coat wash' => '14:00', 'belt base' => '14:15'], 1.0);

        self::assertSame(['14:30', 'coat wash'], self::wait($drying, 'figure varnish', '14:20'));
        self::assertSame(['12:30', 'figure primer'], self::wait(self::at(['figure primer' => '12:00'], 1.0), 'belt base', '12:01'));
    }

    public function test_what_is_laid_into_wet_paint_does_not_wait_for_that(): void
    {
        $drying = self::at(['belt base' => '14:00'], 1.0);

        self::assertNull(self::wait($drying, 'belt decal', '14:01'));
        self::assertSame(['14:10', 'belt base'], self::wait($drying, 'figure varnish', '14:01'));
    }

    public function test_a_warm_room_dries_faster_and_where_nothing_is_marked_nothing_is_wet(): void
    {
        self::assertSame(['14:05', 'coat base'], self::wait(self::at(['coat base' => '14:00'], 0.5), 'coat wash', '14:04'));
        self::assertNull(self::wait(self::at([], 1.0), 'coat wash', '14:04'));
    }

    private static function sheet(): PaintedOrder
    {
        $dry = static fn (int $minutes): array => ['dry' => $minutes];

        return new PaintedOrder(
            [
                PaintedOrder::technique('primer', 'ground', more: $dry(30)), PaintedOrder::technique('base', 'lay-in', more: $dry(10)), PaintedOrder::technique('wash', 'shade', 'transparent', more: $dry(30)),
                PaintedOrder::technique('decal', 'marking', more: ['dry' => 30, 'wet_into' => ['base']]), PaintedOrder::technique('varnish', 'finish', 'transparent', more: $dry(60)),
            ],
            ['whole' => [['technique' => 'primer'], ['technique' => 'varnish']], 'cloth' => [['technique' => 'base'], ['technique' => 'wash']], 'leather' => [['technique' => 'base'], ['technique' => 'decal']]],
            self::areas(),
        );
    }

    /** @return list<\Core\Composition\TypeArea> */
    private static function areas(): array
    {
        return [PaintedOrder::area('figure', 'whole'), PaintedOrder::area('coat', 'cloth', 1), PaintedOrder::area('belt', 'leather', 2)];
    }

    /** @param  array<string, string>  $done time by step */
    private static function at(array $done, float $share): Drying
    {
        $sheet = self::sheet();
        $places = array_flip($sheet->words());
        $times = [];
        foreach ($done as $step => $time) {
            $times[$places[$step]] = new DateTimeImmutable("2026-03-02 {$time}");
        }

        return Drying::of($sheet->work->items, new FigureType('Small', SizeClass::Foot, self::areas()), $times, $share);
    }

    /** @return array{string, string}|null until when, and for what */
    private static function wait(Drying $drying, string $step, string $now): ?array
    {
        $sheet = self::sheet();
        $item = (int) array_search($step, $sheet->words(), true);
        $wet = $drying->before($item, $sheet->work->items[$item], new DateTimeImmutable("2026-03-02 {$now}"));

        return $wet === null ? null : [$wet['until']->format('H:i'), $sheet->words()[$wet['item']]];
    }
}
