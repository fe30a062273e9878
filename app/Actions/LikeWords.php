<?php

declare(strict_types=1);

namespace App\Actions;

/** Words that somebody looks for, as the database looks for them: in any case, and to the letter. */
final readonly class LikeWords
{
    /** Found anywhere in a text in lower case. */
    public static function within(string $words): string
    {
        return '%'.self::begins($words);
    }

    /** Found where a text in lower case begins so. */
    public static function begins(string $words): string
    {
        return addcslashes(mb_strtolower($words), '%_\\').'%';
    }
}
