<?php

declare(strict_types=1);

namespace App\Import;

/** A roster as somebody gives it, with what they said of its columns and words. */
final readonly class GivenRoster
{
    public TextEncoding $encoding;

    /**
     * @param  TextEncoding|null  $encoding null: told from the bytes
     * @param  array<array-key, string>  $columns what a column is, or that it is left out, by plain heading
     * @param  array<string, string>  $words key that is meant, by {@see self::word()}
     */
    public function __construct(
        public string $bytes,
        ?TextEncoding $encoding = null,
        public array $columns = [],
        public array $words = [],
    ) {
        $this->encoding = $encoding ?? TextEncoding::of($bytes);
    }

    /** @param  'tier'|'figure_type'  $kind */
    public static function word(string $kind, string $word): string
    {
        return $kind."\n".mb_strtolower($word);
    }
}
