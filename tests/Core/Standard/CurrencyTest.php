<?php

declare(strict_types=1);

namespace Tests\Core\Standard;

use Core\Standard\Currency;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use ResourceBundle;

final class CurrencyTest extends TestCase
{
    #[TestWith(['EUR', 125000, '1,250.00 EUR'])]
    #[TestWith(['JPY', 1250, '1,250 JPY'])]
    #[TestWith(['KWD', 1250, '1.250 KWD'])]
    #[TestWith(['CLF', 12500, '1.2500 CLF'])]
    #[TestWith(['EUR', -5, '-0.05 EUR'])]
    #[TestWith(['EUR', 0, '0.00 EUR'])]
    public function test_an_amount_is_written_with_the_decimals_of_its_currency(string $code, int $amount, string $written): void
    {
        self::assertSame($written, Currency::of($code)->written($amount));
    }

    /**
     * Outside this project: the library of languages (ICU, after CLDR) says what is practised. Where that is less
     * than the standard says, the small coins are out of use; nowhere may it be more.
     */
    public function test_no_currency_has_fewer_decimals_than_are_practised(): void
    {
        $practised = ResourceBundle::create('supplementalData', 'ICUDATA-curr', false)?->get('CurrencyMeta');
        self::assertInstanceOf(ResourceBundle::class, $practised);
        foreach (['JPY', 'KRW', 'ISK', 'CLP', 'VND', 'XAF', 'XOF', 'XPF', 'BHD', 'JOD', 'KWD', 'LYD', 'OMR', 'TND', 'CLF', 'UYW', 'BIF', 'DJF', 'GNF', 'KMF', 'PYG', 'RWF', 'UGX', 'UYI', 'VUV'] as $code) {
            self::assertSame(self::decimals($practised->get($code)), Currency::of($code)->decimals, $code);
        }
        foreach ($practised as $code => $one) {
            if (is_string($code) && $code !== 'DEFAULT') {
                self::assertGreaterThanOrEqual(self::decimals($one), Currency::of($code)->decimals, $code);
            }
        }
    }

    private static function decimals(mixed $entry): int
    {
        return is_array($entry) && is_int($entry[0] ?? null) ? $entry[0] : self::fail('The library has no decimals there.');
    }
}
