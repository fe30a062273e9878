<?php

declare(strict_types=1);

namespace App\Http\Checks;

use App\Actions\Checks\GivenAnswer;
use App\Http\Shared\ApiRequest;
use App\Http\Shared\OneOf;
use App\Models\Role;
use Core\Check\Answer;
use Core\Check\ItemKind;
use Core\Standard\Side;

/** An answer in a check. */
final class AnswerRequest extends ApiRequest
{
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer'],
            'area' => ['required', 'string'],
            'criterion' => ['required', 'string'],
            'item' => ['nullable', 'string', OneOf::of(ItemKind::class)],
            'answer' => ['required', 'string', OneOf::of(Answer::class)],
            'side' => ['nullable', 'string', OneOf::of(Side::class)],
            'reason' => ['nullable', 'string', 'max:500'],
            'key' => self::REQUEST_KEY,
        ];
    }

    protected function allowed(): array
    {
        return [Role::Lead, Role::Deputy];
    }

    public function given(): GivenAnswer
    {
        return new GivenAnswer(
            $this->string('area')->toString(),
            $this->string('criterion')->toString(),
            ItemKind::tryFrom($this->string('item')->toString()) ?? ItemKind::Criterion,
            Answer::from($this->string('answer')->toString()),
            Side::tryFrom($this->string('side')->toString()),
            $this->string('reason')->toString(),
        );
    }
}
