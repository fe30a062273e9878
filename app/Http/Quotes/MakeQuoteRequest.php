<?php

declare(strict_types=1);

namespace App\Http\Quotes;

/** What the lead says of a quote, and of which prices they say it. */
final class MakeQuoteRequest extends TermsRequest
{
    public function rules(): array
    {
        return [...parent::rules(), 'digest' => ['required', 'string']];
    }

    public function digest(): string
    {
        return $this->string('digest')->toString();
    }
}
