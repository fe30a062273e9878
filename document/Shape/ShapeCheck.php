<?php

declare(strict_types=1);

namespace Document\Shape;

use Document\Json\JsonPointer;
use Document\Json\ShapeFault;
use Opis\JsonSchema\Errors\ValidationError;
use Opis\JsonSchema\Helper;
use Opis\JsonSchema\Validator;

/**
 * Whether a decoded JSON value has the shape of a schema, told in the codes of the command contract.
 *
 * @phpstan-import-type SchemaArray from Schema
 */
final readonly class ShapeCheck
{
    private const MOST_FAULTS = 1000;

    /** @param  SchemaArray  $schema */
    public function __construct(private array $schema)
    {
    }

    /** @return list<ShapeFault> unknown members first, then missing ones, then the rest in the order of the document */
    public function faults(mixed $value): array
    {
        $validator = new Validator(null, self::MOST_FAULTS, false);
        /** @var object $schema */
        $schema = Helper::toJSON($this->schema);
        $error = $validator->validate($value, $schema)->error();
        $faults = $error === null ? [] : $this->leaves($error);
        usort($faults, static fn (ShapeFault $a, ShapeFault $b): int => self::rank($a) <=> self::rank($b));

        return $faults;
    }

    /** @return list<ShapeFault> */
    private function leaves(ValidationError $error): array
    {
        $refusal = ShapeWords::refusal($error);
        if ($refusal !== null) {
            /** @var list<string|int> $path */
            $path = $error->data()->fullPath();

            return [new ShapeFault($refusal, JsonPointer::of($path), ShapeWords::refused($error))];
        }
        if ($error->subErrors() === []) {
            return $this->faultsOf($error);
        }

        return array_merge(...array_map($this->leaves(...), self::inner($error)));
    }

    /** @return list<ValidationError> */
    private static function inner(ValidationError $error): array
    {
        /** @var array<array-key, ValidationError> $inner */
        $inner = $error->subErrors();

        return array_values($inner);
    }

    /** @return list<ShapeFault> */
    private function faultsOf(ValidationError $error): array
    {
        /** @var list<string|int> $path */
        $path = $error->data()->fullPath();
        $args = $error->args();

        return match ($error->keyword()) {
            'additionalProperties' => $this->unknown($path, self::names($args['properties'] ?? []), $error),
            'required' => array_map(
                static fn (string $name): ShapeFault => new ShapeFault('missing-member', JsonPointer::of([...$path, $name]), "The member \"{$name}\" is missing; it has no default."),
                self::names($args['missing'] ?? []),
            ),
            'properties' => [new ShapeFault('unknown-member', JsonPointer::of([...$path, ...self::names([$args['property'] ?? ''])]), 'This member cannot stand here beside what else is said; leave it out.')],
            default => [new ShapeFault(self::code($error->keyword()), JsonPointer::of($path), ShapeWords::of($error))],
        };
    }

    /**
     * @param  list<string|int>  $path
     * @param  list<string>  $names
     * @return list<ShapeFault>
     */
    private function unknown(array $path, array $names, ValidationError $error): array
    {
        $known = ShapeWords::members($error);
        $inWords = $known === [] ? 'none' : implode(', ', $known);

        // The validator also names members here that are known and wrong in another way; those have a fault of their own.
        return array_map(
            static fn (string $name): ShapeFault => new ShapeFault('unknown-member', JsonPointer::of([...$path, $name]), "There is no member \"{$name}\" here; known are: {$inWords}."),
            array_values(array_diff($names, $known)),
        );
    }

    /** @return list<string> */
    private static function names(mixed $names): array
    {
        return is_array($names) ? array_values(array_map(static fn (mixed $name): string => is_scalar($name) ? (string) $name : '', $names)) : [];
    }

    private static function code(string $keyword): string
    {
        return match ($keyword) {
            'type' => 'wrong-type',
            'enum', 'const' => 'unknown-value',
            // A text of a certain form is a colour, and only a colour is written in one of two ways.
            'pattern', 'minProperties', 'maxProperties' => 'bad-colour',
            default => 'out-of-range',
        };
    }

    private static function rank(ShapeFault $fault): int
    {
        return match ($fault->code) {
            'unknown-member' => 0,
            'missing-member' => 1,
            default => 2,
        };
    }
}
