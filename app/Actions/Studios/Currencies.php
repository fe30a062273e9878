<?php

declare(strict_types=1);

namespace App\Actions\Studios;

use ResourceBundle;

/** Currencies that are in use, by their codes (ISO 4217), as the library of languages has them. */
final readonly class Currencies
{
    /** @return list<string> */
    public static function codes(): array
    {
        $regions = ResourceBundle::create('supplementalData', 'ICUDATA-curr', false)?->get('CurrencyMap');
        $codes = [];
        foreach ($regions instanceof ResourceBundle ? $regions : [] as $currencies) {
            foreach ($currencies instanceof ResourceBundle ? $currencies : [] as $one) {
                $code = $one instanceof ResourceBundle ? $one->get('id') : null;
                // Where an end is named, it is used no more.
                if ($one instanceof ResourceBundle && is_string($code) && $one->get('to') === null && $one->get('tender') !== 'false') {
                    $codes[$code] = $code;
                }
            }
        }
        ksort($codes);

        return array_values($codes);
    }
}
