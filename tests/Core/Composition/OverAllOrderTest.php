<?php

declare(strict_types=1);

namespace Tests\Core\Composition;

use Core\Composition\OverAllOrder;
use Core\Standard\Opacity;
use Core\Standard\OverAll;
use Core\Standard\Standard;
use Core\Standard\Technique;
use Core\Standard\TechniqueGroup;
use Core\Standard\TechniqueUse;
use Document\Standard\StandardReader;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** An area with a base, a wash, the base again, a light and a detail; over it what is done to the figure as one. By hand. */
final class OverAllOrderTest extends TestCase
{
    private const AREA = ['base', 'wash', 'base', 'layer', 'dot'];

    /** @param  list<string>  $laid */
    #[TestWith(['prime', null, ['WHOLE', 'base', 'wash', 'base', 'layer', 'dot']], 'a ground before everything')]
    #[TestWith(['wash', null, ['base', 'WHOLE', 'wash', 'base', 'layer', 'dot']], 'a shade before the shade of the area')]
    #[TestWith(['wash', 'light', ['base', 'wash', 'base', 'WHOLE', 'layer', 'dot']], 'a shade before the lights')]
    #[TestWith(['dust', 'shade', ['base', 'WHOLE', 'wash', 'base', 'layer', 'dot']], 'before the first of its stage, though lay-ins follow')]
    #[TestWith(['dust', 'detail', ['base', 'wash', 'base', 'layer', 'WHOLE', 'dot']], 'after the lights')]
    #[TestWith(['varnish', null, ['base', 'wash', 'base', 'layer', 'dot', 'WHOLE']], 'a varnish after all')]
    public function test_a_use_of_the_whole_comes_before_its_stage_and_all_that_is_later(string $technique, ?string $stage, array $laid): void
    {
        self::assertSame($laid, self::laid([self::whole($technique, $stage)]));
    }

    public function test_what_it_is_kept_off_does_not_get_it(): void
    {
        self::assertSame(self::AREA, self::laid([self::whole('wash', null, ['cloth'])]));
        self::assertContains('WHOLE', self::laid([self::whole('wash', null, ['metal'])]));
    }

    public function test_several_keep_their_own_order(): void
    {
        self::assertSame(['WHOLE', 'base', 'wash', 'base', 'layer', 'WHOLE', 'dot'], self::laid([self::whole('prime', null), self::whole('dust', 'detail')]));
        // The figure is dusted before it is primed, as it is written: the order of a requirement is the stronger.
        self::assertSame(['base', 'wash', 'base', 'layer', 'WHOLE', 'WHOLE', 'dot'], self::laid([self::whole('dust', 'detail'), self::whole('prime', null)]));
    }

    public function test_a_split_is_at_the_first_use_that_is_not_before_the_stage(): void
    {
        $of = static fn (TechniqueGroup $group, bool $look = false): Technique => new Technique('t', 'T', $group, Opacity::Opaque, look: $look);
        $techniques = array_map($of, [TechniqueGroup::LayIn, TechniqueGroup::Shade, TechniqueGroup::LayIn, TechniqueGroup::Light]);

        self::assertSame([0, 0, 0, 1, 3, 4, 4], array_map(
            static fn (TechniqueGroup $stage): int => OverAllOrder::split($stage, $techniques),
            [TechniqueGroup::Prepare, TechniqueGroup::Ground, TechniqueGroup::LayIn, TechniqueGroup::Shade, TechniqueGroup::Light, TechniqueGroup::Detail, TechniqueGroup::Tidy],
        ));
        self::assertSame(0, OverAllOrder::split(TechniqueGroup::Tidy, []));
        self::assertSame(2, OverAllOrder::split(TechniqueGroup::Shade, [$of(TechniqueGroup::LayIn), $of(TechniqueGroup::Tidy, true), $of(TechniqueGroup::Shade)]), 'a look belongs to what it looks at');
    }

    /**
     * @param  list<TechniqueUse>  $whole
     * @return list<string>
     */
    private static function laid(array $whole): array
    {
        $uses = array_map(static fn (string $technique, int $at): TechniqueUse => new TechniqueUse("{$technique}{$at}", [$technique]), self::AREA, array_keys(self::AREA));

        return array_map(
            static fn (TechniqueUse $use): string => $use->overAll === null ? $use->techniques[0] : 'WHOLE',
            (new OverAllOrder(self::standard()))->among($uses, $whole, 'cloth'),
        );
    }

    /** @param  list<string>  $except */
    private static function whole(string $technique, ?string $stage, array $except = []): TechniqueUse
    {
        return new TechniqueUse($technique, [$technique], overAll: new OverAll($stage === null ? null : TechniqueGroup::from($stage), $except));
    }

    private static function standard(): Standard
    {
        $groups = ['prime' => 'ground', 'base' => 'lay-in', 'wash' => 'shade', 'layer' => 'light', 'dot' => 'detail', 'dust' => 'wear', 'varnish' => 'finish'];

        return StandardReader::ofSound()->read([
            'format' => 'ordotype-standard/1', 'name' => 'Small', 'version' => '1',
            'surfaces' => [['id' => 'cloth', 'name' => 'Cloth'], ['id' => 'metal', 'name' => 'Metal']],
            'techniques' => array_map(static fn (string $id, string $group): array => ['id' => $id, 'name' => $id, 'group' => $group, 'opacity' => 'opaque'], array_keys($groups), $groups),
            'tiers' => [], 'requirements' => [],
        ]);
    }
}
