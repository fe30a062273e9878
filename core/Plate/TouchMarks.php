<?php

declare(strict_types=1);

namespace Core\Plate;

use Core\Colour\Srgb;
use Core\Standard\LiesOn;
use Core\Standard\TechniqueGroup;
use Core\Standard\Texture;

/** One pass, as it is drawn. */
final readonly class TouchMarks
{
    /** @return list<Mark> */
    public static function of(Touch $touch, Sculpt $sculpt, Palette $palette): array
    {
        if (in_array($touch->technique->group, [TechniqueGroup::Prepare, TechniqueGroup::Tidy], true)) {
            // Seen in how crisp the outline is.
            return [];
        }
        $colour = ($touch->colour ?? self::ofTheBase($touch, $palette))->hex();
        if ($touch->technique->group === TechniqueGroup::Finish) {
            return SurfaceMarks::sheen($touch, $sculpt);
        }
        if ($touch->use->feature !== null && $touch->technique->looks() !== Texture::Mark) {
            return SurfaceMarks::pieces($touch, $sculpt, $colour);
        }

        return match ($touch->technique->looks()) {
            Texture::Smooth => LightMarks::smooth($touch, $sculpt, $colour),
            Texture::Line => LightMarks::lines($touch, $sculpt, $colour),
            Texture::Dots => LightMarks::dots($touch, $sculpt, $colour),
            Texture::Brushed => LightMarks::brushed($touch, $sculpt, $colour),
            Texture::Spot => LightMarks::spots($touch, $sculpt, $colour),
            Texture::Streaks => SurfaceMarks::streaks($touch, $sculpt, $colour),
            Texture::Speckle => SurfaceMarks::speckle($touch, $sculpt, $colour),
            Texture::Pattern => SurfaceMarks::pattern($touch, $sculpt, $colour),
            Texture::Letters => SurfaceMarks::letters($touch, $sculpt, $colour),
            Texture::Mark => SurfaceMarks::mark($touch, $sculpt, $colour, $palette->base->hex()),
            Texture::Grain => BaseMarks::grain($touch, $sculpt, $palette),
            Texture::Tuft => BaseMarks::tufts($touch, $sculpt, $palette),
        };
    }

    /** Work on the base leaves no colour of the scheme: it is drawn in that of its material. */
    private static function ofTheBase(Touch $touch, Palette $palette): Srgb
    {
        return match ($touch->technique->liesOn) {
            LiesOn::All => $palette->base,
            default => $palette->lights[0] ?? $palette->detail,
        };
    }
}
