<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Http\Shared\ApiRequest;

/** Which figures. */
final class RemoveFiguresRequest extends ApiRequest
{
    use FigureIds;

    public function rules(): array
    {
        return self::FIGURE_IDS;
    }
}
