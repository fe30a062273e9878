<?php

declare(strict_types=1);

namespace Tests\OpenApi;

use App\Http\Shared\OneOf;
use App\OpenApi\RuleSchema;
use App\OpenApi\Shapes;
use App\OpenApi\TypeSchema;
use Core\Standard\Severity;
use Core\Standard\Side;
use LogicException;
use PHPStan\PhpDocParser\Lexer\Lexer;
use PHPStan\PhpDocParser\Parser\ConstExprParser;
use PHPStan\PhpDocParser\Parser\TokenIterator;
use PHPStan\PhpDocParser\Parser\TypeParser;
use PHPStan\PhpDocParser\ParserConfig;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SchemaTest extends TestCase
{
    /** @return iterable<string, array{string, array<string, mixed>}> */
    public static function types(): iterable
    {
        $text = ['type' => 'string'];

        yield 'a whole number' => ['int', ['type' => 'integer']];
        yield 'a number' => ['float', ['type' => 'number']];
        yield 'a text or nothing' => ['string|null', ['anyOf' => [$text, ['type' => 'null']]]];
        yield 'words' => ["'new'|'same'", ['type' => 'string', 'enum' => ['new', 'same']]];
        yield 'words or nothing' => ["'new'|null", ['anyOf' => [['type' => 'string', 'enum' => ['new']], ['type' => 'null']]]];
        yield 'a list' => ['list<string>', ['type' => 'array', 'items' => $text]];
        yield 'a map' => ['array<string, int>', ['type' => 'object', 'additionalProperties' => ['type' => 'integer']]];
        yield 'a shape' => ['array{a: string, b?: bool}', ['type' => 'object', 'properties' => ['a' => $text, 'b' => ['type' => 'boolean']], 'required' => ['a'], 'additionalProperties' => false]];
        yield 'any value' => ['array<string, mixed>', ['type' => 'object', 'additionalProperties' => ['description' => 'Any value']]];
        yield 'a number, whole or not' => ['int|float', ['type' => 'number']];
        yield 'a named shape' => ['list<Known>', ['type' => 'array', 'items' => ['$ref' => 'known']]];
        yield 'a shape of shapes' => ['array{in: array{n: int}}', ['type' => 'object', 'properties' => ['in' => ['type' => 'object', 'properties' => ['n' => ['type' => 'integer']], 'required' => ['n'], 'additionalProperties' => false]], 'required' => ['in'], 'additionalProperties' => false]];
    }

    /** @param  array<string, mixed>  $schema */
    #[DataProvider('types')]
    public function test_a_type_of_a_docblock_becomes_a_schema(string $type, array $schema): void
    {
        self::assertSame($schema, $this->schema($type));
    }

    public function test_what_json_does_not_know_is_refused_when_the_document_is_made(): void
    {
        $refused = 0;
        foreach (['callable', 'array<resource>', 'Unknown', 'iterable<int>', 'never'] as $type) {
            try {
                $this->schema($type);
            } catch (LogicException) {
                $refused++;
            }
        }
        self::assertSame(5, $refused);
    }

    public function test_rules_become_the_schema_of_a_body(): void
    {
        $schema = RuleSchema::of([
            'name' => ['required', 'string', 'max:120'],
            'size' => ['nullable', 'numeric'],
            'side' => ['required', OneOf::of(Side::class)],
            'state' => ['present', 'nullable', OneOf::words('done', 'later')],
            'figures' => ['required', 'array'],
            'figures.*.id' => ['required', 'integer'],
            'marks' => ['array'],
            'marks.*' => ['integer'],
            'on' => ['boolean'],
        ]);

        self::assertSame(['name', 'side', 'state', 'figures'], $schema['required']);
        self::assertSame([
            'name' => ['type' => 'string', 'maxLength' => 120],
            'size' => ['anyOf' => [['type' => 'number'], ['type' => 'null']]],
            'side' => ['type' => 'string', 'enum' => ['front', 'left', 'back', 'right', 'above', 'below']],
            'state' => ['anyOf' => [['type' => 'string', 'enum' => ['done', 'later']], ['type' => 'null']]],
            'figures' => ['type' => 'array', 'items' => ['type' => 'object', 'properties' => ['id' => ['type' => 'integer']], 'required' => ['id']]],
            'marks' => ['type' => 'array', 'items' => ['type' => 'integer']],
            'on' => ['type' => 'boolean'],
        ], $schema['properties']);
    }

    public function test_values_of_an_enum_are_its_words(): void
    {
        self::assertSame(['type' => 'string', 'enum' => ['critical', 'major', 'minor']], $this->schema('value-of<Severity>'));
    }

    public function test_a_resource_names_its_shape_and_those_it_imports_become_components(): void
    {
        $shapes = new Shapes;

        self::assertSame(['$ref' => '#/components/schemas/Check'], $shapes->ofResource(\App\Http\Checks\CheckResource::class));
        self::assertArrayHasKey('Why', $shapes->components());
        self::assertArrayHasKey('CheckFault', $shapes->components());
    }

    /** @return array<string, mixed> */
    private function schema(string $type): array
    {
        $config = new ParserConfig([]);
        $tokens = new TokenIterator((new Lexer($config))->tokenize($type));
        $node = (new TypeParser($config, new ConstExprParser($config)))->parse($tokens);

        return (new TypeSchema(static fn (string $name): ?array => $name === 'Known' ? ['$ref' => 'known'] : null, static fn (): string => Severity::class))->of($node);
    }
}
