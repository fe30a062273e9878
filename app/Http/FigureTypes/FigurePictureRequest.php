<?php

declare(strict_types=1);

namespace App\Http\FigureTypes;

use App\Http\Shared\UploadedPictureRequest;

/** A photograph or drawing of a figure, to outline on. */
final class FigurePictureRequest extends UploadedPictureRequest
{
}
