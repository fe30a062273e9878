<?php

declare(strict_types=1);

namespace App\Http\Schemes;

use App\Http\Shared\ApiRequest;
use Core\Scheme\Setting;

/** Numbers that schemes are held to. */
final class SchemeRulesRequest extends ApiRequest
{
    public function rules(): array
    {
        $rules = [];
        foreach (Setting::cases() as $setting) {
            $rules[$setting->value] = ['required', 'numeric'];
        }

        return $rules;
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['*.required' => 'Write a number.', '*.numeric' => 'This is no number.'];
    }

    /** @return array<string, float> */
    public function numbers(): array
    {
        $numbers = [];
        foreach (Setting::cases() as $setting) {
            $numbers[$setting->value] = $this->float($setting->value);
        }

        return $numbers;
    }
}
