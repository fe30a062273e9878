<?php

declare(strict_types=1);

namespace App\OpenApi;

use App\Http\Shared\AnyJson;
use App\Http\Shared\OneOf;

/** The rules of a form request as a JSON Schema of its body. */
final readonly class RuleSchema
{
    /**
     * @param  array<array-key, mixed>  $rules by field, `a.*.b` for the members of a list's entries
     * @return array<string, mixed>
     */
    public static function of(array $rules): array
    {
        $properties = $required = [];
        foreach ($rules as $field => $list) {
            $field = (string) $field;
            if (str_contains($field, '.')) {
                continue;
            }
            $list = is_array($list) ? $list : [];
            $properties[$field] = self::property($field, $list, $rules);
            if (in_array('required', $list, true) || in_array('present', $list, true)) {
                $required[] = $field;
            }
        }

        return ['type' => 'object', 'properties' => $properties] + ($required === [] ? [] : ['required' => $required]);
    }

    /**
     * @param  array<array-key, mixed>  $list
     * @param  array<array-key, mixed>  $rules
     * @return array<string, mixed>
     */
    private static function property(string $field, array $list, array $rules): array
    {
        $schema = in_array('array', $list, true) ? ['type' => 'array', 'items' => self::entries($field, $rules)] : self::scalar($list);

        return in_array('nullable', $list, true) ? ['anyOf' => [$schema, ['type' => 'null']]] : $schema;
    }

    /**
     * @param  array<array-key, mixed>  $rules
     * @return array<string, mixed>
     */
    private static function entries(string $field, array $rules): array
    {
        $members = [];
        foreach ($rules as $name => $list) {
            if (str_starts_with((string) $name, "{$field}.*.")) {
                $members[substr((string) $name, strlen($field) + 3)] = $list;
            }
        }
        $own = $rules["{$field}.*"] ?? [];

        return $members === [] ? self::scalar(is_array($own) ? $own : []) : self::of($members);
    }

    /**
     * @param  array<array-key, mixed>  $list
     * @return array<string, mixed>
     */
    private static function scalar(array $list): array
    {
        if (array_filter($list, static fn (mixed $rule): bool => $rule instanceof AnyJson) !== []) {
            return ['description' => 'Any value'];
        }
        $schema = match (true) {
            in_array('integer', $list, true) => ['type' => 'integer'],
            in_array('numeric', $list, true) => ['type' => 'number'],
            in_array('boolean', $list, true) => ['type' => 'boolean'],
            in_array('file', $list, true) => ['type' => 'string', 'format' => 'binary'],
            default => ['type' => 'string'],
        };
        foreach ($list as $rule) {
            if ($rule instanceof OneOf) {
                $schema['enum'] = $rule->words;
            }
            if (is_string($rule) && str_starts_with($rule, 'max:') && $schema['type'] === 'string' && ! isset($schema['format'])) {
                $schema['maxLength'] = (int) substr($rule, 4);
            }
        }

        return $schema;
    }
}
