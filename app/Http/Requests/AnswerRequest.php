<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Role;
use Core\Check\Answer;
use Core\Standard\Side;
use Illuminate\Validation\Rule;

/** An answer in a check. */
final class AnswerRequest extends ApiRequest
{
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer'],
            'area' => ['required', 'string'],
            'criterion' => ['required', 'string'],
            'answer' => ['required', 'string', Rule::enum(Answer::class)],
            'side' => ['nullable', 'string', Rule::enum(Side::class)],
            'reason' => ['nullable', 'string', 'max:500'],
        ];
    }

    protected function allowed(): array
    {
        return [Role::Lead, Role::Deputy];
    }

    public function answer(): Answer
    {
        return Answer::from($this->string('answer')->toString());
    }

    public function side(): ?Side
    {
        return Side::tryFrom($this->string('side')->toString());
    }
}
