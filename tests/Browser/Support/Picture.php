<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use Facebook\WebDriver\Remote\RemoteWebDriver;
use RuntimeException;

/** A screenshot, read pixel by pixel. */
final readonly class Picture
{
    /** Channels further apart than this make a coloured pixel. */
    private const SPREAD = 8;

    /**
     * Coloured pixels outside the parts that are marked as paint.
     *
     * @return list<string> the first ten, as x,y #rrggbb
     */
    public static function colouredOutsidePaint(RemoteWebDriver $driver): array
    {
        $paint = $driver->executeScript(<<<'JS'
            return [...document.querySelectorAll('[data-paint]')].map((element) => element.getBoundingClientRect()).map((box) => [box.left, box.top, box.right, box.bottom]);
            JS);
        $image = imagecreatefromstring($driver->takeScreenshot());
        if ($image === false || ! is_array($paint)) {
            throw new RuntimeException('The screenshot cannot be read.');
        }
        self::cover($image, $paint);
        $found = [];
        for ($y = 0; $y < imagesy($image) && count($found) < 10; $y++) {
            for ($x = 0; $x < imagesx($image) && count($found) < 10; $x++) {
                $colour = imagecolorat($image, $x, $y);
                $channels = [($colour >> 16) & 255, ($colour >> 8) & 255, $colour & 255];
                if (max($channels) - min($channels) > self::SPREAD) {
                    $found[] = sprintf('%d,%d #%06x', $x, $y, $colour & 0xFFFFFF);
                }
            }
        }

        return $found;
    }

    /** @param  array<array-key, mixed>  $boxes */
    private static function cover(\GdImage $image, array $boxes): void
    {
        $grey = (int) imagecolorallocate($image, 158, 158, 158);
        foreach ($boxes as $box) {
            if (is_array($box) && count($box) === 4) {
                [$left, $top, $right, $bottom] = array_map(static fn (mixed $edge): float => is_numeric($edge) ? (float) $edge : 0.0, array_values($box));
                imagefilledrectangle($image, (int) floor($left) - 1, (int) floor($top) - 1, (int) ceil($right) + 1, (int) ceil($bottom) + 1, $grey);
            }
        }
    }
}
