<?php

declare(strict_types=1);

namespace Tests\Core\Plate;

use Core\Plate\NeutralPlate;
use Core\Plate\Plate;
use Core\Standard\Standard;
use Document\Member\UseMembers;
use Document\Standard\StandardReader;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/**
 * A thin base on cloth over what the tier lays on the whole figure. Invented.
 *
 * @phpstan-import-type UseDocument from UseMembers
 */
final class NeutralPlateTest extends TestCase
{
    #[TestWith(['dark', '#242424'])]
    #[TestWith(['mid-grey', '#7c7c7c'])]
    #[TestWith(['light', '#dedede'])]
    #[TestWith(['zenithal', '#242424'])]
    #[TestWith([null, '#7c7c7c'], 'nobody has chosen')]
    public function test_the_ground_is_the_one_that_the_studio_holds_to(?string $school, string $hex): void
    {
        self::assertSame($hex, self::plate([], $school === null ? [] : ['ground' => $school], [])->zones[0]->colour->hex());
    }

    public function test_a_value_sketch_shows_through_thin_paint(): void
    {
        $face = static fn (Plate $plate): float => $plate->zones[3]->colour->lightness() - $plate->zones[1]->colour->lightness();
        $primed = self::plate([['technique' => 'thin']], ['ground' => 'zenithal'], [['technique' => 'prime']]);
        $sketched = self::plate([['technique' => 'thin']], ['ground' => 'zenithal'], [['technique' => 'prime'], ['technique' => 'sketch']]);
        $covered = self::plate([['technique' => 'base']], ['ground' => 'zenithal'], [['technique' => 'prime'], ['technique' => 'sketch']]);

        self::assertGreaterThan($face($primed), $face($sketched));
        self::assertSame(0.0, $face($covered), 'what covers hides it');
    }

    public function test_only_what_leaves_a_colour_is_laid_on_the_surfaces(): void
    {
        $plate = self::plate([['technique' => 'base']], [], [['technique' => 'clean'], ['technique' => 'prime'], ['technique' => 'grime'], ['technique' => 'varnish']]);

        self::assertSame(['prime', 'base', 'grime'], $plate->zones[1]->uses);
        self::assertSame(['clean', 'prime', 'grime', 'varnish'], self::plate([], [], [['technique' => 'clean'], ['technique' => 'prime'], ['technique' => 'grime'], ['technique' => 'varnish']], 'whole')->zones[1]->uses);
        self::assertSame(['prime', 'base'], self::plate([['technique' => 'base']], [], [['technique' => 'prime'], ['technique' => 'grime', 'except' => ['cloth']]])->zones[1]->uses);
    }

    public function test_without_a_tier_nothing_is_laid_over_the_whole(): void
    {
        $standard = self::standard([['technique' => 'base']], [], [['technique' => 'grime']]);

        self::assertSame(['base'], (new NeutralPlate($standard))->of('cloth', $standard->requirement('plain', 'cloth')->uses ?? [], null)->zones[1]->uses);
    }

    /**
     * @param  list<UseDocument>  $cloth
     * @param  array<string, string>  $schools
     * @param  list<UseDocument>  $whole
     */
    private static function plate(array $cloth, array $schools, array $whole, string $surface = 'cloth'): Plate
    {
        $standard = self::standard($cloth, $schools, $whole);

        return (new NeutralPlate($standard))->of($surface, $standard->requirement('plain', $surface)->uses ?? [], 'plain');
    }

    /**
     * @param  list<UseDocument>  $cloth
     * @param  array<string, string>  $schools
     * @param  list<UseDocument>  $whole
     */
    private static function standard(array $cloth, array $schools, array $whole): Standard
    {
        $technique = static fn (string $id, string $group, string $opacity, string $lies = 'all'): array => ['id' => $id, 'name' => $id, 'group' => $group, 'opacity' => $opacity, 'lies_on' => $lies];

        return StandardReader::ofSound()->read([
            'format' => 'ordotype-standard/1', 'name' => 'Small', 'version' => '1', 'schools' => $schools,
            'surfaces' => [['id' => 'whole', 'name' => 'Whole'], ['id' => 'cloth', 'name' => 'Cloth']],
            'techniques' => [
                $technique('clean', 'prepare', 'opaque'), $technique('prime', 'ground', 'opaque'), $technique('sketch', 'ground', 'semi', 'face'), $technique('base', 'lay-in', 'opaque'),
                $technique('thin', 'lay-in', 'semi'), $technique('grime', 'shade', 'transparent'), $technique('varnish', 'finish', 'transparent'),
            ],
            'tiers' => [['id' => 'plain', 'name' => 'Plain', 'rank' => 1, 'distance_mm' => 700, 'sides' => ['front'], 'look_minutes' => 3, 'limits' => ['critical' => 0, 'major' => 0, 'minor' => 0], 'colour_tolerance' => 5, 'budget_minutes' => 60, 'by_agreement' => false, 'retired' => false]],
            'requirements' => [['tier' => 'plain', 'surface' => 'whole', 'uses' => $whole], ['tier' => 'plain', 'surface' => 'cloth', 'uses' => $cloth]],
        ]);
    }
}
