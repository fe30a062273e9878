<?php

declare(strict_types=1);

namespace Tests\Import;

use App\Import\AreaListReader;
use App\Refusals\NotRight;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Areas taken down a line each. */
final class AreaListReaderTest extends TestCase
{
    private const SURFACES = [
        ['key' => 'face', 'name' => 'Face'], ['key' => 'cloth', 'name' => 'Cloth'], ['key' => 'hair', 'name' => 'Hair, fur, feather'],
        ['key' => 'leather', 'name' => 'Leather'], ['key' => 'ground', 'name' => 'Ground'], ['key' => 'bone', 'name' => 'Bone'],
    ];

    public function test_a_line_says_what_an_area_is(): void
    {
        $read = self::read("face; Face; small; ; hood, beard; 2 eyes\nhood;cloth;m;;;3x button, strap 1;yes;head;hem, fold | seam\nbeard;feather;3,5 %;face");

        self::assertSame([], $read['problems']);
        self::assertSame([
            ['name' => 'face', 'surface' => 'face', 'weight' => 'small', 'share' => null, 'on' => null, 'neighbours' => ['hood', 'beard'], 'features' => [['feature' => 'eye', 'pieces' => 2]], 'focal' => true, 'part' => '', 'places' => [], 'unsure' => false],
            ['name' => 'hood', 'surface' => 'cloth', 'weight' => 'medium', 'share' => null, 'on' => null, 'neighbours' => [], 'features' => [['feature' => 'button', 'pieces' => 3], ['feature' => 'strap', 'pieces' => 1]], 'focal' => true, 'part' => 'head', 'places' => ['hem', 'fold', 'seam'], 'unsure' => false],
            ['name' => 'beard', 'surface' => 'hair', 'weight' => null, 'share' => 0.035, 'on' => 'face', 'neighbours' => [], 'features' => [], 'focal' => false, 'part' => '', 'places' => [], 'unsure' => false],
        ], $read['areas']);
    }

    /** @return iterable<string, array{string}> */
    public static function alike(): iterable
    {
        yield 'semicolons' => ["face;face;small\nhood;cloth;medium"];
        yield 'tabs, as from a spreadsheet' => ["face\tface\tsmall\nhood\tcloth\tmedium"];
        yield 'commas, where nothing else parts them' => ["face, face, small\nhood, cloth, medium"];
        yield 'columns that are named, in another order' => ["Size;Name;Surface\nsmall;face;face\nmedium;hood;cloth"];
        yield 'empty lines and lines of other systems' => ["\r\nface;face;s\r\n\r\nhood;cloth;med\r\n"];
    }

    #[DataProvider('alike')]
    public function test_lists_are_read_however_they_are_parted(string $text): void
    {
        $read = self::read($text);

        self::assertSame([], $read['problems']);
        self::assertSame([['face', 'face', 'small'], ['hood', 'cloth', 'medium']], array_map(static fn (array $area): array => [$area['name'], $area['surface'], $area['weight']], $read['areas']));
    }

    /** @return iterable<string, array{string, int, string, string}> text, line, place and a part of what is said */
    public static function wrong(): iterable
    {
        yield 'no name' => [';cloth;small', 1, '/areas/0/name', 'stands first'];
        yield 'no surface' => ["a;cloth;m\nb;;small", 2, '/areas/1/surface', 'Face, Cloth'];
        yield 'a question mark alone' => ['a;?;small', 1, '/areas/0/surface', 'the likeliest with a question mark'];
        yield 'a surface nearly right' => ['a;clothe;small', 1, '/areas/0/surface', 'is it Cloth?'];
        yield 'a surface of nobody' => ['a;brick;small', 1, '/areas/0/surface', 'no surface "brick"; it has'];
        yield 'no size' => ['a;cloth', 1, '/areas/0/weight', 'how large'];
        yield 'a size that is none' => ['a;cloth;vast', 1, '/areas/0/weight', '"vast" cannot be read'];
        yield 'nothing of the body' => ['a;cloth;0 %', 1, '/areas/0/weight', 'cannot be read'];
        yield 'more than the body' => ['a;cloth;101 %', 1, '/areas/0/weight', 'cannot be read'];
        yield 'it touches nobody' => ["a;cloth;m;;b\nc;cloth;m", 1, '/areas/0/neighbours', 'No line is called "b"'];
        yield 'it touches itself' => ['a;cloth;m;;a', 1, '/areas/0/neighbours', 'its own neighbour'];
        yield 'it sits on nobody' => ['a;cloth;m;b', 1, '/areas/0/on', 'No line is called "b"'];
        yield 'pieces without a number' => ['a;cloth;m;;;buttons', 1, '/areas/0/features', '"buttons" cannot be read'];
        yield 'none of a piece' => ['a;cloth;m;;;0 button', 1, '/areas/0/features', 'cannot be read'];
        yield 'a word for what draws the eye' => ['a;cloth;m;;;;perhaps', 1, '/areas/0/focal', 'write yes'];
        yield 'too many cells' => ['a;cloth;m;;;;;;;and more', 1, '/areas/0/name', '10 cells'];
    }

    #[DataProvider('wrong')]
    public function test_what_is_wrong_is_said_at_its_place_and_the_line_is_read_for_all_that(string $text, int $line, string $at, string $said): void
    {
        $read = self::read($text);

        self::assertSame([[$line, $at]], array_map(static fn (array $problem): array => [$problem['line'], $problem['path']], $read['problems']));
        self::assertStringContainsString($said, $read['problems'][0]['message']);
        self::assertCount(substr_count($text, "\n") + 1, $read['areas']);
    }

    public function test_a_question_mark_after_the_surface_says_that_it_is_a_guess(): void
    {
        $read = self::read("a;cloth?;m\nb;cloth ?;m\nc;cloth;m");

        self::assertSame([], $read['problems']);
        self::assertSame([['cloth', true], ['cloth', true], ['cloth', false]], array_map(static fn (array $area): array => [$area['surface'], $area['unsure']], $read['areas']));
    }

    public function test_the_ground_is_small_unless_it_is_said_and_the_whole_body_is_a_size(): void
    {
        self::assertSame(['small', 'large', null], array_column(self::read("ground;ground\nearth;ground;l\nall;cloth;100")['areas'], 'weight'));
        self::assertSame([1.0], array_column(self::read('all;cloth;100')['areas'], 'share'));
    }

    public function test_nothing_and_far_too_much_are_refused(): void
    {
        foreach (["\n \n", implode("\n", array_map(static fn (int $i): string => "a{$i};cloth;m", range(0, 60)))] as $text) {
            try {
                self::read($text);
                self::fail('It was read.');
            } catch (NotRight $refusal) {
                self::assertSame('/text', $refusal->path());
            }
        }
        self::assertCount(60, self::read(implode("\n", array_map(static fn (int $i): string => "a{$i};cloth;m", range(1, 60))))['areas']);
    }

    /** @return array{areas: list<array{name: string, surface: string, weight: string|null, share: float|null, on: string|null, neighbours: list<string>, features: list<array{feature: string, pieces: int}>, focal: bool, part: string, unsure: bool}>, problems: list<array{line: int, path: string, code: string, message: string}>} */
    private static function read(string $text): array
    {
        return (new AreaListReader(self::SURFACES, ['eye', 'button']))->read($text);
    }
}
