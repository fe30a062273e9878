<?php

declare(strict_types=1);

namespace Core\Plan;

/** Where a figure stands between the box and the client, and what may be done with it there. */
enum FigureState: string
{
    case ToPaint = 'to-paint';
    case Painting = 'painting';
    case ToCheck = 'to-check';
    case Refused = 'refused';
    case Mended = 'mended';
    case Signed = 'signed';

    /** At the bench: its steps are marked, its paint is still to be laid. */
    public const AT_THE_BENCH = [self::ToPaint, self::Painting];

    /** Back from the check: its faults are mended, its steps are not marked again. */
    public const SENT_BACK = [self::Refused, self::Mended];

    public function isAtTheBench(): bool
    {
        return in_array($this, self::AT_THE_BENCH, true);
    }

    public function isSentBack(): bool
    {
        return in_array($this, self::SENT_BACK, true);
    }

    /** Its painter has it, and hands it over. */
    public function isWithItsPainter(): bool
    {
        return $this->isAtTheBench() || $this->isSentBack();
    }

    /** It was handed over once: other work than it was painted by takes it back to the bench. */
    public function isInCheck(): bool
    {
        return $this === self::ToCheck || $this->isSentBack();
    }

    /** What is signed stays as it was signed; everything else can be given another tier or painter. */
    public function canBeAssigned(): bool
    {
        return $this !== self::Signed;
    }

    /** @param  int  $left steps that are neither done nor excused */
    public function canBeHandedOver(int $left): bool
    {
        return $this === self::Painting && $left === 0;
    }
}
