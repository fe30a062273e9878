<?php

declare(strict_types=1);

namespace Core\Lint;

use Core\Standard\Standard;
use Core\Why;

/** What a technique needs before it is there, on its area or on the figure as a whole; and it does not come after it. */
final readonly class WhatComesBeforeIsThere implements LintRule
{
    public const MISSING = Precedences::MISSING;

    public const WRONG_ORDER = Precedences::WRONG_ORDER;

    /** @param  string  $sentence of name, what it needs and why */
    private function __construct(
        private string $code,
        private string $sentence,
    ) {
    }

    public static function atAll(): self
    {
        return new self(self::MISSING, '%s needs %s before it, because %s; none is asked here.');
    }

    public static function inTime(): self
    {
        return new self(self::WRONG_ORDER, '%s stands before %s, which comes first because %s.');
    }

    public function findings(Standard $standard): iterable
    {
        foreach (Precedences::findings($standard) as $finding) {
            if ($finding->code === $this->code) {
                yield $finding;
            }
        }
    }

    public function code(): string
    {
        return $this->code;
    }

    public function sentence(Finding $finding, string $tier, string $surface): string
    {
        return sprintf($this->sentence, $finding->arguments['name'], $finding->arguments['needed'], $finding->arguments['why']);
    }

    public function rule(): string
    {
        return 'What a technique needs before it is laid on the area, or on the figure as a whole, before it. Another technique may do its work.';
    }

    public function source(): string
    {
        return Why::COMMON_PRACTICE;
    }
}
