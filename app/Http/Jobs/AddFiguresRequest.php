<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Http\Shared\ApiRequest;
use App\Import\RosterReader;

/** How many figures more. */
final class AddFiguresRequest extends ApiRequest
{
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer'],
            'count' => ['bail', 'required', 'integer', 'min:1', 'max:'.RosterReader::MOST_IN_A_LINE],
        ];
    }
}
