<?php

declare(strict_types=1);

namespace Core\Check;

/** Why a step asked for was handed over without being done. Missed is none of them. */
enum Excuse: string
{
    case Later = 'later';
    case Waived = 'waived';
    case NotOnFigure = 'not-on-figure';
    case Unreachable = 'unreachable';
    /** Of a use that is done only if it is needed. */
    case NotNeeded = 'not-needed';

    public function words(): string
    {
        return match ($this) {
            self::Later => 'left for later',
            self::Waived => 'left out by agreement',
            self::NotOnFigure => 'not on this figure',
            self::Unreachable => 'cannot be reached',
            self::NotNeeded => 'not needed',
        };
    }

    /**
     * What a checker may say of it. What was left for later is not there: it is mended, or agreed as a concession.
     *
     * @return non-empty-list<Answer>
     */
    public function answers(): array
    {
        return match ($this) {
            self::Later => [Answer::NotDone],
            self::Waived, self::NotNeeded => [Answer::Holds, Answer::NotDone],
            self::NotOnFigure => [Answer::NotOnFigure, Answer::NotDone],
            self::Unreachable => [Answer::Unreachable, Answer::NotDone],
        };
    }
}
