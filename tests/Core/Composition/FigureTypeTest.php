<?php

declare(strict_types=1);

namespace Tests\Core\Composition;

use Core\Composition\Composer;
use Core\Composition\Difficulty;
use Core\Composition\FigureType;
use Core\Composition\SizeClass;
use Core\Composition\TypeArea;
use Core\School\Schools;
use Core\Standard\Area;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Demo;
use Tests\Core\Support\PaintedOrder;

/** A figure without some of its areas. */
final class FigureTypeTest extends TestCase
{
    public function test_what_sits_on_what_is_missing_is_missing_too_and_nobody_touches_it(): void
    {
        $type = new FigureType('Troll', SizeClass::Foot, [
            PaintedOrder::area('face', 'face', 1, ['hood', 'teeth']), PaintedOrder::area('teeth', 'bone', 2, ['face'], 'face'), PaintedOrder::area('stain', 'metal', 3, [], 'teeth'),
            PaintedOrder::area('hood', 'cloth', 2, ['face', 'coat']), PaintedOrder::area('coat', 'cloth', 3, ['hood']),
        ]);
        $bare = $type->without(['face', 'wings']);

        self::assertSame(['hood' => ['coat'], 'coat' => ['hood']], array_column(array_map(static fn (TypeArea $area): array => [$area->area->id, $area->neighbours], $bare->areas), 1, 0));
        self::assertNull($bare->area('teeth'));
        self::assertNull($bare->area('stain'), 'however far up');
        self::assertSame($type, $type->without([]));
        self::assertSame($type, $type->without(['wings']));
    }

    public function test_what_nobody_is_sure_of_stays_so_whatever_else_is_made_of_it_and_is_gone_with_its_area(): void
    {
        $strap = new TypeArea(new Area('strap', 'leather', 0.1), '', 1, false, [], ['face'], 'face', [], true);
        $type = new FigureType('Troll', SizeClass::Foot, [PaintedOrder::area('face', 'face', 1), $strap, PaintedOrder::area('coat', 'cloth', 2)]);

        self::assertSame(['strap'], $type->unsure());
        foreach ([$type->withSurfaces(['strap' => 'metal']), $type->withSchools(['strap' => new Schools]), $type->without(['coat']), $type->named('Old troll')] as $made) {
            self::assertSame(['strap'], $made->unsure());
        }
        self::assertTrue($strap->within('head')->isUnsure);
        self::assertSame([], $type->without(['strap'])->unsure());
        self::assertSame([], $type->without(['face'])->unsure(), 'with what it sits on');
    }

    public function test_a_sculpt_takes_the_brush_more_or_less_easily_whatever_is_made_of_its_type(): void
    {
        $type = new FigureType('Troll', SizeClass::Mounted, [PaintedOrder::area('face', 'face', 1), PaintedOrder::area('coat', 'cloth', 2)]);
        self::assertSame([2.25, 2.5, 3.125], array_map(static fn (Difficulty $difficulty): float => $type->ofDifficulty($difficulty)->work(), Difficulty::cases()));

        $hard = $type->ofDifficulty(Difficulty::RunsTogether);
        foreach ([$hard->without(['face']), $hard->withSurfaces(['coat' => 'leather']), $hard->withSchools(['coat' => new Schools]), $hard->named('Old troll')] as $made) {
            self::assertSame(3.125, $made->work());
        }
    }

    public function test_what_is_left_keeps_its_size_and_its_minutes(): void
    {
        $standard = Demo::standard();
        foreach (Demo::types() as $type) {
            foreach ($type->areas as $missing) {
                $bare = $type->without([$missing->area->id]);
                foreach ($bare->areas as $area) {
                    self::assertSame($type->area($area->area->id)?->area, $area->area);
                }
                if ($missing->area->surface === 'whole') {
                    continue;
                }
                $tier = $standard->tiersByRank()[1]->id;
                $whole = (new Composer($standard))->composeType($type, $tier);
                $kept = array_filter($whole->uses, static fn ($use): bool => $bare->area($use->area->id) !== null);
                self::assertEqualsWithDelta(array_sum(array_column($kept, 'minutes')), (new Composer($standard))->composeType($bare, $tier)->minutes, 1e-9, "{$type->name} without {$missing->area->id}");
            }
        }
    }
}
