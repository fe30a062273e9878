<?php

declare(strict_types=1);

namespace Core\Scheme;

use Core\Colour\ColourFamily;

/** No area and no figure has more hues than the studio keeps to. A studio setting; metals have none to speak of. */
final readonly class HuesAreFew implements HoldingRule
{
    /**
     * @param  float  $ofArea beside the one of its base
     * @param  float  $ofFigure by the tones of its areas
     */
    public function __construct(
        private float $ofArea,
        private float $ofFigure,
    ) {
    }

    public function findings(PaintedFigure $figure): iterable
    {
        $tones = [];
        foreach ($figure->ladders as $area => $ladder) {
            $tone = $ladder->laysMetal() ? null : $ladder->tone;
            $own = $tone === null ? null : ColourFamily::of($tone->lab());
            if ($own === null) {
                continue;
            }
            $tones[] = $own;
            $added = self::hues(array_filter(self::laid($ladder), static fn (ColourFamily $family): bool => $family !== $own));
            if (count($added) > $this->ofArea) {
                yield self::finding((string) $area, $added, $this->ofArea);
            }
        }
        $hues = self::hues($tones);
        if (count($hues) > $this->ofFigure) {
            yield self::finding('', $hues, $this->ofFigure);
        }
    }

    /** @param  list<string>  $hues */
    private static function finding(string $area, array $hues, float $most): SchemeFinding
    {
        return new SchemeFinding(SchemeFault::ManyHues, $area, ['many' => count($hues), 'hues' => implode(', ', $hues), 'most' => $most]);
    }

    /** @return list<ColourFamily> of each step that a tier lays, as it comes out */
    private static function laid(TierLadder $ladder): array
    {
        $laid = [];
        foreach ($ladder->steps as $step) {
            $colour = $ladder->shown($step);
            if ($colour !== null) {
                $laid[] = ColourFamily::of($colour->lab());
            }
        }

        return $laid;
    }

    /**
     * @param  array<array-key, ColourFamily>  $families
     * @return list<string> each once
     */
    private static function hues(array $families): array
    {
        $hues = array_filter($families, static fn (ColourFamily $family): bool => $family->hasHue());

        return array_values(array_unique(array_map(static fn (ColourFamily $family): string => $family->value, $hues)));
    }
}
