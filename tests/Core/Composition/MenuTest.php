<?php

declare(strict_types=1);

namespace Tests\Core\Composition;

use Core\Composition\ComposedUse;
use Core\Composition\Composer;
use Document\Figure\FigureReader;
use Document\Standard\StandardReader;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\SmallStandard;

/** A cell of which a job chooses: dust or a decal beside a base that is always asked. */
final class MenuTest extends TestCase
{
    /** @return iterable<string, array{array<string, mixed>, list<string>, list<string>}> the menu, uses chosen, uses laid */
    public static function menus(): iterable
    {
        yield 'one of two: the first unless chosen' => [['choose' => 1], [], ['base', 'dust']];
        yield 'one of two: the one that is chosen' => [['choose' => 1], ['decal'], ['base', 'decal']];
        yield 'both of two' => [['choose' => 2], [], ['base', 'dust', 'decal']];
        yield 'by agreement: none' => [[], [], ['base']];
        yield 'by agreement: what is agreed' => [[], ['decal', 'dust'], ['base', 'dust', 'decal']];
    }

    /**
     * @param  array<string, int>  $menu
     * @param  list<string>  $chosen
     * @param  list<string>  $laid
     */
    #[DataProvider('menus')]
    public function test_a_menu(array $menu, array $chosen, array $laid): void
    {
        $standard = StandardReader::ofSound()->read(SmallStandard::with([
            '/requirements/1' => ['tier' => 'plain', 'surface' => 'cloth', 'uses' => [['technique' => 'base'], ['technique' => 'dust'], ['technique' => 'decal']], 'menu' => [['id' => 'wear', 'uses' => ['dust', 'decal']] + $menu]],
        ]));
        $figure = (new FigureReader($standard))->read([
            'tier' => 'plain', 'areas' => [['id' => 'coat', 'surface' => 'cloth', 'share' => 0.5]],
            'choose' => array_map(static fn (string $use): array => ['area' => 'coat', 'use' => $use, 'technique' => $use], $chosen),
        ]);
        $uses = (new Composer($standard))->compose($figure)->uses;

        self::assertSame($laid, array_map(static fn (ComposedUse $use): string => $use->use->id, $uses));
    }
}
