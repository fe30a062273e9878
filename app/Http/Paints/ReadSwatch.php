<?php

declare(strict_types=1);

namespace App\Http\Paints;

use App\Actions\Paints\PaintBook;
use App\Import\Picture;
use App\Refusals\NotRight;
use Core\Colour\GreyCard;
use Core\CoreException;
use Core\Scheme\Substitutes;

/** Reads the colour of a painted swatch from a photograph with a grey card. */
final readonly class ReadSwatch
{
    public function __construct(private PaintBook $paints)
    {
    }

    public function __invoke(SwatchReadingRequest $request): PickedColourResource
    {
        $picture = Picture::of($request->bytes(), '/file');
        $seen = $picture->colourAt($request->float('x'), $request->float('y'));
        try {
            $colour = GreyCard::corrected($seen, $picture->colourAt($request->float('card_x'), $request->float('card_y')));
        } catch (CoreException $refusal) {
            throw NotRight::core($refusal, '/card_x');
        }

        return new PickedColourResource($seen, $colour, (new Substitutes(array_values($this->paints->all())))->nearestTo($colour, 3));
    }
}
