<?php

declare(strict_types=1);

namespace Tests\Core\Colour;

use Core\Colour\ColourDifference;
use Core\Colour\Mix;
use Core\Colour\MixPart;
use Core\Colour\Observer;
use Core\Colour\PartsNotOverZero;
use Core\Colour\Reflectance;
use Core\Colour\Srgb;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class MixTest extends TestCase
{
    /** White of D65 for the 2° observer: 0.95047, 1, 1.08883 (IEC 61966-2-1). The bands end at 730 nm and are 10 nm wide. */
    public function test_the_tables_of_the_observer_give_the_white_of_D65(): void
    {
        [$x, $y, $z] = Observer::white();

        self::assertEqualsWithDelta(0.95047, $x, 0.0008);
        self::assertSame(1.0, $y);
        self::assertEqualsWithDelta(1.08883, $z, 0.0008);
        foreach (Observer::weights() as $channel) {
            self::assertEqualsWithDelta(1.0, array_sum($channel), 1e-12);
        }
    }

    /** @return iterable<string, array{string}> */
    public static function colours(): iterable
    {
        foreach (['#000000', '#ffffff', '#ff0000', '#00ff00', '#0000ff', '#ffff00', '#00ffff', '#ff00ff', '#010000', '#8c3a26', '#3e4c57', '#f1efe6'] as $hex) {
            yield $hex => [$hex];
        }
        $random = new Randomizer(new Mt19937(11));
        for ($i = 0; $i < 40; $i++) {
            $hex = sprintf('#%06x', $random->getInt(0, 0xFFFFFF));
            yield $hex => [$hex];
        }
    }

    #[DataProvider('colours')]
    public function test_a_paint_alone_gives_itself_back(string $hex): void
    {
        $colour = Srgb::fromHex($hex);

        self::assertLessThan(0.5, ColourDifference::between($colour->lab(), Mix::of([new MixPart($colour, 3)])->lab()));
    }

    #[DataProvider('colours')]
    public function test_a_reflectance_is_between_nothing_and_all_and_looks_like_its_colour(string $hex): void
    {
        $reflectance = Reflectance::of(Srgb::fromHex($hex));
        [$red, $green, $blue] = $reflectance->light();

        self::assertCount(36, array_filter($reflectance->bands, static fn (float $band): bool => $band > 0 && $band < 1));
        self::assertLessThan(3.0, ColourDifference::between(Srgb::fromHex($hex)->lab(), Srgb::ofLight($red, $green, $blue)->lab()));
    }

    public function test_yellow_and_blue_make_a_green(): void
    {
        foreach ([['#ffff00', '#0000ff'], ['#e2b53c', '#2f56a8'], ['#f7e017', '#1f3a93']] as [$yellow, $blue]) {
            $hue = self::mix([$yellow, 1], [$blue, 1])->lab()->hue();
            self::assertGreaterThan(100, $hue, "{$yellow} with {$blue}");
            self::assertLessThan(190, $hue, "{$yellow} with {$blue}");
        }
    }

    public function test_neither_the_order_nor_a_common_factor_matters_nor_a_paint_named_twice(): void
    {
        $mixed = self::mix(['#8c3a26', 3], ['#f1efe6', 5], ['#4f7390', 1])->hex();

        self::assertSame($mixed, self::mix(['#4f7390', 1], ['#f1efe6', 5], ['#8c3a26', 3])->hex());
        self::assertSame($mixed, self::mix(['#8c3a26', 0.3], ['#f1efe6', 0.5], ['#4f7390', 0.1])->hex());
        self::assertSame($mixed, self::mix(['#8c3a26', 1], ['#f1efe6', 5], ['#4f7390', 1], ['#8c3a26', 2])->hex());
    }

    /** Common practice, no source: more of the lighter paint makes the mix lighter. */
    public function test_more_of_the_lighter_paint_is_lighter(): void
    {
        $before = 0.0;
        foreach ([0.1, 0.25, 0.5, 1, 2, 4, 10] as $parts) {
            $lightness = self::mix(['#8c3a26', 1], ['#f1efe6', $parts])->lightness();
            self::assertGreaterThan($before, $lightness);
            $before = $lightness;
        }
        self::assertLessThan(Srgb::fromHex('#f1efe6')->lightness(), $before);
    }

    public function test_no_parts_are_refused(): void
    {
        foreach ([0.0, -1.0, NAN] as $parts) {
            try {
                new MixPart(Srgb::fromHex('#123456'), $parts);
                self::fail("{$parts}");
            } catch (PartsNotOverZero $refusal) {
                self::assertSame('out-of-range', $refusal->code());
            }
        }
    }

    /**
     * Against spectral.js, which mixes by Kubelka–Munk too, on spectra made in another way and with the square
     * of the parts: at equal parts both mean the same. The demo's own mixes, and pairs round the circle of hues.
     */
    public function test_equal_parts_come_near_to_what_another_library_forecasts(): void
    {
        $paints = ['#8c3a26', '#f1efe6', '#4f7390', '#e2b53c', '#3c4a33', '#161617', '#9db9c6', '#d9a88a', '#6a4a31', '#2b2533'];
        $mixes = [];
        foreach ($paints as $at => $one) {
            foreach (array_slice($paints, $at + 1) as $other) {
                $mixes[] = [[$one, 1], [$other, 1]];
            }
        }
        $apart = [];
        foreach (ReferenceLibrary::mixes($mixes) as $at => $theirs) {
            $apart[] = ColourDifference::between(Srgb::fromHex($theirs)->lab(), self::mix(...$mixes[$at])->lab());
        }
        sort($apart);
        self::assertCount(45, $apart);
        $median = $apart[22];
        $largest = $apart[44];
        fwrite(STDOUT, sprintf("\nMixes of two in equal parts against spectral.js: %d, median ΔE00 %.2f, largest %.2f\n", count($apart), $median, $largest));

        self::assertLessThan(4.0, $median);
        self::assertLessThan(15.0, $largest);
    }

    /** @param  array{string, int|float}  ...$parts hex and parts */
    private static function mix(array ...$parts): Srgb
    {
        $of = array_map(static fn (array $part): MixPart => new MixPart(Srgb::fromHex($part[0]), (float) $part[1]), array_values($parts));
        assert($of !== []);

        return Mix::of($of);
    }
}
