<?php

declare(strict_types=1);

namespace App\OpenApi;

use App\Http\Shared\Answers;
use App\Http\Shared\Resource;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Routing\Route;
use Illuminate\Routing\Router;
use ReflectionClass;
use ReflectionMethod;
use ReflectionNamedType;
use stdClass;

/**
 * The OpenAPI document of the API, made from what the code says: routes, the rules of form requests,
 * and the array shapes of resources, which PHPStan holds against the code.
 */
final readonly class DocumentBuilder
{
    public function __construct(private Router $router)
    {
    }

    /** @return array<string, mixed> */
    public function build(): array
    {
        $shapes = new Shapes;
        $paths = [];
        foreach ($this->router->getRoutes()->getRoutes() as $route) {
            if (str_starts_with($route->uri(), 'api/')) {
                foreach (array_diff($route->methods(), ['HEAD']) as $method) {
                    $paths['/'.$route->uri()][strtolower($method)] = $this->operation($route, $method, $shapes);
                }
            }
        }
        ksort($paths);

        return [
            'openapi' => '3.1.0',
            'info' => ['title' => 'Ordotype', 'version' => '1'],
            'paths' => $paths,
            'components' => [
                'schemas' => ['Error' => self::error(), ...$shapes->components()],
                'responses' => Refusals::components(),
                'securitySchemes' => [
                    'session' => ['type' => 'apiKey', 'in' => 'cookie', 'name' => config()->string('session.cookie'), 'description' => 'The session of a browser that signed in.'],
                    'token' => ['type' => 'apiKey', 'in' => 'header', 'name' => 'X-XSRF-TOKEN', 'description' => 'Against forged requests: what the cookie XSRF-TOKEN says, which /sanctum/csrf-cookie sets.'],
                ],
            ],
        ];
    }

    /** @return array<string, mixed> */
    private function operation(Route $route, string $method, Shapes $shapes): array
    {
        $controller = $route->getControllerClass();
        assert($controller !== null && class_exists($controller));
        $class = new ReflectionClass($controller);
        $invoke = $class->getMethod('__invoke');
        $parameters = self::pathParameters($route, $invoke);
        $schema = $this->input($invoke);
        $operation = [
            'operationId' => lcfirst($class->getShortName()),
            'summary' => self::summary($class),
            'tags' => [lcfirst(basename(str_replace('\\', '/', $class->getNamespaceName())))],
            'security' => self::security($route, $method),
        ];
        if ($schema !== null && in_array($method, ['GET', 'DELETE'], true)) {
            array_push($parameters, ...self::queryParameters($schema));
        } elseif ($schema !== null) {
            $operation['requestBody'] = ['required' => true, 'content' => [self::mediaType($schema) => ['schema' => $schema]]];
        }
        if ($parameters !== []) {
            $operation['parameters'] = $parameters;
        }
        $answers = Answers::of($controller);
        $operation['responses'] = array_fill_keys([$answers->status, ...($answers->otherwise === null ? [] : [$answers->otherwise])], self::answer($invoke, $answers->type, $shapes))
            + Refusals::of($route, $method, $schema !== null)
            + ['default' => ['$ref' => '#/components/responses/Broken']];

        return $operation;
    }

    /** @return array<string, mixed> */
    private static function answer(ReflectionMethod $invoke, string $mediaType, Shapes $shapes): array
    {
        $type = $invoke->getReturnType();
        $class = $type instanceof ReflectionNamedType ? $type->getName() : '';
        $schema = match (true) {
            is_subclass_of($class, Resource::class) => $shapes->ofResource($class),
            $mediaType === Answers::JSON => new stdClass,
            default => ['type' => 'string'] + (str_starts_with($mediaType, 'text/') ? [] : ['format' => 'binary']),
        };

        return ['description' => 'The answer', 'content' => [$mediaType => ['schema' => $schema]]];
    }

    /** @return list<array<string, list<string>>> */
    private static function security(Route $route, string $method): array
    {
        $session = in_array('auth:sanctum', $route->gatherMiddleware(), true) ? ['session' => []] : [];
        $token = $method === 'GET' ? [] : ['token' => []];

        return $session + $token === [] ? [] : [$session + $token];
    }

    /** @return array<string, mixed>|null */
    private function input(ReflectionMethod $invoke): ?array
    {
        foreach ($invoke->getParameters() as $parameter) {
            $type = $parameter->getType();
            $class = $type instanceof ReflectionNamedType ? $type->getName() : '';
            if (is_subclass_of($class, FormRequest::class) && method_exists($class, 'rules')) {
                $rules = (new $class)->rules();

                return is_array($rules) && $rules !== [] ? RuleSchema::of($rules) : null;
            }
        }

        return null;
    }

    /** @return list<array<string, mixed>> */
    private static function pathParameters(Route $route, ReflectionMethod $invoke): array
    {
        $types = [];
        foreach ($invoke->getParameters() as $parameter) {
            $type = $parameter->getType();
            $types[$parameter->getName()] = $type instanceof ReflectionNamedType && $type->getName() === 'string' ? 'string' : 'integer';
        }

        return array_map(
            static fn (string $name): array => ['name' => $name, 'in' => 'path', 'required' => true, 'schema' => ['type' => $types[$name] ?? 'string']],
            array_values(array_filter($route->parameterNames(), is_string(...))),
        );
    }

    /**
     * @param  array<string, mixed>  $schema
     * @return list<array<string, mixed>>
     */
    private static function queryParameters(array $schema): array
    {
        $parameters = [];
        $required = is_array($schema['required'] ?? null) ? $schema['required'] : [];
        foreach (is_array($schema['properties'] ?? null) ? $schema['properties'] : [] as $name => $property) {
            $parameters[] = ['name' => $name, 'in' => 'query', 'required' => in_array($name, $required, true), 'schema' => $property];
        }

        return $parameters;
    }

    /** @param  array<string, mixed>  $schema */
    private static function mediaType(array $schema): string
    {
        return str_contains((string) json_encode($schema), '"binary"') ? 'multipart/form-data' : 'application/json';
    }

    /** @param  ReflectionClass<object>  $class */
    private static function summary(ReflectionClass $class): string
    {
        return trim((string) preg_replace('~^/\*\*|\*/$|^\s*\*~m', '', (string) $class->getDocComment()));
    }

    /** @return array<string, mixed> */
    private static function error(): array
    {
        $text = ['type' => 'string'];

        return [
            'type' => 'object',
            'required' => ['error'],
            'properties' => [
                'error' => [
                    'type' => 'object',
                    'required' => ['code', 'message', 'path', 'problems'],
                    'properties' => [
                        'code' => $text, 'message' => $text, 'path' => $text,
                        'about' => ['type' => 'string', 'description' => 'The name that it speaks of, such as that of a paint nobody has'],
                        'problems' => ['type' => 'array', 'items' => ['type' => 'object', 'required' => ['path', 'message'], 'properties' => ['path' => $text, 'message' => $text]]],
                    ],
                ],
                'now' => ['type' => 'object', 'description' => 'The row as it is now, where a stale one was sent', 'additionalProperties' => true],
            ],
        ];
    }
}
