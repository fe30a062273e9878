<?php

declare(strict_types=1);

namespace App\Actions\SignOffs;

/** Where heads of chains are kept, outside the database: only ever added to. */
interface HeadStore
{
    /** @param  bool  $baseline records up to this one were sealed before records were signed */
    public function add(int $studio, int $number, bool $baseline, string $text): void;

    /**
     * @param  int  $after number of a record; of earlier ones at least those that are a baseline
     * @return iterable<string, string> what was added for a studio, and may be more, by the words for where it lies, in a sentence
     */
    public function of(int $studio, int $after): iterable;
}
