<?php

declare(strict_types=1);

namespace App\Import;

/**
 * Text as people type it: without control signs, and without the marks that turn the direction of reading, by
 * which a text can be made to look like another one. Tabs and ends of lines stay.
 */
final readonly class PlainText
{
    /** C0 and C1 but tab and line feed; LRM, RLM, ALM; embeddings, overrides and isolates; zero width no-break space. */
    private const SIGNS = '/[\x{0000}-\x{0008}\x{000B}\x{000C}\x{000E}-\x{001F}\x{007F}-\x{009F}\x{061C}\x{200E}\x{200F}\x{202A}-\x{202E}\x{2066}-\x{2069}\x{FEFF}]/u';

    public static function of(string $text): string
    {
        // What is not UTF-8 is left to whoever reads it to refuse.
        return preg_replace(self::SIGNS, '', str_replace(["\r\n", "\r"], "\n", $text)) ?? $text;
    }

    /**
     * Of all that a request holds.
     *
     * @param  array<array-key, mixed>  $values
     * @param  list<string>  $asTyped names of members that stay as they are
     * @return array<array-key, mixed>
     */
    public static function ofAll(array $values, array $asTyped = []): array
    {
        foreach ($values as $name => $value) {
            if (in_array($name, $asTyped, true)) {
                continue;
            }
            $values[$name] = match (true) {
                is_string($value) => self::of($value),
                is_array($value) => self::ofAll($value, $asTyped),
                default => $value,
            };
        }

        return $values;
    }
}
