<?php

declare(strict_types=1);

namespace App\Http\Quotes;

use App\Import\PlainText;
use Illuminate\Foundation\Http\FormRequest;

/** Who agrees to a quote; they have its link and no account. */
final class AgreementRequest extends FormRequest
{
    public function authorize(): bool
    {
        return true;
    }

    protected function prepareForValidation(): void
    {
        $this->replace(PlainText::ofAll((array) $this->input(), []));
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['name' => ['required', 'string', 'max:190']];
    }

    public function name(): string
    {
        return $this->string('name')->toString();
    }
}
