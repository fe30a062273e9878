<?php

declare(strict_types=1);

namespace Tests\Core\Record;

use Core\Record\CanonicalJson;
use Core\Record\NotCanonical;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use stdClass;

/** RFC 8785, JSON Canonicalization Scheme. */
final class CanonicalJsonTest extends TestCase
{
    /** @return iterable<string, array{string, string}> IEEE 754 bits in hexadecimal, expected text */
    public static function numbers(): iterable
    {
        $rows = [
            ['0000000000000000', '0'], ['8000000000000000', '0'], ['0000000000000001', '5e-324'], ['8000000000000001', '-5e-324'],
            ['7fefffffffffffff', '1.7976931348623157e+308'], ['ffefffffffffffff', '-1.7976931348623157e+308'],
            ['4340000000000000', '9007199254740992'], ['c340000000000000', '-9007199254740992'], ['4430000000000000', '295147905179352830000'],
            ['44b52d02c7e14af5', '9.999999999999997e+22'], ['44b52d02c7e14af6', '1e+23'], ['44b52d02c7e14af7', '1.0000000000000001e+23'],
            ['444b1ae4d6e2ef4e', '999999999999999700000'], ['444b1ae4d6e2ef4f', '999999999999999900000'], ['444b1ae4d6e2ef50', '1e+21'],
            ['3eb0c6f7a0b5ed8c', '9.999999999999997e-7'], ['3eb0c6f7a0b5ed8d', '0.000001'],
            ['41b3de4355555553', '333333333.3333332'], ['41b3de4355555554', '333333333.33333325'], ['41b3de4355555555', '333333333.3333333'],
            ['41b3de4355555556', '333333333.3333334'], ['41b3de4355555557', '333333333.33333343'], ['becbf647612f3696', '-0.0000033333333333333333'],
            ['43143ff3c1cb0959', '1424953923781206.2'],
        ];
        foreach ($rows as [$bits, $text]) {
            yield "RFC 8785, appendix B: {$bits}" => [$bits, $text];
        }
    }

    #[DataProvider('numbers')]
    public function test_numbers_are_written_as_ecmascript_writes_them(string $bits, string $text): void
    {
        $unpacked = unpack('E', (string) hex2bin($bits));
        self::assertIsArray($unpacked);

        self::assertSame($text, CanonicalJson::encode($unpacked[1]));
    }

    /** Outside this project: Node writes numbers as ECMAScript asks for, which RFC 8785 refers to. */
    public function test_any_double_is_written_as_a_reference_writes_it(): void
    {
        mt_srand(8785);
        $numbers = [0.1, 0.5, 1.5, 9.5, 10.0, 10.5, 99.99, 0.05, 1e20, 1e21, 1e22, 1.5e20, 1.5e21, 1e-5, 1e-6, 1e-7, 1.5e-6, 1.5e-7, 123e-8, -0.25, 2.0 ** 53, 2.0 ** 70];
        for ($i = 0; $i < 3000; $i++) {
            // Digits and places of points in every combination, also such as a record has.
            $numbers[] = mt_rand(1, 10 ** mt_rand(1, 9)) * 10.0 ** mt_rand(-30, 30);
        }
        $told = shell_exec('echo '.escapeshellarg(base64_encode(pack('E*', ...$numbers))).' | node -e '.escapeshellarg(
            'const bytes = Buffer.from(require("fs").readFileSync(0, "utf8"), "base64"); for (let i = 0; i < bytes.length; i += 8) console.log(String(bytes.readDoubleBE(i)))'
        ));

        self::assertSame(explode("\n", trim((string) $told)), array_map(CanonicalJson::encode(...), $numbers));
    }

    public function test_whole_numbers_are_exact_up_to_two_to_the_53rd(): void
    {
        self::assertSame('[9007199254740991,-9007199254740991,0]', CanonicalJson::encode([9007199254740991, -9007199254740991, 0]));
    }

    public function test_members_are_sorted_by_utf16_units_as_in_section_3_2_3(): void
    {
        $members = ["\u{20ac}" => 'Euro Sign', "\r" => 'Carriage Return', "\u{fb33}" => 'Hebrew Letter Dalet With Dagesh', '1' => 'One', "\u{1f600}" => 'Emoji: Grinning Face', "\u{80}" => 'Control', "\u{f6}" => 'Latin Small Letter O With Diaeresis'];
        $sorted = json_decode(CanonicalJson::encode($members), true);
        self::assertIsArray($sorted);

        self::assertSame(
            ['Carriage Return', 'One', 'Control', 'Latin Small Letter O With Diaeresis', 'Euro Sign', 'Emoji: Grinning Face', 'Hebrew Letter Dalet With Dagesh'],
            array_values($sorted),
        );
    }

    public function test_the_sample_of_section_3_2_2(): void
    {
        $sample = [
            'numbers' => [333333333.33333329, 1E30, 4.50, 2e-3, 0.000000000000000000000000001],
            'string' => "\u{20ac}\$\u{0f}\u{0a}A'\u{42}\u{22}\u{5c}\\\"/",
            'literals' => [null, true, false],
        ];

        self::assertSame(
            '{"literals":[null,true,false],"numbers":[333333333.3333333,1e+30,4.5,0.002,1e-27],"string":"€$\u000f\nA\'B\"\\\\\\\\\"/"}',
            CanonicalJson::encode($sample),
        );
    }

    public function test_empty_lists_and_empty_objects_are_told_apart(): void
    {
        self::assertSame('[[],{}]', CanonicalJson::encode([[], new stdClass]));
    }

    public function test_reading_and_writing_again_changes_nothing(): void
    {
        mt_srand(8785);
        for ($i = 0; $i < 2000; $i++) {
            $bits = pack('NN', mt_rand(), mt_rand());
            $unpacked = unpack('E', $bits);
            $number = is_array($unpacked) ? $unpacked[1] : 0.0;
            if (is_float($number) && is_finite($number)) {
                $text = CanonicalJson::encode($number);
                self::assertSame($number, (float) $text, $text);
            }
        }
    }

    public function test_what_json_cannot_hold_is_refused(): void
    {
        $refused = 0;
        foreach ([NAN, INF, 9007199254740992, "\xff", new \DateTimeImmutable('2026-01-01')] as $value) {
            try {
                CanonicalJson::encode($value);
            } catch (NotCanonical $refusal) {
                $refused++;
                self::assertSame(['not-canonical', ''], [$refusal->code(), $refusal->pointer()]);
            }
        }
        self::assertSame(5, $refused);
    }
}
