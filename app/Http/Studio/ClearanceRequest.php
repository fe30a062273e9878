<?php

declare(strict_types=1);

namespace App\Http\Studio;

use App\Http\Shared\ApiRequest;

/** What somebody may do unsupervised from now on; a technique that is not named is not cleared. */
final class ClearanceRequest extends ApiRequest
{
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer'],
            'clearances' => ['present', 'array', 'list', 'max:500'],
            'clearances.*.technique' => ['required', 'string', 'max:120', 'distinct'],
            'clearances.*.up_to_rank' => ['required', 'integer', 'min:0', 'max:999'],
        ];
    }

    /** @return array<string, int> rank of the highest tier, by id of technique */
    public function upTo(): array
    {
        $upTo = [];
        foreach ((array) $this->input('clearances') as $one) {
            assert(is_array($one) && is_string($one['technique']) && is_numeric($one['up_to_rank']));
            $upTo[$one['technique']] = (int) $one['up_to_rank'];
        }

        return $upTo;
    }
}
