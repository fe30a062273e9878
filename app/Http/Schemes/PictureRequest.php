<?php

declare(strict_types=1);

namespace App\Http\Schemes;

use App\Http\Shared\UploadedPictureRequest;

/** A picture that shall govern a scheme. */
final class PictureRequest extends UploadedPictureRequest
{
    public function rules(): array
    {
        return [...parent::rules(), 'version' => ['required', 'integer']];
    }
}
