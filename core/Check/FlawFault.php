<?php

declare(strict_types=1);

namespace Core\Check;

use Core\NumberText;
use Core\Standard\Judging;
use Core\Standard\OutOfRange;
use Core\Standard\Severity;
use Core\Standard\Side;
use Core\Standard\VisualAngle;
use Core\Why;

/** A patch, overspill, stray dot or fat line: what matters is how large it looks from where the tier looks. */
final readonly class FlawFault implements Fault
{
    /** A flaw this many times as large as what is just noticed is major wherever it sits. */
    private const GLARING = 3;

    /**
     * @param  float  $sizeMm largest extent, of a line its width; at least 0
     * @param  float|null  $deltaE CIEDE2000 difference to what is round it; null: large
     */
    public function __construct(
        private float $sizeMm,
        private Zone $zone,
        private Side $side,
        private ?float $deltaE = null,
        private bool $waived = false,
    ) {
        if ($sizeMm < 0) {
            throw OutOfRange::below('size in millimetres', 0, $sizeMm);
        }
    }

    public function weigh(Judging $judging): Weight
    {
        return SideRule::unlessUncounted($this->side, $judging) ?? $this->bySize($judging);
    }

    public function isWaived(): bool
    {
        return $this->waived;
    }

    private function bySize(Judging $judging): Weight
    {
        $angle = VisualAngle::of($this->sizeMm, $judging->distanceMm);
        $noticed = $angle->reaches($judging->noticeArcmin);
        $toldApart = (new Sight)->tellsApart($this->deltaE);
        $glaring = $angle->reaches(self::GLARING * $judging->noticeArcmin);
        $severity = match (true) {
            ! $noticed || ! $toldApart => null,
            $this->zone === Zone::Focal || $glaring => Severity::Major,
            default => Severity::Minor,
        };
        $reason = match (true) {
            ! $noticed => 'less than this tier notices, so it is noted and not counted',
            ! $toldApart => 'but the colours are too near to be told apart, so it does not count',
            $this->zone === Zone::Focal => 'the area draws the eye, so it is major',
            $glaring => 'three times what is noticed or more, so it is major',
            default => 'noticed in a plain place, so it is minor',
        };

        return new Weight($severity, $this->sentence($angle, $judging, $reason), $this->why($angle, $judging));
    }

    private function sentence(VisualAngle $angle, Judging $judging, string $reason): string
    {
        return sprintf(
            '%s mm at %s mm is %s minutes of arc; this tier notices from %s: %s.',
            NumberText::few($this->sizeMm),
            NumberText::few($judging->distanceMm),
            NumberText::few($angle->arcmin),
            NumberText::few($judging->noticeArcmin),
            $reason,
        );
    }

    private function why(VisualAngle $angle, Judging $judging): Why
    {
        return new Why([
            'size' => NumberText::few($this->sizeMm).' mm',
            'viewing distance' => NumberText::few($judging->distanceMm).' mm',
            'visual angle' => NumberText::few($angle->arcmin).' minutes of arc',
            'noticed from' => NumberText::few($judging->noticeArcmin).' minutes of arc',
            'smallest flaw that counts' => NumberText::few(VisualAngle::arcmin($judging->noticeArcmin)->sizeAt($judging->distanceMm)).' mm',
            'place' => $this->zone === Zone::Focal ? 'draws the eye' : 'plain',
        ], 'Angle is 2·atan(size / (2·distance)). Under the noticing angle of the tier, or with colours less than 2.3 apart, a flaw does not count; on a focal area, or from three times that angle, it is major; else minor.', 'published: ISO 8596 for the angle that sight parts; Mahy et al. 1994 for 2.3; the noticing angle and the factor are studio settings');
    }
}
