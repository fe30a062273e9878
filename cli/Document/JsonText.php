<?php

declare(strict_types=1);

namespace Cli\Document;

use JsonException;

/** A text that is JSON, decoded in both ways that PHP knows: with objects, for shape, and with arrays, for reading. */
final readonly class JsonText
{
    private function __construct(
        private string $text,
        private mixed $arrays,
    ) {
    }

    /** @throws BadDocument if the text is not JSON or not UTF-8 */
    public static function of(string $text): self
    {
        try {
            return new self($text, json_decode($text, true, 512, JSON_THROW_ON_ERROR));
        } catch (JsonException $exception) {
            throw BadDocument::notJson($exception);
        }
    }

    public function withObjects(): mixed
    {
        return json_decode($this->text);
    }

    /** @return array<array-key, mixed> */
    public function withArrays(): array
    {
        return is_array($this->arrays) ? $this->arrays : [];
    }
}
