<?php

declare(strict_types=1);

namespace App\OpenApi;

use App\Http\Shared\AnyJson;
use BackedEnum;
use Illuminate\Validation\Rules\Enum;
use Illuminate\Validation\Rules\In;
use ReflectionProperty;

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
            $words = self::words($rule);
            if ($words !== []) {
                $schema['enum'] = $words;
            }
            if (is_string($rule) && str_starts_with($rule, 'max:') && $schema['type'] === 'string' && ! isset($schema['format'])) {
                $schema['maxLength'] = (int) substr($rule, 4);
            }
        }

        return $schema;
    }

    /** @return list<string> */
    private static function words(mixed $rule): array
    {
        if ($rule instanceof Enum) {
            $enum = (new ReflectionProperty($rule, 'type'))->getValue($rule);

            return is_string($enum) && is_subclass_of($enum, BackedEnum::class) ? array_map(static fn (BackedEnum $case): string => (string) $case->value, $enum::cases()) : [];
        }
        if ($rule instanceof In) {
            $values = (new ReflectionProperty($rule, 'values'))->getValue($rule);

            return is_array($values) ? array_values(array_filter($values, is_string(...))) : [];
        }

        return [];
    }
}
