<?php

declare(strict_types=1);

namespace App\Refusals;

use RuntimeException;

/** Something that is needed is away for now. Nothing was changed; it can be tried again. */
final class Unavailable extends RuntimeException
{
    private function __construct(
        private readonly string $errorCode,
        string $message,
    ) {
        parent::__construct($message);
    }

    public static function because(string $code, string $sentence): self
    {
        return new self($code, $sentence);
    }

    public function errorCode(): string
    {
        return $this->errorCode;
    }
}
