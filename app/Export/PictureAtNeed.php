<?php

declare(strict_types=1);

namespace App\Export;

use Illuminate\Support\Facades\Cache;

/** One picture of a plate, made when it is asked for and never a second time. */
final readonly class PictureAtNeed
{
    /** Whoever asks meanwhile waits for who draws it. */
    private const SECONDS = 20;

    public function __construct(
        private MadeFiles $files,
        private SvgPictures $pictures,
    ) {
    }

    /** @return string|null PNG; null: no such plate was ever shown */
    public function png(string $key, int $width): ?string
    {
        $path = SvgPicture::path($key, $width);
        $made = $this->files->read($path);
        $svg = $made === null ? $this->files->read(PlateFiles::drawing($key)) : null;

        if ($svg === null) {
            return $made;
        }
        $lock = Cache::lock($path, self::SECONDS);
        $lock->block(self::SECONDS);
        try {
            return $this->pictures->png([new SvgPicture($svg, $width)])[0];
        } finally {
            $lock->release();
        }
    }
}
