<?php

declare(strict_types=1);

namespace Core\Scheme;

use Core\Colour\LadderRules;

/** A number that a studio may set for its schemes, with what is usual and where that is from. */
enum Setting: string
{
    case MinStep = 'min_step';
    case MaxStep = 'max_step';
    case MinSpan = 'min_span';
    case NeighbourStep = 'neighbour_step';
    case FamilyLimit = 'family_limit';
    case FamilyFrom = 'family_from';
    case AddedHues = 'added_hues';
    case FigureHues = 'figure_hues';
    case BrightMetal = 'bright_metal';
    case SameAreaDeltaE = 'same_area_delta_e';
    case TurnDegrees = 'turn_degrees';
    case LightWarmth = 'light_warmth';
    case MlPerCoat = 'ml_per_coat';
    case DropsPerMl = 'drops_per_ml';
    case Drying = 'drying';
    case PaintChange = 'paint_change';
    case SheetShare = 'sheet_share';
    case SpraySetup = 'spray_setup';
    case SprayClean = 'spray_clean';
    case SprayMask = 'spray_mask';
    case SprayShare = 'spray_share';
    case SprayField = 'spray_field';

    /** Of {@see \Core\Colour\ColourFamily}, without white, grey and black. */
    private const ALL_HUES = 7.0;

    public function usual(): float
    {
        return match ($this) {
            self::MinStep => LadderRules::LEAST_STEP,
            self::MaxStep => LadderRules::MOST_STEP,
            self::MinSpan => LadderRules::LEAST_SPAN,
            self::NeighbourStep => 15.0,
            self::FamilyLimit => 0.45,
            self::FamilyFrom => 0.5,
            // As many as there are: a studio that keeps to fewer says so.
            self::AddedHues, self::FigureHues => self::ALL_HUES,
            self::BrightMetal => 60.0,
            self::SameAreaDeltaE => 3.0,
            self::TurnDegrees => 15.0,
            self::LightWarmth => 5.0,
            self::MlPerCoat => 0.6,
            self::DropsPerMl => 20.0,
            self::Drying => 1.0,
            self::PaintChange => 2.0,
            self::SheetShare => 0.5,
            self::SpraySetup => 12.0,
            self::SprayClean => 8.0,
            self::SprayMask => 4.0,
            self::SprayShare => 0.25,
            self::SprayField => 0.2,
        };
    }

    /** @return array{float, float} the least and the most that makes sense */
    public function range(): array
    {
        return match ($this) {
            self::MinStep, self::MaxStep, self::MinSpan, self::NeighbourStep, self::SameAreaDeltaE, self::BrightMetal => [0.0, 100.0],
            self::AddedHues, self::FigureHues => [0.0, self::ALL_HUES],
            self::FamilyLimit, self::SheetShare => [0.05, 1.0],
            self::FamilyFrom, self::SprayShare, self::SprayField => [0.0, 1.0],
            self::TurnDegrees => [0.0, 180.0],
            self::LightWarmth => [0.0, 100.0],
            self::MlPerCoat => [0.01, 100.0],
            self::DropsPerMl => [1.0, 200.0],
            self::Drying => [0.05, 5.0],
            self::PaintChange, self::SprayMask => [0.0, 60.0],
            self::SpraySetup, self::SprayClean => [0.0, 240.0],
        };
    }

    public function inWords(): string
    {
        return match ($this) {
            self::MinStep => 'least L* between two steps that is seen',
            self::MaxStep => 'most L* between two steps before it is a hard line',
            self::MinSpan => 'least L* from the darkest to the lightest value of a figure, where its tier asks for none',
            self::NeighbourStep => 'least L* between neighbours without a dark line',
            self::FamilyLimit => 'most of what is seen from the front in one family of colours, of 1',
            self::FamilyFrom => 'how much of what is seen from the front has its colours before the figure is judged, of 1',
            self::AddedHues => 'most hues on an area beside the one of its base; 7 are all',
            self::FigureHues => 'most hues on a figure, by the tones of its areas; 7 are all',
            self::BrightMetal => 'L* from which a metal that is neither shaded nor lit looks the same on every figure of a row',
            self::SameAreaDeltaE => 'most ΔE00 between areas of one name in a force',
            self::TurnDegrees => 'most degrees that a hue turns along a ladder',
            self::LightWarmth => 'how far a light leans before it is warm or cold',
            self::MlPerCoat => 'millilitres of a coat on a whole foot figure, half of it lost',
            self::DropsPerMl => 'drops to the millilitre',
            self::Drying => 'how much of the drying times of the standard passes here: 1 in the air of a room, about 0.3 under a hair dryer, more in a damp cellar',
            self::PaintChange => 'minutes to take another paint: mix it, load and clean the brush; the plan counts them',
            self::SheetShare => 'how much of their steps figures of a unit have in common before they share a bench sheet, of 1; 1 is only what is painted alike',
            self::SpraySetup => 'minutes to set the airbrush up and load it, once a batch',
            self::SprayClean => 'minutes to clean the airbrush, once a batch',
            self::SprayMask => 'minutes to mask one neighbour of one figure before it is sprayed',
            self::SprayShare => 'how much of its minutes by brush a lay-in takes by spray, of 1',
            self::SprayField => 'how much of a figure one paint must lie on to be sprayed at all, of 1: an airbrush hits what is round a small field',
        };
    }

    /** @throws NotASetting unless the number makes sense */
    public function checked(float $number): float
    {
        [$least, $most] = $this->range();

        return $number >= $least && $number <= $most ? $number : throw NotASetting::outside($this->value, $this->inWords(), $number, $least, $most);
    }
}
