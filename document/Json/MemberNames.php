<?php

declare(strict_types=1);

namespace Document\Json;

/**
 * Names of members as they stand in the text of a document, which decoding does not tell: one that stands
 * twice in an object is kept once, and one that begins with NUL cannot be a property of a PHP object.
 */
final class MemberNames
{
    /** A name with its colon; texts that are no names are passed over. */
    private const NAME = '/"(?:[^"\\\\]++|\\\\.)*+"(?!\s*:)(*SKIP)(*F)|"(?:[^"\\\\]++|\\\\.)*+"\s*:/s';

    /** Signs of JSON, and texts with them. */
    private const TOKEN = '/"(?:[^"\\\\]++|\\\\.)*+"|[{}\[\],:]/s';

    public function __construct(private readonly string $text)
    {
    }

    /**
     * @param  mixed  $decoded with arrays
     * @return list<ShapeFault> the first name that is wrong; empty when all are right
     */
    public function faults(mixed $decoded): array
    {
        // Counting is quick, finding is not: only where fewer names were kept than are written is one looked for.
        $suspicious = str_contains($this->text, '\\u0000') || preg_match_all(self::NAME, $this->text) !== self::names($decoded);

        return $suspicious ? $this->find() : [];
    }

    private static function names(mixed $value): int
    {
        if (! is_array($value)) {
            return 0;
        }
        $count = array_is_list($value) ? 0 : count($value);
        foreach ($value as $inner) {
            if (is_array($inner)) {
                $count += self::names($inner);
            }
        }

        return $count;
    }

    /** @return list<ShapeFault> */
    private function find(): array
    {
        /** @var list<OpenPlace> $open */
        $open = [];
        $last = '';
        $offset = 0;
        while (preg_match(self::TOKEN, $this->text, $match, PREG_OFFSET_CAPTURE, $offset) === 1) {
            [$token, $at] = $match[0];
            $offset = $at + strlen($token);
            $place = $open[count($open) - 1] ?? null;
            match ($token) {
                '{', '[' => $open[] = new OpenPlace($token === '{'),
                '}', ']' => array_pop($open),
                ',' => $place?->next(),
                default => null,
            };
            $fault = $token === ':' && $place !== null ? self::faultOf($last, $place, $open) : null;
            if ($fault !== null) {
                return [$fault];
            }
            $last = $token;
        }

        return [];
    }

    /** @param  list<OpenPlace>  $open */
    private static function faultOf(string $token, OpenPlace $place, array $open): ?ShapeFault
    {
        $decoded = json_decode($token);
        $name = is_string($decoded) ? $decoded : '';
        $isNew = $place->take($name);
        $pointer = JsonPointer::of(array_map(static fn (OpenPlace $one): string|int => $one->step(), $open));

        return match (true) {
            ! $isNew => new ShapeFault('duplicate-member', $pointer, "The member \"{$name}\" stands here for the second time; an object names each of its members once."),
            str_starts_with($name, "\0") => new ShapeFault('unknown-member', $pointer, 'There is no member here whose name begins with the sign NUL.'),
            default => null,
        };
    }
}
