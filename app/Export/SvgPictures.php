<?php

declare(strict_types=1);

namespace App\Export;

use Illuminate\Contracts\Cache\Repository;
use RuntimeException;

/** SVG made into PNG by librsvg, which draws filters as browsers do. A picture that was made is kept. */
final readonly class SvgPictures
{
    /** Processes at a time; more gain nothing on few cores. */
    private const AT_ONCE = 4;

    public function __construct(private Repository $cache)
    {
    }

    /**
     * @param  array<int, string>  $svgs
     * @return array<int, string> each as PNG, under the same keys
     */
    public function png(array $svgs, float $zoom): array
    {
        $pngs = $missing = [];
        foreach ($svgs as $key => $svg) {
            $kept = $this->cache->get(self::key($svg, $zoom));
            if (is_string($kept)) {
                $pngs[$key] = $kept;
            } else {
                $missing[$key] = $svg;
            }
        }
        // What is drawn alike is drawn once.
        foreach (array_chunk(array_unique($missing), self::AT_ONCE, true) as $chunk) {
            foreach (self::drawn($chunk, $zoom) as $key => $png) {
                $this->cache->put(self::key($chunk[$key], $zoom), $png, 30 * 24 * 3600);
                foreach (array_keys($missing, $chunk[$key], true) as $alike) {
                    $pngs[$alike] = $png;
                }
            }
        }

        return $pngs;
    }

    /**
     * Draws what is missing for about so long and no longer, so that who waits can be told how far it is.
     *
     * @param  array<int, string>  $svgs
     * @param  float  $seconds  at least one picture is drawn, however long it takes
     */
    public function drawFor(float $seconds, array $svgs, float $zoom): Drawn
    {
        $all = array_unique($svgs);
        $missing = array_filter($all, fn (string $svg): bool => ! $this->cache->has(self::key($svg, $zoom)));
        $until = microtime(true) + $seconds;
        $left = count($missing);
        foreach (array_chunk($missing, self::AT_ONCE) as $chunk) {
            $this->png($chunk, $zoom);
            $left -= count($chunk);
            if (microtime(true) >= $until) {
                break;
            }
        }

        return new Drawn(count($all) - $left, count($all));
    }

    private static function key(string $svg, float $zoom): string
    {
        return 'png.'.hash('sha256', "{$zoom} {$svg}");
    }

    /**
     * @param  array<int, string>  $svgs
     * @return array<int, string>
     */
    private static function drawn(array $svgs, float $zoom): array
    {
        $running = [];
        foreach ($svgs as $key => $svg) {
            $process = proc_open(['rsvg-convert', '--zoom', (string) $zoom, '--format', 'png'], [['pipe', 'r'], ['pipe', 'w'], ['pipe', 'w']], $pipes);
            if ($process === false) {
                throw new RuntimeException('rsvg-convert is not installed; ./bin/start installs it.');
            }
            fwrite($pipes[0], $svg);
            fclose($pipes[0]);
            $running[$key] = [$process, $pipes];
        }
        $pngs = [];
        foreach ($running as $key => [$process, $pipes]) {
            $png = (string) stream_get_contents($pipes[1]);
            $said = (string) stream_get_contents($pipes[2]);
            $pngs[$key] = proc_close($process) === 0 && $png !== '' ? $png : throw new RuntimeException("rsvg-convert drew nothing: {$said}");
        }

        return $pngs;
    }
}
