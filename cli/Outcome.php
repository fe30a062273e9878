<?php

declare(strict_types=1);

namespace Cli;

/** What a command prints, and the status it ends with. */
final readonly class Outcome
{
    public function __construct(
        public string $output,
        public int $status,
    ) {
    }

    /** @param  array<string, mixed>  $document */
    public static function json(array $document, int $flags = 0, int $status = 0): self
    {
        return new self(json_encode($document, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | $flags)."\n", $status);
    }
}
