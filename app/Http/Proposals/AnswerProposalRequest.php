<?php

declare(strict_types=1);

namespace App\Http\Proposals;

use App\Http\Shared\ApiRequest;
use App\Http\Shared\OneOf;

/** Taken or declined, with a word to who proposed it. */
final class AnswerProposalRequest extends ApiRequest
{
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer'],
            'state' => ['required', OneOf::words('taken', 'declined')],
            'answer' => ['nullable', 'string', 'max:1000', 'required_if:state,declined'],
        ];
    }

    /** @return 'taken'|'declined' */
    public function state(): string
    {
        return $this->input('state') === 'taken' ? 'taken' : 'declined';
    }

    public function answer(): string
    {
        return $this->textOrNull('answer') ?? '';
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['answer.required_if' => 'Say why it is declined: who proposed it reads it.'];
    }
}
