<?php

declare(strict_types=1);

namespace Core\Scheme;

use Core\Colour\HueWords;
use Core\Colour\Lab;

/**
 * A red, a purple or a blue stays along its ladder, or turns to the side that was chosen: red to orange, or to pink. Any
 * other hue may go with its light, as greens and browns go toward yellow. Common practice, no source.
 */
final readonly class HueKeeps implements HoldingRule
{
    /** A colour of less chroma has no hue to speak of. */
    private const COLOURLESS = 10.0;

    public function __construct(private float $most)
    {
    }

    public function findings(PaintedFigure $figure): iterable
    {
        foreach ($figure->ladders as $area => $ladder) {
            $base = $ladder->reading->base()?->lab();
            $last = $ladder->lastLight()?->lab();
            if ($base === null || $last === null || ! HueWords::isDivided($base) || $base->chroma() < self::COLOURLESS || $last->chroma() < self::COLOURLESS) {
                continue;
            }
            $turn = fmod($last->hue() - $base->hue() + 540, 360) - 180;
            $to = self::isBelowYellow($base) === $turn > 0 ? Turn::Warm : Turn::Cold;
            if (abs($turn) > $this->most && $ladder->reading->area->turn !== $to) {
                yield new SchemeFinding(SchemeFault::HueTurns, (string) $area, [
                    'turn' => abs($turn), 'to' => $to->value, 'most' => $this->most, 'from' => HueWords::of($base), 'toward' => HueWords::toward($base, $turn > 0),
                ]);
            }
        }
    }

    /** From purple by red to yellow a growing hue angle warms; from yellow by green to blue it cools. */
    private static function isBelowYellow(Lab $base): bool
    {
        return $base->hue() < 90 || $base->hue() > 270;
    }
}
