<?php

declare(strict_types=1);

namespace App\Export;

/** A drawing to be made into a picture of so many pixels across. */
final readonly class SvgPicture
{
    public string $key;

    public string $path;

    public function __construct(
        public string $svg,
        public int $width,
    ) {
        $this->key = MadeFiles::name($svg);
        $this->path = self::path($this->key, $width);
    }

    /** Where it lies among what was made, and under which address the page asks for it. */
    public static function path(string $key, int $width): string
    {
        return "drawn/{$key}-{$width}.png";
    }
}
