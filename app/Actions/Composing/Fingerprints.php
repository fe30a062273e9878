<?php

declare(strict_types=1);

namespace App\Actions\Composing;

use WeakMap;

/** Of what something follows from: equal where it is equal, in every request. Each value is written out once, however much follows from it. */
final class Fingerprints
{
    /** @var WeakMap<object, string> */
    private WeakMap $known;

    public function __construct()
    {
        $this->known = new WeakMap;
    }

    /** @param  object  $value immutable, of nothing but values */
    public function of(object $value): string
    {
        return $this->known[$value] ??= hash('xxh128', serialize($value));
    }
}
