<?php

declare(strict_types=1);

namespace App\OpenApi;

use BackedEnum;
use Closure;
use LogicException;
use PHPStan\PhpDocParser\Ast\ConstExpr\ConstExprStringNode;
use PHPStan\PhpDocParser\Ast\ConstExpr\ConstExprTrueNode;
use PHPStan\PhpDocParser\Ast\Type\ArrayShapeNode;
use PHPStan\PhpDocParser\Ast\Type\ConstTypeNode;
use PHPStan\PhpDocParser\Ast\Type\GenericTypeNode;
use PHPStan\PhpDocParser\Ast\Type\IdentifierTypeNode;
use PHPStan\PhpDocParser\Ast\Type\NullableTypeNode;
use PHPStan\PhpDocParser\Ast\Type\TypeNode;
use PHPStan\PhpDocParser\Ast\Type\UnionTypeNode;

/** A type of a docblock as a JSON Schema. */
final readonly class TypeSchema
{
    /**
     * @param  Closure(string): (array<string, mixed>|null)  $named the schema of a named shape, if there is one
     * @param  Closure(string): class-string  $class the class that a name stands for where the type is written
     */
    public function __construct(
        private Closure $named,
        private Closure $class,
    ) {
    }

    /** @return array<string, mixed> */
    public function of(TypeNode $type): array
    {
        return match (true) {
            $type instanceof IdentifierTypeNode => $this->identifier($type->name),
            $type instanceof NullableTypeNode => self::orNull($this->of($type->type)),
            $type instanceof UnionTypeNode => $this->union($type),
            $type instanceof ArrayShapeNode => $this->shape($type),
            $type instanceof GenericTypeNode => $this->generic($type),
            $type instanceof ConstTypeNode && $type->constExpr instanceof ConstExprTrueNode => ['const' => true, 'type' => 'boolean'],
            default => throw new LogicException("The type {$type} has no schema; write it with what JSON knows."),
        };
    }

    /** @return array<string, mixed> */
    private function identifier(string $name): array
    {
        return match ($name) {
            'int' => ['type' => 'integer'],
            'float' => ['type' => 'number'],
            'string' => ['type' => 'string'],
            'bool' => ['type' => 'boolean'],
            'true' => ['type' => 'boolean', 'const' => true],
            'mixed' => ['description' => 'Any value'],
            'null' => ['type' => 'null'],
            default => ($this->named)($name) ?? throw new LogicException("The shape {$name} is written nowhere."),
        };
    }

    /** @return array<string, mixed> */
    private function union(UnionTypeNode $union): array
    {
        $words = $others = [];
        $null = false;
        foreach ($union->types as $type) {
            if ($type instanceof ConstTypeNode && $type->constExpr instanceof ConstExprStringNode) {
                $words[] = $type->constExpr->value;
            } elseif ($type instanceof IdentifierTypeNode && $type->name === 'null') {
                $null = true;
            } else {
                $others[] = $this->of($type);
            }
        }
        // A whole number is a number.
        if (in_array(['type' => 'number'], $others, true)) {
            $others = array_values(array_filter($others, static fn (array $other): bool => $other !== ['type' => 'integer']));
        }
        $schema = $words !== [] ? ['type' => 'string', 'enum' => $words] : (count($others) === 1 ? $others[0] : ['anyOf' => $others]);

        return $null ? self::orNull($schema) : $schema;
    }

    /** @return array<string, mixed> */
    private function shape(ArrayShapeNode $shape): array
    {
        $properties = $required = [];
        foreach ($shape->items as $item) {
            $name = $item->keyName instanceof ConstExprStringNode ? $item->keyName->value : (string) $item->keyName;
            $properties[$name] = $this->of($item->valueType);
            if (! $item->optional) {
                $required[] = $name;
            }
        }

        return ['type' => 'object', 'properties' => $properties, 'required' => $required, 'additionalProperties' => false];
    }

    /** @return array<string, mixed> */
    private function generic(GenericTypeNode $generic): array
    {
        $arguments = $generic->genericTypes;

        return match ($generic->type->name) {
            'list', 'non-empty-list' => ['type' => 'array', 'items' => $this->of($arguments[0])],
            'value-of' => ['type' => 'string', 'enum' => $this->values((string) $arguments[0])],
            'array' => ['type' => 'object', 'additionalProperties' => $this->of($arguments[count($arguments) - 1])],
            default => throw new LogicException("The type {$generic} has no schema; write it with what JSON knows."),
        };
    }

    /** @return list<int|string> */
    private function values(string $name): array
    {
        $enum = ($this->class)($name);

        return is_subclass_of($enum, BackedEnum::class) ? array_column($enum::cases(), 'value') : throw new LogicException("{$enum} is no enum with values.");
    }

    /**
     * @param  array<string, mixed>  $schema
     * @return array<string, mixed>
     */
    private static function orNull(array $schema): array
    {
        return ['anyOf' => [$schema, ['type' => 'null']]];
    }
}
