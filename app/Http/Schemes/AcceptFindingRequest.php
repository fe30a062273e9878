<?php

declare(strict_types=1);

namespace App\Http\Schemes;

use App\Http\Shared\ApiRequest;

/** A finding about a scheme that is meant so, and why. */
final class AcceptFindingRequest extends ApiRequest
{
    use NamesFinding;
    use NamesView;

    public function rules(): array
    {
        return $this->ofFinding() + ['reason' => ['required', 'string', 'max:500']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['reason.required' => 'Say why it is meant so; it stays beside the finding.'];
    }
}
