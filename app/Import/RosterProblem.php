<?php

declare(strict_types=1);

namespace App\Import;

use Document\Json\ShapeFault;

/** What is wrong with one cell of a roster. */
final readonly class RosterProblem
{
    /** @param  int  $line as an editor counts it, from 1 */
    public function __construct(
        public int $line,
        public string $column,
        public string $code,
        public string $message,
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
