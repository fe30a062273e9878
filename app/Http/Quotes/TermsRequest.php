<?php

declare(strict_types=1);

namespace App\Http\Quotes;

use App\Actions\Quotes\QuoteTerms;
use App\Http\Shared\ApiRequest;
use Carbon\CarbonImmutable;
use Core\Quote\Percent;

/** What the lead says of a quote. Amounts in the smallest unit of the currency. */
class TermsRequest extends ApiRequest
{
    private const AMOUNT = ['bail', 'required', 'integer', 'min:0', 'max:100000000000'];

    private const PERCENT = ['bail', 'nullable', 'numeric', 'min:0', 'max:100'];

    public function rules(): array
    {
        return [
            'valid_until' => ['bail', 'required', 'date_format:Y-m-d', 'after_or_equal:today', 'before:2100-01-01'],
            'text' => ['nullable', 'string', 'max:4000'],
            'by_hand' => ['array', 'max:1000'],
            'by_hand.*.key' => ['required', 'string', 'max:190'],
            'by_hand.*.price' => self::AMOUNT,
            'materials' => ['array', 'max:50'],
            'materials.*.words' => ['required', 'string', 'max:190'],
            'materials.*.amount' => self::AMOUNT,
            'discount' => self::PERCENT,
            'tax' => self::PERCENT,
            'tax_name' => ['nullable', 'string', 'max:60'],
            'round_to' => ['bail', 'required', 'integer', 'min:1', 'max:1000000'],
        ];
    }

    public function terms(): QuoteTerms
    {
        /** @var list<array{key: string, price: int|string}> $byHand */
        $byHand = array_values((array) $this->input('by_hand', []));
        /** @var list<array{words: string, amount: int|string}> $materials */
        $materials = array_values((array) $this->input('materials', []));

        return new QuoteTerms(
            CarbonImmutable::parse($this->string('valid_until')->toString()),
            $this->string('text')->toString(),
            array_map(intval(...), array_column($byHand, 'price', 'key')),
            array_map(static fn (array $one): array => ['words' => $one['words'], 'amount' => (int) $one['amount']], $materials),
            Percent::of($this->float('discount')),
            Percent::of($this->float('tax')),
            $this->string('tax_name')->toString(),
            $this->integer('round_to'),
        );
    }
}
