<?php

declare(strict_types=1);

namespace Tests\Core\Rework;

use Core\Rework\AreaLayers;
use Core\Rework\CannotCover;
use Core\Rework\Layer;
use Core\Rework\NotLaid;
use Core\Standard\Duplicate;
use Core\Standard\Opacity;
use Core\Standard\OutOfRange;
use Core\Standard\UnknownReference;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What is laid again after a fault, by hand. Common practice, no source. */
final class AreaLayersTest extends TestCase
{
    /** @return iterable<string, array{AreaLayers, string|null, list<string>}> the layers, the one at fault (null: a spill), what is laid again */
    public static function faults(): iterable
    {
        $steel = [self::layer('steel', Opacity::Opaque), self::layer('wash', Opacity::Transparent), self::layer('line', Opacity::Opaque), self::layer('glaze', Opacity::Semi)];
        $plate = self::area(null, ...$steel);
        yield 'a wobbly line, with the glaze over it' => [$plate, 'line', ['line', 'glaze']];
        yield 'a tide mark of the wash, from the steel on' => [$plate, 'wash', ['steel', 'wash', 'line', 'glaze']];
        yield 'a glaze that pooled, from the line under it on' => [$plate, 'glaze', ['line', 'glaze']];
        yield 'a patch that was missed in the steel' => [$plate, 'steel', ['steel', 'wash', 'line', 'glaze']];
        yield 'foreign paint on top, from the line on' => [$plate, null, ['line', 'glaze']];
        yield 'the same before the line was laid' => [self::area(2, ...$steel), null, ['steel', 'wash']];
        yield 'on the bare ground' => [self::area(0, ...$steel), null, ['brown']];

        // A cream that does not hide brown dust: a slip in its shade goes down to the ground colour.
        $cream = self::area(null, self::layer('cream', Opacity::Opaque, false), self::layer('shade', Opacity::Transparent));
        yield 'a slip on a cream plate with shaded recesses' => [$cream, null, ['brown', 'cream', 'shade']];
        yield 'a shade on it that dried in rings' => [$cream, 'shade', ['brown', 'cream', 'shade']];
        yield 'a missed patch of the cream, by itself' => [$cream, 'cream', ['cream', 'shade']];

        $stained = self::area(null, self::layer('orange stain', Opacity::Transparent), self::layer('red stain', Opacity::Transparent));
        yield 'a stain over a stain, down to the ground' => [$stained, 'red stain', ['brown', 'orange stain', 'red stain']];
    }

    /** @param  list<string>  $again */
    #[DataProvider('faults')]
    public function test_what_is_laid_again(AreaLayers $area, ?string $fault, array $again): void
    {
        $layers = $fault === null ? $area->afterSpill() : $area->afterFaultIn($fault);

        self::assertSame($again, array_map(static fn (Layer $layer): string => $layer->id, $layers));
    }

    public function test_what_was_left_out_is_laid_with_all_that_lies_on_it(): void
    {
        $area = self::area(null, self::layer('steel', Opacity::Opaque), self::layer('wash', Opacity::Transparent), self::layer('line', Opacity::Opaque));

        self::assertSame(['wash', 'line'], array_map(static fn (Layer $layer): string => $layer->id, $area->afterMissing('wash')));
    }

    public function test_what_is_not_laid_yet_has_no_fault(): void
    {
        $this->expectException(NotLaid::class);
        $this->expectExceptionMessage('"wash" is not on the figure yet, so it has no fault; laid so far: steel.');
        self::area(1, self::layer('steel', Opacity::Opaque), self::layer('wash', Opacity::Transparent))->afterFaultIn('wash');
    }

    public function test_the_ground_is_none_of_the_layers(): void
    {
        $this->expectException(UnknownReference::class);
        self::area(null, self::layer('steel', Opacity::Opaque))->afterFaultIn('brown');
    }

    #[TestWith(['brown'])]
    #[TestWith(['steel'])]
    public function test_each_layer_and_the_ground_has_an_id_of_its_own(string $second): void
    {
        $this->expectException(Duplicate::class);
        self::area(null, self::layer('steel', Opacity::Opaque), self::layer($second, Opacity::Opaque));
    }

    #[TestWith([-1])]
    #[TestWith([2])]
    public function test_no_more_is_laid_than_there_are_layers(int $laid): void
    {
        $this->expectException(OutOfRange::class);
        self::area($laid, self::layer('steel', Opacity::Opaque));
    }

    #[TestWith([Opacity::Semi])]
    #[TestWith([Opacity::Transparent])]
    public function test_what_lets_through_cannot_be_said_to_cover(Opacity $opacity): void
    {
        $this->expectException(CannotCover::class);
        self::layer('glaze', $opacity, true);
    }

    public function test_paint_takes_no_less_than_no_time(): void
    {
        $this->expectException(OutOfRange::class);
        new Layer('steel', Opacity::Opaque, -0.1);
    }

    private static function layer(string $id, Opacity $opacity, ?bool $covers = null): Layer
    {
        return new Layer($id, $opacity, 5.0, $covers);
    }

    private static function area(?int $laid, Layer ...$layers): AreaLayers
    {
        return new AreaLayers(new Layer('brown', Opacity::Opaque, 2.0), array_values($layers), $laid);
    }
}
