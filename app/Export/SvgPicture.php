<?php

declare(strict_types=1);

namespace App\Export;

/** A drawing to be made into a picture of so many pixels across. */
final readonly class SvgPicture
{
    /** What it is called: by what it shows, and by nothing that somebody could guess who has not been shown it. */
    public string $key;

    public function __construct(
        public string $svg,
        public int $width,
    ) {
        $this->key = hash_hmac('sha256', $svg, config()->string('app.key'));
    }

    /** Where it lies among what was made, and under which address the page asks for it. */
    public static function path(string $key, int $width): string
    {
        return "drawn/{$key}-{$width}.png";
    }
}
