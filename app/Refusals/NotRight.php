<?php

declare(strict_types=1);

namespace App\Refusals;

use Core\CoreException;

/** Something in what was sent that cannot be right. */
final class NotRight extends Refusal
{
    public static function at(string $path, string $code, string $sentence): self
    {
        return new self($code, $sentence, $path);
    }

    public static function core(CoreException $refusal, string $path): self
    {
        return new self($refusal->code(), $refusal->getMessage(), $path);
    }
}
