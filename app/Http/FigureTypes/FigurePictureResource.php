<?php

declare(strict_types=1);

namespace App\Http\FigureTypes;

use App\Http\Shared\Resource;

/**
 * A picture that was taken.
 *
 * @phpstan-type FigurePicture array{picture: string}
 */
final readonly class FigurePictureResource extends Resource
{
    public function __construct(private string $name)
    {
    }

    /** @return FigurePicture */
    public function toArray(): array
    {
        return ['picture' => $this->name];
    }
}
