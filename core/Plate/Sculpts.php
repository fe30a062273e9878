<?php

declare(strict_types=1);

namespace Core\Plate;

use Core\Standard\PlateShape;

/** The sculpt of each shape of plate. */
final readonly class Sculpts
{
    public static function of(PlateShape $shape): Sculpt
    {
        return match ($shape) {
            PlateShape::Hard => HardSculpts::plate(),
            PlateShape::Blade => HardSculpts::blade(),
            PlateShape::Trim => HardSculpts::trim(),
            PlateShape::Plank => HardSculpts::plank(),
            PlateShape::Lens => HardSculpts::lens(),
            PlateShape::Fold => SoftSculpts::fold(),
            PlateShape::Strap => SoftSculpts::strap(),
            PlateShape::Joint => SoftSculpts::joint(),
            PlateShape::Scroll => SoftSculpts::scroll(),
            PlateShape::Decal => SoftSculpts::decal(),
            PlateShape::Face => BodySculpts::face(),
            PlateShape::Hide => BodySculpts::hide(),
            PlateShape::Hair => BodySculpts::hair(),
            PlateShape::Tusk => BodySculpts::tusk(),
            PlateShape::Figure => BodySculpts::figure(),
            PlateShape::Ground => BaseSculpts::ground(),
            PlateShape::Rim => BaseSculpts::rim(),
        };
    }
}
