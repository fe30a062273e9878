<?php

declare(strict_types=1);

namespace Core\Composition;

/**
 * How a sculpt takes the brush, beside its size. That crisp detail is quicker painted, and detail that runs together slower,
 * is common practice, no source; by how much is ours.
 */
enum Difficulty: string
{
    case Crisp = 'crisp';
    case Usual = 'usual';
    case RunsTogether = 'runs-together';

    /** Work relative to a usual sculpt of the same size. */
    public function factor(): float
    {
        return match ($this) {
            self::Crisp => 0.9,
            self::Usual => 1.0,
            self::RunsTogether => 1.25,
        };
    }

    public function inWords(): string
    {
        return match ($this) {
            self::Crisp => 'very crisp',
            self::Usual => 'as most are',
            self::RunsTogether => 'details run together',
        };
    }
}
