<?php

declare(strict_types=1);

namespace Core\Standard;

/**
 * A currency by its code (ISO 4217), and how its smallest unit is written: 1,250 yen have no decimals, 1,250
 * thousandths of a dinar are 1.250. Source: ISO 4217, column "minor unit", from memory.
 */
final readonly class Currency
{
    private const USUAL = 2;

    /** Decimals where there are not two. */
    private const OTHERS = [
        'BIF' => 0, 'CLP' => 0, 'DJF' => 0, 'GNF' => 0, 'ISK' => 0, 'JPY' => 0, 'KMF' => 0, 'KRW' => 0, 'PYG' => 0,
        'RWF' => 0, 'UGX' => 0, 'UYI' => 0, 'VND' => 0, 'VUV' => 0, 'XAF' => 0, 'XOF' => 0, 'XPF' => 0,
        'BHD' => 3, 'IQD' => 3, 'JOD' => 3, 'KWD' => 3, 'LYD' => 3, 'OMR' => 3, 'TND' => 3,
        'CLF' => 4, 'UYW' => 4,
    ];

    private function __construct(
        public string $code,
        /** Decimals of an amount: the smallest unit is 10 to the minus this. */
        public int $decimals,
    ) {
    }

    /** @param  string  $code three capitals; a code that is not known has two decimals */
    public static function of(string $code): self
    {
        return new self($code, self::OTHERS[$code] ?? self::USUAL);
    }

    /** @param  int  $amount in the smallest unit */
    public function written(int $amount): string
    {
        return number_format($amount / 10 ** $this->decimals, $this->decimals).' '.$this->code;
    }
}
