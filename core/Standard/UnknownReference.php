<?php

declare(strict_types=1);

namespace Core\Standard;

use Core\CoreException;

/** A name that nothing has. */
final class UnknownReference extends CoreException
{
    /** @param  list<string>  $known */
    public static function tier(string $id, array $known, string $pointer = ''): self
    {
        return self::named('tier', $id, $known, $pointer);
    }

    /** @param  list<string>  $known */
    public static function surface(string $id, array $known, string $pointer = ''): self
    {
        return self::named('surface', $id, $known, $pointer);
    }

    /** @param  list<string>  $known */
    public static function technique(string $id, array $known, string $pointer = ''): self
    {
        return self::named('technique', $id, $known, $pointer);
    }

    /** @param  list<string>  $known */
    public static function area(string $id, array $known, string $pointer = ''): self
    {
        return self::named('area', $id, $known, $pointer);
    }

    /** @param  list<string>  $known */
    public static function id(string $id, array $known, string $pointer = ''): self
    {
        return self::named('id', $id, $known, $pointer);
    }

    /** @param  list<string>  $known */
    public static function layer(string $id, array $known, string $pointer = ''): self
    {
        return self::named('layer', $id, $known, $pointer);
    }

    /** @param  list<string>  $known */
    public static function use(string $id, array $known, string $pointer = ''): self
    {
        return self::named('use', $id, $known, $pointer);
    }

    /** @param  list<string>  $known */
    public static function list(string $id, array $known, string $pointer = ''): self
    {
        return self::named('list', $id, $known, $pointer);
    }

    /** @param  list<string>  $known */
    private static function named(string $kind, string $id, array $known, string $pointer): self
    {
        $right = $known === []
            ? "there is no {$kind} here at all"
            : 'known here: '.implode(', ', array_slice($known, 0, 12)).(count($known) > 12 ? ' …' : '');

        return new self("unknown-{$kind}", $pointer, "There is no {$kind} \"{$id}\"; {$right}.");
    }
}
