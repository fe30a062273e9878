<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/**
 * Prices are kept in the smallest unit of the studio's currency, but every unit was taken for a hundredth. Where a
 * currency has none or thousandths, what was typed as 5,000 yen was kept as 500,000; it is 5,000 now.
 */
return new class extends Migration
{
    /** What a kept price is multiplied by; ISO 4217, as it was when this was written. */
    private const FACTORS = [
        'BIF' => 0.01, 'CLP' => 0.01, 'DJF' => 0.01, 'GNF' => 0.01, 'ISK' => 0.01, 'JPY' => 0.01, 'KMF' => 0.01, 'KRW' => 0.01, 'PYG' => 0.01,
        'RWF' => 0.01, 'UGX' => 0.01, 'UYI' => 0.01, 'VND' => 0.01, 'VUV' => 0.01, 'XAF' => 0.01, 'XOF' => 0.01, 'XPF' => 0.01,
        'BHD' => 10, 'IQD' => 10, 'JOD' => 10, 'KWD' => 10, 'LYD' => 10, 'OMR' => 10, 'TND' => 10, 'CLF' => 100, 'UYW' => 100,
    ];

    public function up(): void
    {
        $this->each(static fn (int $amount, int|float $factor): int => (int) round($amount * $factor));
    }

    public function down(): void
    {
        $this->each(static fn (int $amount, int|float $factor): int => (int) round($amount / $factor));
    }

    /** @param  Closure(int, int|float): int  $of */
    private function each(Closure $of): void
    {
        $rows = DB::table('standard_pieces')->join('studios', 'studios.id', '=', 'standard_pieces.studio_id')
            ->where('kind', 'tier')->whereIn('currency', array_keys(self::FACTORS))->get(['standard_pieces.id', 'currency', 'value']);
        // All or nothing: a second run after half a first would multiply twice.
        DB::transaction(static function () use ($rows, $of): void {
            foreach ($rows as $row) {
                $tier = json_decode(is_string($row->value) ? $row->value : '', false, 64, JSON_THROW_ON_ERROR);
                $price = $tier instanceof stdClass ? $tier->price ?? null : null;
                if (! $price instanceof stdClass || ! is_string($row->currency)) {
                    continue;
                }
                $factor = self::FACTORS[$row->currency];
                $list = $price->list ?? null;
                foreach ($list instanceof stdClass ? get_object_vars($list) : [] as $size => $amount) {
                    $list->{$size} = is_int($amount) ? $of($amount, $factor) : $amount;
                }
                if (is_int($price->hourly ?? null)) {
                    $price->hourly = $of($price->hourly, $factor);
                }
                DB::table('standard_pieces')->where('id', $row->id)->update(['value' => json_encode($tier, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES)]);
            }
        });
    }
};
