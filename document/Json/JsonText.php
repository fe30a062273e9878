<?php

declare(strict_types=1);

namespace Document\Json;

use JsonException;

/** A text that is JSON, decoded in both ways that PHP knows: with objects, for shape, and with arrays, for reading. */
final readonly class JsonText
{
    /** The largest text that is read, in bytes: the longest list of the contract has room in it twice. */
    public const LARGEST = 33_554_432;

    private function __construct(
        private string $text,
        private mixed $arrays,
    ) {
    }

    /** @throws BadDocument if the text is too large, not JSON, not UTF-8, or names a member twice in one object */
    public static function of(string $text): self
    {
        if (strlen($text) > self::LARGEST) {
            throw BadDocument::tooLarge(strlen($text), self::LARGEST);
        }
        try {
            $json = new self($text, json_decode($text, true, 512, JSON_THROW_ON_ERROR));
        } catch (JsonException $exception) {
            throw BadDocument::notJson($exception);
        }
        $faults = (new MemberNames($text))->faults($json->arrays);
        if ($faults !== []) {
            throw BadDocument::withFaults($faults);
        }

        return $json;
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

    /** Whether every array that was decoded is what its text says: PHP's arrays do not tell `{}` from `[]`, nor `{"0":1}` from `[1]`. */
    public function tellsListsFromObjects(): bool
    {
        return substr_count($this->text, '{') === self::objectsIn($this->arrays);
    }

    private static function objectsIn(mixed $value): int
    {
        if (! is_array($value)) {
            return 0;
        }
        $count = array_is_list($value) ? 0 : 1;
        foreach ($value as $inner) {
            if (is_array($inner)) {
                $count += self::objectsIn($inner);
            }
        }

        return $count;
    }
}
