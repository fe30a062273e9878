<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Http\Shared\ApiRequest;

/** Which figures of a unit came finished. */
final class CameFinishedRequest extends ApiRequest
{
    use FigureIds;

    public function rules(): array
    {
        return [...self::FIGURE_IDS, 'finished' => ['required', 'boolean']];
    }
}
