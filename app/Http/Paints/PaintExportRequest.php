<?php

declare(strict_types=1);

namespace App\Http\Paints;

use App\Http\Shared\AnybodyRequest;
use App\Http\Shared\OneOf;

/** In which form paints are sent out. */
final class PaintExportRequest extends AnybodyRequest
{
    public function rules(): array
    {
        return ['format' => ['required', OneOf::words('csv', 'gpl')]];
    }
}
