<?php

declare(strict_types=1);

namespace App\Http\Schemes;

use App\Actions\Paints\PaintBook;
use App\Actions\Schemes\GoverningPicture;
use App\Http\Paints\PickedColourResource;
use App\Import\Picture;
use App\Models\Scheme;
use App\Refusals\NotRight;
use Core\Scheme\Substitutes;

/** Reads a colour at a point of the picture, with the nearest paints. */
final readonly class PickFromPicture
{
    public function __construct(
        private GoverningPicture $picture,
        private PaintBook $paints,
    ) {
    }

    public function __invoke(PickRequest $request, Scheme $scheme): PickedColourResource
    {
        $bytes = $this->picture->bytes($scheme) ?? throw NotRight::at('/x', 'no-picture', 'This scheme has no picture yet; upload one first.');
        $colour = Picture::of($bytes, '')->colourAt($request->float('x'), $request->float('y'));

        return new PickedColourResource($colour, $colour, (new Substitutes(array_values($this->paints->all())))->nearestTo($colour, 5));
    }
}
