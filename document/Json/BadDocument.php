<?php

declare(strict_types=1);

namespace Document\Json;

use JsonException;
use RuntimeException;

/** A document that cannot be read, with each place where its shape is wrong. */
final class BadDocument extends RuntimeException
{
    /** @param  non-empty-list<ShapeFault>  $faults */
    private function __construct(public readonly array $faults, ?JsonException $previous = null)
    {
        parent::__construct($faults[0]->message, 0, $previous);
    }

    public static function notJson(JsonException $exception): self
    {
        return new self([new ShapeFault('bad-json', '', "This is not a JSON text in UTF-8 ({$exception->getMessage()}).")], $exception);
    }

    public static function tooLarge(int $bytes, int $most): self
    {
        return new self([new ShapeFault('out-of-range', '', "This document has {$bytes} bytes; at most {$most} are read.")]);
    }

    /** @param  non-empty-list<ShapeFault>  $faults */
    public static function withFaults(array $faults): self
    {
        return new self($faults);
    }
}
