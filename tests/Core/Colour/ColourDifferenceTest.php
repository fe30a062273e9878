<?php

declare(strict_types=1);

namespace Tests\Core\Colour;

use Core\Colour\ColourDifference;
use Core\Colour\Lab;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class ColourDifferenceTest extends TestCase
{
    /**
     * Sharma, Wu and Dalal (2005), table 1: the supplementary test data, all 34 pairs.
     *
     * @return iterable<string, array{array{float, float, float}, array{float, float, float}, float}>
     */
    public static function sharmaWuDalal(): iterable
    {
        $blue = [50.0, 0.0, -82.7485];
        $grey = [50.0, 2.5, 0.0];
        yield '1: the true chroma difference of blues' => [[50.0, 2.6772, -79.7751], $blue, 2.0425];
        yield '2' => [[50.0, 3.1571, -77.2803], $blue, 2.8615];
        yield '3' => [[50.0, 2.8361, -74.0200], $blue, 3.4412];
        yield '4: the true hue difference' => [[50.0, -1.3802, -84.2814], $blue, 1.0000];
        yield '5' => [[50.0, -1.1848, -84.8006], $blue, 1.0000];
        yield '6' => [[50.0, -0.9009, -85.5211], $blue, 1.0000];
        yield '7: a grey has no hue' => [[50.0, 0.0, 0.0], [50.0, -1.0, 2.0], 2.3669];
        yield '8: and the other way about' => [[50.0, -1.0, 2.0], [50.0, 0.0, 0.0], 2.3669];
        yield '9: the mean of hues the shorter way round' => [[50.0, 2.4900, -0.0010], [50.0, -2.4900, 0.0009], 7.1792];
        yield '10' => [[50.0, 2.4900, -0.0010], [50.0, -2.4900, 0.0010], 7.1792];
        yield '11' => [[50.0, 2.4900, -0.0010], [50.0, -2.4900, 0.0011], 7.2195];
        yield '12' => [[50.0, 2.4900, -0.0010], [50.0, -2.4900, 0.0012], 7.2195];
        yield '13' => [[50.0, -0.0010, 2.4900], [50.0, 0.0009, -2.4900], 4.8045];
        yield '14' => [[50.0, -0.0010, 2.4900], [50.0, 0.0010, -2.4900], 4.8045];
        yield '15' => [[50.0, -0.0010, 2.4900], [50.0, 0.0011, -2.4900], 4.7461];
        yield '16' => [$grey, [50.0, 0.0, -2.5], 4.3065];
        yield '17: large differences' => [$grey, [73.0, 25.0, -18.0], 27.1492];
        yield '18' => [$grey, [61.0, -5.0, 29.0], 22.8977];
        yield '19' => [$grey, [56.0, -27.0, -3.0], 31.9030];
        yield '20' => [$grey, [58.0, 24.0, 15.0], 19.4535];
        yield '21: small differences' => [$grey, [50.0, 3.1736, 0.5854], 1.0000];
        yield '22' => [$grey, [50.0, 3.2972, 0.0], 1.0000];
        yield '23' => [$grey, [50.0, 1.8634, 0.5757], 1.0000];
        yield '24' => [$grey, [50.0, 3.2592, 0.3350], 1.0000];
        yield '25: pairs of earlier papers' => [[60.2574, -34.0099, 36.2677], [60.4626, -34.1751, 39.4387], 1.2644];
        yield '26' => [[63.0109, -31.0961, -5.8663], [62.8187, -29.7946, -4.0864], 1.2630];
        yield '27' => [[61.2901, 3.7196, -5.3901], [61.4292, 2.2480, -4.9620], 1.8731];
        yield '28' => [[35.0831, -44.1164, 3.7933], [35.0232, -40.0716, 1.5901], 1.8645];
        yield '29' => [[22.7233, 20.0904, -46.6940], [23.0331, 14.9730, -42.5619], 2.0373];
        yield '30' => [[36.4612, 47.8580, 18.3852], [36.2715, 50.5065, 21.2231], 1.4146];
        yield '31' => [[90.8027, -2.0831, 1.4410], [91.1528, -1.6435, 0.0447], 1.4441];
        yield '32' => [[90.9257, -0.5406, -0.9208], [88.6381, -0.8985, -0.7239], 1.5381];
        yield '33' => [[6.7747, -0.2908, -2.4247], [5.8714, -0.0985, -2.2286], 0.6377];
        yield '34' => [[2.0776, 0.0795, -1.1350], [0.9033, -0.0636, -0.5514], 0.9082];
    }

    /**
     * @param  array{float, float, float}  $one
     * @param  array{float, float, float}  $other
     */
    #[DataProvider('sharmaWuDalal')]
    public function test_the_published_data(array $one, array $other, float $difference): void
    {
        self::assertEqualsWithDelta($difference, ColourDifference::between(new Lab(...$one), new Lab(...$other)), 0.0001);
        self::assertEqualsWithDelta($difference, ColourDifference::between(new Lab(...$other), new Lab(...$one)), 0.0001, 'it is the same both ways');
    }

    /** Three thousand pairs against culori, near and far apart, greys and blacks among them. */
    public function test_random_pairs_are_as_another_library_has_them(): void
    {
        $random = new Randomizer(new Mt19937(50));
        $between = static fn (int $least, int $most): float => $random->getInt($least * 10_000, $most * 10_000) / 10_000;
        $pairs = [];
        for ($i = 0; $i < 3000; $i++) {
            $one = [$between(0, 100), $between(-100, 100), $between(-100, 100)];
            $other = match ($i % 3) {
                0 => [$between(0, 100), $between(-100, 100), $between(-100, 100)],
                1 => array_map(static fn (float $each): float => $each + $between(-2, 2), $one),
                default => [$between(0, 100), 0.0, 0.0],
            };
            $pairs[] = [$one, $other];
        }

        foreach (ReferenceLibrary::differences($pairs) as $at => $theirs) {
            self::assertEqualsWithDelta($theirs, ColourDifference::of(...$pairs[$at][0], ...$pairs[$at][1]), 1e-9, (string) json_encode($pairs[$at]));
        }
    }
}
