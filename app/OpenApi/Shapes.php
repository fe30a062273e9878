<?php

declare(strict_types=1);

namespace App\OpenApi;

use App\Http\Shared\Resource;
use LogicException;
use PHPStan\PhpDocParser\Ast\PhpDoc\PhpDocNode;
use PHPStan\PhpDocParser\Ast\Type\TypeNode;
use PHPStan\PhpDocParser\Lexer\Lexer;
use PHPStan\PhpDocParser\Parser\ConstExprParser;
use PHPStan\PhpDocParser\Parser\PhpDocParser;
use PHPStan\PhpDocParser\Parser\TokenIterator;
use PHPStan\PhpDocParser\Parser\TypeParser;
use PHPStan\PhpDocParser\ParserConfig;
use ReflectionClass;

/** The array shapes of resources, as components of an OpenAPI document. A shape is named once in the whole API. */
final class Shapes
{
    /** @var array<string, array<string, mixed>> */
    private array $components = [];

    /** @var array<string, class-string> where a component was written down */
    private array $owners = [];

    private readonly Lexer $lexer;

    private readonly PhpDocParser $parser;

    public function __construct()
    {
        $config = new ParserConfig([]);
        $constants = new ConstExprParser($config);
        $this->lexer = new Lexer($config);
        $this->parser = new PhpDocParser($config, new TypeParser($config, $constants), $constants);
    }

    /**
     * @param  class-string<resource>  $class
     * @return array<string, mixed>
     */
    public function ofResource(string $class): array
    {
        $reflection = new ReflectionClass($class);
        $doc = $reflection->getMethod('toArray')->getDocComment();
        $return = $doc === false ? [] : $this->parse($doc)->getReturnTagValues();
        if ($return === []) {
            throw new LogicException("{$class}::toArray() names no shape; write it down as @return.");
        }

        return $this->schema($return[0]->type, $class);
    }

    /** @return array<string, array<string, mixed>> by name */
    public function components(): array
    {
        ksort($this->components);

        return $this->components;
    }

    /**
     * @param  class-string  $class where the type is written
     * @return array<string, mixed>
     */
    private function schema(TypeNode $type, string $class): array
    {
        return (new TypeSchema(fn (string $name): ?array => $this->reference($name, $class), fn (string $name): string => self::resolve($name, $class)))->of($type);
    }

    /**
     * @param  class-string  $class
     * @return array<string, mixed>|null null when the class knows no shape of this name
     */
    private function reference(string $name, string $class): ?array
    {
        $doc = (new ReflectionClass($class))->getDocComment();
        $node = $doc === false ? null : $this->parse($doc);
        foreach ($node?->getTypeAliasTagValues() ?? [] as $alias) {
            if ($alias->alias === $name) {
                return $this->component($name, $alias->type, $class);
            }
        }
        foreach ($node?->getTypeAliasImportTagValues() ?? [] as $import) {
            if (($import->importedAs ?? $import->importedAlias) === $name) {
                return $this->reference($import->importedAlias, self::resolve($import->importedFrom->name, $class));
            }
        }

        return null;
    }

    /**
     * @param  class-string  $class
     * @return array<string, mixed>
     */
    private function component(string $alias, TypeNode $type, string $class): array
    {
        $name = rtrim($alias, '_');
        if (($this->owners[$name] ?? $class) !== $class) {
            throw new LogicException("The shape {$name} is written in {$class} and in {$this->owners[$name]}; name it once and import it.");
        }
        if (! isset($this->owners[$name])) {
            $this->owners[$name] = $class;
            $this->components[$name] = $this->schema($type, $class);
        }

        return ['$ref' => "#/components/schemas/{$name}"];
    }

    private function parse(string $doc): PhpDocNode
    {
        return $this->parser->parse(new TokenIterator($this->lexer->tokenize($doc)));
    }

    /**
     * @param  class-string  $class
     * @return class-string
     */
    private static function resolve(string $name, string $class): string
    {
        $file = (string) (new ReflectionClass($class))->getFileName();
        $imported = preg_match('/^use ([\w\\\\]+\\\\'.preg_quote($name, '/').');$/m', (string) file_get_contents($file), $use) === 1 ? $use[1] : null;
        $full = $imported ?? (str_starts_with($name, '\\') ? ltrim($name, '\\') : (new ReflectionClass($class))->getNamespaceName().'\\'.$name);

        return class_exists($full) || enum_exists($full) ? $full : throw new LogicException("{$class} speaks of {$full}, which is no class.");
    }
}
