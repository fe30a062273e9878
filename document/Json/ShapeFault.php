<?php

declare(strict_types=1);

namespace Document\Json;

/** One place where a document does not have its shape. */
final readonly class ShapeFault
{
    public function __construct(
        public string $code,
        public string $pointer,
        public string $message,
    ) {
    }
}
