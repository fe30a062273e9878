<?php

declare(strict_types=1);

namespace App\Import;

use Document\Json\ShapeFault;

/** What is wrong with one cell of a roster. */
final readonly class RosterProblem
{
    /**
     * @param  int  $line as an editor counts it, from 1
     * @param  string  $word that names nothing known; empty: none does
     * @param  list<array{key: string, name: string, like: bool}>  $offers what it may mean, those that are like it first
     */
    public function __construct(
        public int $line,
        public string $column,
        public string $code,
        public string $message,
        public string $word = '',
        public array $offers = [],
    ) {
    }

    /** As a fault of a file that is told with all its others. */
    public function fault(): ShapeFault
    {
        return new ShapeFault($this->code, self::pointer($this->line, $this->column), "Line {$this->line}: {$this->message}");
    }

    public static function pointer(int $line, string $column): string
    {
        return "/lines/{$line}/{$column}";
    }
}
