<?php

declare(strict_types=1);

namespace Tests\Core\Composition;

use Core\Composition\LiesAmong;
use Core\Standard\OverAll;
use Core\Standard\Technique;
use Core\Standard\TechniqueGroup;
use Document\Standard\StandardReader;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\SmallStandard;

/** A use of the figure as one among the layers of the small standard: base, wash, drybrush, buckles on cloth; nothing on markings. */
final class LiesAmongTest extends TestCase
{
    public function test_it_lies_before_the_first_layer_of_its_stage(): void
    {
        $place = self::wash(new OverAll(TechniqueGroup::Light));

        self::assertSame([['Cloth', ['base', 'wash'], ['drybrush', 'buckle']]], self::layers($place));
        self::assertSame([], $place->spared);
        self::assertSame('Over lay-in and shade, under light and detail.', $place->inWords());
    }

    public function test_what_comes_again_on_top_is_told_from_what_lies_below(): void
    {
        $standard = StandardReader::ofSound()->read(SmallStandard::with(['/requirements/1/uses/-' => ['id' => 'again', 'technique' => 'base', 'extent' => 'upper', 'minutes' => 2]]));

        self::assertSame('Over lay-in and shade, under later lay-in, light and detail.', LiesAmong::of($standard, 'plain', $standard->technique('wash'), new OverAll(TechniqueGroup::Light))->inWords());
    }

    public function test_where_no_stage_is_said_it_comes_at_that_of_its_technique(): void
    {
        self::assertSame('Over lay-in, under shade, light and detail.', self::wash(new OverAll)->inWords());
    }

    public function test_it_may_lie_under_everything_or_over_it(): void
    {
        self::assertSame('Under everything.', self::wash(new OverAll(TechniqueGroup::Ground))->inWords());
        self::assertSame('Over lay-in, shade, light and detail, nothing on top.', self::wash(new OverAll(TechniqueGroup::Finish))->inWords());
    }

    public function test_it_is_kept_off_surfaces_and_what_is_not_asked_for_is_not_spoken_of(): void
    {
        $place = self::wash(new OverAll(TechniqueGroup::Light, ['cloth', 'marking']));

        self::assertSame([[], ['Cloth']], [$place->surfaces, $place->spared]);
        self::assertSame('This tier asks nothing that it could lie on yet.', $place->inWords());
    }

    private static function wash(OverAll $overAll): LiesAmong
    {
        $standard = SmallStandard::standard();

        return LiesAmong::of($standard, 'plain', $standard->technique('wash'), $overAll);
    }

    /** @return list<array{string, list<string>, list<string>}> */
    private static function layers(LiesAmong $place): array
    {
        return array_map(static fn (array $one): array => [$one['surface'], self::ids($one['under']), self::ids($one['over'])], $place->surfaces);
    }

    /**
     * @param  list<Technique>  $techniques
     * @return list<string>
     */
    private static function ids(array $techniques): array
    {
        return array_map(static fn (Technique $technique): string => $technique->id, $techniques);
    }
}
