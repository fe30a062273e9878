<?php

declare(strict_types=1);

namespace App\Export;

use RuntimeException;

/** SVG made into PNG by librsvg, which draws filters as browsers do. A picture that was made is kept, for pages and papers alike. */
final readonly class SvgPictures
{
    /** Processes at a time; more gain nothing on few cores. */
    private const AT_ONCE = 4;

    public function __construct(private MadeFiles $files)
    {
    }

    /**
     * @param  array<int, SvgPicture>  $pictures
     * @param  callable(int $drawn, int $of): void|null  $told how far it is, whenever some more are drawn
     * @return array<int, string> each as PNG, under the same keys
     */
    public function png(array $pictures, ?callable $told = null): array
    {
        $pngs = $missing = [];
        foreach ($pictures as $picture) {
            // What is drawn alike is drawn once.
            $pngs[$picture->path] ??= $this->files->read($picture->path);
            if ($pngs[$picture->path] === null) {
                $missing[$picture->path] = $picture;
            }
        }
        $of = count($pngs);
        $left = count($missing);
        foreach (array_chunk($missing, self::AT_ONCE, true) as $chunk) {
            $told === null || $told($of - $left, $of);
            foreach (self::drawn($chunk) as $path => $png) {
                $this->files->write($path, $pngs[$path] = $png);
            }
            $left -= count($chunk);
        }
        $told === null || $told($of, $of);

        return array_map(static fn (SvgPicture $picture): string => $pngs[$picture->path] ?? throw new RuntimeException('A picture was not drawn.'), $pictures);
    }

    /**
     * @param  array<string, SvgPicture>  $pictures
     * @return array<string, string>
     */
    private static function drawn(array $pictures): array
    {
        $running = [];
        foreach ($pictures as $path => $picture) {
            $process = proc_open(['rsvg-convert', '--width', (string) $picture->width, '--keep-aspect-ratio', '--format', 'png'], [['pipe', 'r'], ['pipe', 'w'], ['pipe', 'w']], $pipes);
            if ($process === false) {
                throw new RuntimeException('rsvg-convert is not installed; ./bin/start installs it.');
            }
            fwrite($pipes[0], $picture->svg);
            fclose($pipes[0]);
            $running[$path] = [$process, $pipes];
        }
        $pngs = [];
        foreach ($running as $path => [$process, $pipes]) {
            $png = (string) stream_get_contents($pipes[1]);
            $said = (string) stream_get_contents($pipes[2]);
            $pngs[$path] = proc_close($process) === 0 && $png !== '' ? self::opaque($png) : throw new RuntimeException("rsvg-convert drew nothing: {$said}");
        }

        return $pngs;
    }

    /** All our drawings have a ground: without a channel for what shines through, a picture is smaller and set into a paper at once. */
    private static function opaque(string $png): string
    {
        $picture = imagecreatefromstring($png);
        if ($picture === false) {
            throw new RuntimeException('rsvg-convert drew no picture.');
        }
        imagesavealpha($picture, false);
        ob_start();
        imagepng($picture, null, 9);

        return (string) ob_get_clean();
    }
}
