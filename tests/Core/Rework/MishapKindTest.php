<?php

declare(strict_types=1);

namespace Tests\Core\Rework;

use Core\Rework\Layer;
use Core\Rework\MishapKind;
use Core\Rework\PaintedArea;
use Core\Standard\Standard;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Demo;

/** Where a mishap lies on the demo's lamplighter, and what is laid again for it. Common practice, no source. */
final class MishapKindTest extends TestCase
{
    /** @param  list<string>  $again */
    #[TestWith([MishapKind::Overspill, 'oilskin coat', '', ['base', 'wash', 'layer', 'whole/matt']], 'a slip on a shaded and lit coat: its base hides it')]
    #[TestWith([MishapKind::Dust, 'oilskin coat', '', ['base', 'wash', 'layer', 'whole/matt']])]
    #[TestWith([MishapKind::Pool, 'oilskin coat', 'wash', ['base', 'wash', 'layer', 'whole/matt']], 'a pool lets through: from the base under it')]
    #[TestWith([MishapKind::Patch, 'oilskin coat', 'base', ['base', 'wash', 'layer', 'whole/matt']])]
    #[TestWith([MishapKind::HardStep, 'oilskin coat', 'layer', ['base', 'wash', 'layer', 'whole/matt']], 'a thin light lets through what is under it')]
    #[TestWith([MishapKind::WideLine, 'helmet', 'edge-line', ['edge-line', 'whole/matt']], 'an edge line hides: by itself')]
    #[TestWith([MishapKind::Rubbed, 'boots', 'down/', ['whole/zenithal', 'base', 'wash', 'edge-line', 'whole/matt']], 'from the last ground on')]
    #[TestWith([MishapKind::Decal, 'guard badge', 'decal', ['decal', 'whole/matt']], 'a decal on the bare ground, matt again over it')]
    #[TestWith([MishapKind::Pool, 'lamp glass', '', ['base', 'detail', 'spot-light', 'whole/matt']], 'a glass has no shade, so what is on it is foreign; a dot of light hides none of it')]
    #[TestWith([MishapKind::Overspill, 'helmet', '', ['spray-lay-in', 'recess-wash', 'dark-line', 'edge-line', 'whole/matt']], 'lines hide nothing of a slip beside them')]
    #[TestWith([MishapKind::Overspill, 'quay stones', '', ['texture-paste', 'wash', 'ground-drybrush', 'tufts', 'whole/matt']], 'the paste hides a slip as a lay-in does elsewhere')]
    public function test_where_it_lies_and_what_is_laid_again(MishapKind $kind, string $area, string $in, array $again): void
    {
        [$standard, $painted] = self::painted($area);
        $suggested = $painted->suggested($kind->lies(), $standard);

        self::assertSame($in, $suggested);
        self::assertSame($again, array_map(static fn (Layer $layer): string => $layer->id, $painted->again($suggested, false, '')));
    }

    public function test_a_varnish_at_fault_is_laid_over_itself(): void
    {
        self::assertSame(['whole/matt'], array_map(static fn (Layer $layer): string => $layer->id, self::painted('boots')[1]->again('whole/matt', false, '')));
    }

    public function test_each_says_what_it_looks_like(): void
    {
        foreach (MishapKind::cases() as $kind) {
            self::assertNotSame('', $kind->looks());
            self::assertNotSame($kind->inWords(), $kind->looks());
        }
        self::assertStringContainsString('damp brush', MishapKind::Pool->fresh());
        self::assertStringContainsString('glazes of the middle tone', MishapKind::HardStep->instead());
        self::assertSame('', MishapKind::TideMark->fresh(), 'a dried edge is no longer fresh');
    }

    /** @return array{Standard, PaintedArea} an area of the lamplighter at Guard, all of it painted */
    private static function painted(string $area): array
    {
        $standard = Demo::standard();
        $type = Demo::types()['lamplighter'];
        $place = $type->area($area) ?? self::fail("There is no {$area}.");

        return [$standard, PaintedArea::of(Demo::compose($standard, $type, $standard->tier('guard')), $place, $standard, static fn (): bool => true)];
    }
}
