<?php

declare(strict_types=1);

namespace App\Refusals;

use Core\CoreException;

/** Something in what was sent that cannot be right. */
final class NotRight extends Refusal
{
    /** @param  string  $about the name that it speaks of, such as that of a paint */
    public static function at(string $path, string $code, string $sentence, string $about = ''): self
    {
        return new self($code, $sentence, $path, $about);
    }

    public static function core(CoreException $refusal, string $path): self
    {
        return new self($refusal->code(), $refusal->getMessage(), $path);
    }
}
