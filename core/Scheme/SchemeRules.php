<?php

declare(strict_types=1);

namespace Core\Scheme;

use Core\Colour\LadderRules;

/** The numbers that schemes are held to and mixed by. Studio settings; what is usual stands at {@see Setting}. */
final readonly class SchemeRules
{
    public LadderRules $ladder;

    /** L* that neighbouring areas must be apart where no dark line parts them. */
    public float $neighbourStep;

    /** Share of what is seen from the front that one family of colours may take, 0 to 1. */
    public float $familyLimit;

    /** Share of what is seen from the front that must have its colours before the figure is judged, 0 to 1. */
    public float $familyFrom;

    /** Hues that an area may have beside the one of its base. */
    public float $addedHues;

    /** Hues that a figure may have. */
    public float $figureHues;

    /** L* from which a metal without shade and light is a bright one. */
    public float $brightMetal;

    /** ΔE00 that areas of one name may differ by across a force. */
    public float $sameAreaDeltaE;

    /** How far a hue may turn along a ladder before it is another, in degrees. */
    public float $turnDegrees;

    /** How far a light must lean to be a warm or a cold one, in units of a* and b*. */
    public float $lightWarmth;

    /** Millilitres that one coat takes on the whole of a figure of size 1. */
    public float $mlPerCoat;

    public float $dropsPerMl;

    /** Share of the standard's drying times that passes in this studio: 1 in the air of a room. */
    public float $drying;

    /** Minutes to take another paint. */
    public float $paintChange;

    /** Share of their steps that figures of a unit must have in common to share a bench sheet, over 0 to 1. */
    public float $sheetShare;

    /** @var non-empty-array<string, float> by setting */
    private array $numbers;

    /**
     * @param  array<string, float>  $set numbers by {@see Setting}; what is not set is as usual
     *
     * @throws NotASetting if a number makes no sense
     */
    public function __construct(array $set = [])
    {
        $numbers = [];
        foreach (Setting::cases() as $setting) {
            $numbers[$setting->value] = $setting->checked($set[$setting->value] ?? $setting->usual());
        }
        $this->numbers = $numbers;
        $number = $this->of(...);
        $this->ladder = new LadderRules($number(Setting::MinStep), $number(Setting::MaxStep), $number(Setting::MinSpan));
        if ($this->ladder->maxStep <= $this->ladder->minStep) {
            throw NotASetting::stepsCrossed($this->ladder->minStep, $this->ladder->maxStep);
        }
        $this->neighbourStep = $number(Setting::NeighbourStep);
        $this->familyLimit = $number(Setting::FamilyLimit);
        $this->familyFrom = $number(Setting::FamilyFrom);
        $this->addedHues = $number(Setting::AddedHues);
        $this->figureHues = $number(Setting::FigureHues);
        $this->brightMetal = $number(Setting::BrightMetal);
        $this->sameAreaDeltaE = $number(Setting::SameAreaDeltaE);
        $this->turnDegrees = $number(Setting::TurnDegrees);
        $this->lightWarmth = $number(Setting::LightWarmth);
        $this->mlPerCoat = $number(Setting::MlPerCoat);
        $this->dropsPerMl = $number(Setting::DropsPerMl);
        $this->drying = $number(Setting::Drying);
        $this->paintChange = $number(Setting::PaintChange);
        $this->sheetShare = $number(Setting::SheetShare);
    }

    /** @return array<string, float> every number by its setting */
    public function numbers(): array
    {
        return $this->numbers;
    }

    public function of(Setting $setting): float
    {
        return $this->numbers[$setting->value] ?? $setting->usual();
    }
}
