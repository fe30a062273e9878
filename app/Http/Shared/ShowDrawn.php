<?php

declare(strict_types=1);

namespace App\Http\Shared;

use App\Export\PictureAtNeed;
use App\Export\PlateFiles;
use Illuminate\Http\Response;

/**
 * A picture of a plate, for who was told its address: that is made of what it shows and of a secret, so it needs no sign-in, and it
 * never shows anything else. The web server answers with what lies there already and asks only for the others.
 */
final readonly class ShowDrawn
{
    private const SECONDS = 365 * 24 * 3600;

    public function __construct(private PictureAtNeed $pictures)
    {
    }

    public function __invoke(string $key, string $width): Response
    {
        $png = in_array((int) $width, PlateFiles::WIDTHS, true) ? $this->pictures->png($key, (int) $width) : null;

        return $png === null
            ? new Response('', 404)
            : new Response($png, 200, ['Content-Type' => 'image/png', 'Cache-Control' => 'public, immutable, max-age='.self::SECONDS]);
    }
}
