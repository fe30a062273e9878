<?php

declare(strict_types=1);

namespace Core\Colour;

/**
 * Brings a colour of a photograph to what it would be in plain light, by a grey card that lies beside it: each
 * channel is scaled so that the card reflects 18 of a hundred parts of the light. Common practice, no source.
 */
final readonly class GreyCard
{
    public const REFLECTS = 0.18;

    /** A card darker or lighter than this, in a channel of linear light, tells nothing any more. */
    private const DARKEST = 0.01;

    private const LIGHTEST = 0.9;

    /** @throws UnusableGreyCard */
    public static function corrected(Srgb $swatch, Srgb $card): Srgb
    {
        $card = $card->light();
        if (min($card) < self::DARKEST || max($card) > self::LIGHTEST) {
            throw UnusableGreyCard::exposed($card);
        }
        $light = $swatch->light();

        return Srgb::ofLight(
            $light[0] * self::REFLECTS / $card[0],
            $light[1] * self::REFLECTS / $card[1],
            $light[2] * self::REFLECTS / $card[2],
        );
    }
}
