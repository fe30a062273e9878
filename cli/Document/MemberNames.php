<?php

declare(strict_types=1);

namespace Cli\Document;

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
        /** @var list<array{names: array<array-key, true>|null, at: int, name: string}> $open objects and lists round the place, null for a list */
        $open = [];
        $last = '';
        $offset = 0;
        while (preg_match(self::TOKEN, $this->text, $match, PREG_OFFSET_CAPTURE, $offset) === 1) {
            [$token, $at] = $match[0];
            $offset = $at + strlen($token);
            $depth = count($open) - 1;
            if ($token === '{' || $token === '[') {
                $open[] = ['names' => $token === '{' ? [] : null, 'at' => 0, 'name' => ''];
            } elseif ($token === '}' || $token === ']') {
                array_pop($open);
            } elseif ($token === ',' && $depth >= 0) {
                $open[$depth]['at']++;
            } elseif ($token === ':' && $depth >= 0) {
                $name = json_decode($last);
                $name = is_string($name) ? $name : '';
                $fault = self::faultOf($name, isset($open[$depth]['names'][$name]), self::path($open));
                if ($fault !== null) {
                    return [$fault];
                }
                $open[$depth]['names'][$name] = true;
                $open[$depth]['name'] = $name;
            }
            $last = $token;
        }

        return [];
    }

    /** @param  list<string|int>  $path of the object round it */
    private static function faultOf(string $name, bool $twice, array $path): ?ShapeFault
    {
        $pointer = JsonPointer::of([...$path, $name]);

        return match (true) {
            $twice => new ShapeFault('duplicate-member', $pointer, "The member \"{$name}\" stands here for the second time; an object names each of its members once."),
            str_starts_with($name, "\0") => new ShapeFault('unknown-member', $pointer, 'There is no member here whose name begins with the sign NUL.'),
            default => null,
        };
    }

    /**
     * @param  list<array{names: array<array-key, true>|null, at: int, name: string}>  $open
     * @return list<string|int>
     */
    private static function path(array $open): array
    {
        array_pop($open);

        return array_map(static fn (array $one): string|int => $one['names'] === null ? $one['at'] : $one['name'], $open);
    }
}
