<?php

declare(strict_types=1);

namespace Tests\Core\Check;

use Core\Check\Sight;
use Core\Standard\VisualAngle;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SightTest extends TestCase
{
    /** @return iterable<string, array{float, float, float}> size in mm, distance in mm, minutes of arc */
    public static function published(): iterable
    {
        yield 'ISO 8596: the strokes of a 6/6 letter at 6 m, 1.745 mm, are 1 minute of arc' => [1.7453, 6000, 1.0];
        yield 'ISO 8596: the whole 6/6 letter, 8.727 mm, is 5 minutes of arc' => [8.7266, 6000, 5.0];
        yield 'the angle does not change when size and distance grow alike' => [0.17453, 600, 1.0];
    }

    #[DataProvider('published')]
    public function test_visual_angle_agrees_with_published_facts(float $size, float $distance, float $arcmin): void
    {
        self::assertEqualsWithDelta($arcmin, VisualAngle::of($size, $distance)->arcmin, 1e-4);
    }

    public function test_at_arms_length_of_700_mm_a_fifth_of_a_millimetre_is_resolved(): void
    {
        self::assertEqualsWithDelta(0.2036, (new Sight)->smallestAt(700), 5e-5);
    }

    public function test_the_smallest_size_is_seen_and_a_little_less_is_not(): void
    {
        foreach ([150.0, 333.3, 700.0, 900.0, 6000.0] as $distance) {
            $sight = new Sight;
            $smallest = $sight->smallestAt($distance);
            self::assertTrue($sight->sees(VisualAngle::of($smallest, $distance), null));
            self::assertFalse($sight->sees(VisualAngle::of($smallest * 0.9999, $distance), null));
        }
    }

    public function test_sharper_sight_sees_half_the_size(): void
    {
        self::assertEqualsWithDelta((new Sight)->smallestAt(700) / 2, (new Sight(2.0))->smallestAt(700), 1e-9);
    }

    public function test_colours_less_than_2_3_apart_are_not_noticed(): void
    {
        $large = VisualAngle::of(10, 700);

        self::assertFalse((new Sight)->sees($large, 2.29));
        self::assertTrue((new Sight)->sees($large, 2.3));
        self::assertTrue((new Sight)->sees($large, null));
    }
}
