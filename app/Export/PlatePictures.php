<?php

declare(strict_types=1);

namespace App\Export;

use Core\Plate\Drawing;
use Illuminate\Contracts\Cache\Repository;

/**
 * The pictures by which plates are shown. A page is told under which address a picture lies and asks for it when it comes into
 * sight; one that was shown before lies there already. Those that are new are made soon after the answer, or by who asks first.
 *
 * @phpstan-type PlatePicture array{src: string, srcset: string}
 */
final class PlatePictures
{
    /** The drawing itself is remembered to be there for so long. */
    private const DAYS = 60;

    /** @var list<string> keys of drawings that were never shown before */
    private array $new = [];

    public function __construct(
        private readonly MadeFiles $files,
        private readonly Repository $cache,
    ) {
    }

    /** @return PlatePicture */
    public static function show(Drawing $drawing): array
    {
        return app(self::class)->of($drawing);
    }

    /** The same for a paper, on which it is some 25 mm wide: the smallest has 250 dots to the inch there, and the page shows it too. */
    public static function onPaper(Drawing $drawing): SvgPicture
    {
        return new SvgPicture(PlateSvg::of($drawing), PlateFiles::WIDTHS[0]);
    }

    /** @return PlatePicture */
    public function of(Drawing $drawing): array
    {
        $picture = new SvgPicture(PlateSvg::of($drawing), PlateFiles::WIDTHS[0]);
        if ($this->cache->get("drawing:{$picture->key}") === null) {
            $this->files->write(PlateFiles::drawing($picture->key), $picture->svg);
            $this->cache->put("drawing:{$picture->key}", 1, now()->addDays(self::DAYS));
            $this->soon($picture->key);
        }
        $at = array_map(static fn (int $width): string => '/'.SvgPicture::path($picture->key, $width)." {$width}w", PlateFiles::WIDTHS);

        return ['src' => '/'.SvgPicture::path($picture->key, PlateFiles::WIDTHS[0]), 'srcset' => implode(', ', $at)];
    }

    private function soon(string $key): void
    {
        if ($this->new === []) {
            app()->terminating(function (): void {
                if ($this->new !== []) {
                    DrawPlates::dispatch($this->new);
                    $this->new = [];
                }
            });
        }
        $this->new[] = $key;
    }
}
