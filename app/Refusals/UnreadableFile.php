<?php

declare(strict_types=1);

namespace App\Refusals;

/** A file that cannot be read at all. */
final class UnreadableFile extends Refusal
{
    public static function notText(): self
    {
        return new self('not-text', 'This file holds no text; it may be a spreadsheet or a picture. Save the list as a CSV file and take that.', '/file');
    }

    public static function notWrittenSo(string $encoding): self
    {
        return new self('other-encoding', "Its letters are not written in this way ({$encoding}); choose another.", '/encoding');
    }

    public static function empty(): self
    {
        return new self('empty-file', 'There is nothing in it. The first line names the columns, the others hold one entry each.', '/file');
    }

    /**
     * @param  non-empty-list<string>  $missing
     * @param  list<string>  $found
     */
    public static function withoutColumns(array $missing, array $found): self
    {
        return new self('missing-column', 'The first line names the columns; these are missing: '.implode(', ', $missing).'. It has: '.mb_strimwidth(implode(', ', $found), 0, 200, '…').'.', '/file');
    }

    public static function tooLarge(): self
    {
        return new self('too-large', 'A roster of 1,000 figures has less than 1 MB; this file is larger, so it is something else.', '/file');
    }
}
