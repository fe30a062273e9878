<?php

declare(strict_types=1);

namespace Tests\Core\Colour;

use Core\Colour\MixNotation;
use Core\Colour\UnreadableMix;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class MixNotationTest extends TestCase
{
    /** @return iterable<string, array{string, array<string, float>}> */
    public static function mixes(): iterable
    {
        yield 'one paint' => ['Gull White', ['Gull White' => 1.0]];
        yield 'two with parts' => ['Gull White 1 + Weir Blue 3', ['Gull White' => 1.0, 'Weir Blue' => 3.0]];
        yield 'a part left out is one' => ['Gull White + Weir Blue 3', ['Gull White' => 1.0, 'Weir Blue' => 3.0]];
        yield 'half parts, with a comma' => ['Anchor Iron 1,5+Lamp Black 2.5', ['Anchor Iron' => 1.5, 'Lamp Black' => 2.5]];
        yield 'a number within a name is no part' => ['Primer 3 grey', ['Primer 3 grey' => 1.0]];
    }

    /** @param  array<string, float>  $parts */
    #[DataProvider('mixes')]
    public function test_a_mix_is_read(string $text, array $parts): void
    {
        self::assertSame($parts, array_column(MixNotation::read($text), 'parts', 'name'));
    }

    public function test_what_was_read_is_written_the_same(): void
    {
        self::assertSame('Gull White 1 + Weir Blue 3', MixNotation::write(MixNotation::read('Gull White  1+Weir Blue 3')));
        self::assertSame('Gull White', MixNotation::write(MixNotation::read(' Gull White ')));
    }

    /** @return iterable<string, array{string}> */
    public static function unreadable(): iterable
    {
        yield 'a name missing' => ['Gull White + '];
        yield 'no parts' => ['Gull White 0 + Weir Blue 1'];
        yield 'less than none' => ['Gull White -1 + Weir Blue 1'];
    }

    #[DataProvider('unreadable')]
    public function test_what_cannot_be_read_is_said(string $text): void
    {
        $this->expectException(UnreadableMix::class);
        MixNotation::read($text);
    }
}
