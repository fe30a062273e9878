<?php

declare(strict_types=1);

namespace App\Import;

use App\Refusals\NotRight;
use Core\Colour\Srgb;
use GdImage;

/** A photograph as it was uploaded: decoded, turned upright, made smaller, and without what else it told. */
final readonly class Picture
{
    private const KINDS = [IMAGETYPE_JPEG, IMAGETYPE_PNG, IMAGETYPE_WEBP];

    /** More is no photograph of a figure, and takes more memory than there is. */
    private const MOST_PIXELS = 25_000_000;

    private const LARGEST_SIDE = 1600;

    /** Of the longer side: a point is the mean of what lies so near. */
    private const POINT = 0.006;

    private function __construct(private GdImage $image)
    {
    }

    /**
     * @param  string  $pointer to where it was uploaded
     *
     * @throws NotRight if it is no picture that can be read
     */
    public static function of(string $bytes, string $pointer): self
    {
        $size = @getimagesizefromstring($bytes);
        if ($size === false || ! in_array($size[2], self::KINDS, true)) {
            throw NotRight::at($pointer, 'not-a-picture', 'This is no picture that can be read; take a JPEG, PNG or WebP file.');
        }
        if ($size[0] * $size[1] > self::MOST_PIXELS) {
            throw NotRight::at($pointer, 'too-many-pixels', sprintf('This picture has %d million pixels; at most %d are read. Save it smaller.', intdiv($size[0] * $size[1], 1_000_000), intdiv(self::MOST_PIXELS, 1_000_000)));
        }
        $image = @imagecreatefromstring($bytes);
        if ($image === false) {
            throw NotRight::at($pointer, 'not-a-picture', 'This picture is broken off or damaged; save it anew as JPEG or PNG.');
        }

        return new self(self::smaller(self::upright($image, $bytes, $size[2])));
    }

    /** Without place, time or camera: it is written anew. */
    public function jpeg(): string
    {
        ob_start();
        imagejpeg($this->image, null, 88);

        return (string) ob_get_clean();
    }

    /**
     * The mean of what lies round a point, in linear light.
     *
     * @param  float  $x from the left, 0 to 1
     * @param  float  $y from above, 0 to 1
     */
    public function colourAt(float $x, float $y): Srgb
    {
        [$width, $height] = [imagesx($this->image), imagesy($this->image)];
        $reach = max(1, (int) round(self::POINT * max($width, $height)));
        [$left, $top] = [(int) round($x * ($width - 1)), (int) round($y * ($height - 1))];
        $sum = [0.0, 0.0, 0.0];
        $many = 0;
        for ($i = max(0, $left - $reach); $i <= min($width - 1, $left + $reach); $i++) {
            for ($j = max(0, $top - $reach); $j <= min($height - 1, $top + $reach); $j++) {
                $bits = (int) imagecolorat($this->image, $i, $j);
                foreach (Srgb::fromHex(sprintf('#%06x', $bits & 0xFFFFFF))->light() as $channel => $light) {
                    $sum[$channel] += $light;
                }
                $many++;
            }
        }

        return Srgb::ofLight($sum[0] / $many, $sum[1] / $many, $sum[2] / $many)->rounded();
    }

    private static function upright(GdImage $image, string $bytes, int $kind): GdImage
    {
        $exif = $kind === IMAGETYPE_JPEG ? @exif_read_data('data://image/jpeg;base64,'.base64_encode($bytes)) : false;
        $turn = match (is_array($exif) ? $exif['Orientation'] ?? 1 : 1) {
            3 => 180,
            6 => -90,
            8 => 90,
            default => 0,
        };
        $turned = $turn === 0 ? $image : imagerotate($image, $turn, 0);

        return $turned === false ? $image : $turned;
    }

    /** On white where it is transparent, in true colour, and no larger than is looked at. */
    private static function smaller(GdImage $image): GdImage
    {
        [$width, $height] = [imagesx($image), imagesy($image)];
        $scale = min(1.0, self::LARGEST_SIDE / max($width, $height));
        $smaller = imagecreatetruecolor(max(1, (int) round($width * $scale)), max(1, (int) round($height * $scale)));
        assert($smaller !== false);
        imagefill($smaller, 0, 0, 0xFFFFFF);
        imagecopyresampled($smaller, $image, 0, 0, 0, 0, imagesx($smaller), imagesy($smaller), $width, $height);

        return $smaller;
    }
}
