<?php

declare(strict_types=1);

namespace App\Actions\People;

use App\Models\Studio;
use App\Refusals\NotRight;
use App\Refusals\Unavailable;
use Illuminate\Support\Facades\Validator;
use Illuminate\Validation\Rules\Password;

/**
 * What a password may be: at least twelve signs, none that is common, and nothing that says who one is. The list of
 * common ones is that of the strength estimator which speaks at the field.
 */
final readonly class PasswordRule
{
    public const LEAST = 12;

    private const LIST = 'node_modules/@zxcvbn-ts/language-common/src/passwords.json';

    /** Parts of a name that are shorter are in many words. */
    private const TELLING = 4;

    /**
     * @param  string  $path of the field
     *
     * @throws NotRight if it may not be one
     */
    public static function require(string $password, string $name, string $email, Studio $studio, string $path = '/password'): void
    {
        if (Validator::make(['password' => $password], ['password' => [Password::min(self::LEAST)->max(190)]])->fails()) {
            throw NotRight::at($path, 'password-short', 'A password has at least '.self::LEAST.' signs; a few words in a row are easy to keep in mind.');
        }
        $plain = mb_strtolower($password);
        foreach (self::tellings("{$name} {$email} {$studio->name}") as $word) {
            if (str_contains($plain, $word)) {
                throw NotRight::at($path, 'password-telling', "This password holds \"{$word}\", which others know of you; take other words.");
            }
        }
        if (self::isCommon($plain)) {
            throw NotRight::at($path, 'password-common', 'This password, or one much like it, is among those that are tried first; take another.');
        }
    }

    /** @return list<string> */
    private static function tellings(string $text): array
    {
        $words = preg_split('/[^\p{L}\p{N}]+/u', mb_strtolower($text)) ?: [];

        return array_values(array_filter($words, static fn (string $word): bool => mb_strlen($word) >= self::TELLING));
    }

    /** Also with figures and signs round it, written more than once, or of one sign. */
    private static function isCommon(string $plain): bool
    {
        $common = self::common();
        $bare = preg_replace('/^[^\p{L}]+|[^\p{L}]+$/u', '', $plain) ?? $plain;
        $once = preg_replace('/^(.+?)\1+$/su', '$1', $plain) ?? $plain;

        return isset($common[$plain]) || isset($common[$bare]) || isset($common[$once]) || mb_strlen($bare) < self::TELLING || count(array_unique(mb_str_split($plain))) < self::TELLING;
    }

    /** @return array<array-key, true> */
    private static function common(): array
    {
        $list = is_file(base_path(self::LIST)) ? json_decode((string) file_get_contents(base_path(self::LIST)), true) : null;
        if (! is_array($list) || $list === []) {
            throw Unavailable::because('no-password-list', 'The list of common passwords is missing, so none can be set now; the administrator runs ./bin/start once more.');
        }

        return array_fill_keys(array_filter($list, is_string(...)), true);
    }
}
