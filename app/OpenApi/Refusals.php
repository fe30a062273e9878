<?php

declare(strict_types=1);

namespace App\OpenApi;

use Illuminate\Routing\Route;

/** With what an address may refuse, by what stands in front of it and what is sent to it. Each has the same body. */
final readonly class Refusals
{
    /** What each status means, and the codes of it; none where they name what exactly is wrong. */
    private const ALL = [
        400 => ['Unreadable', 'The address is no text in UTF-8', ['unreadable-address']],
        401 => ['SignedOut', 'Nobody is signed in', ['signed-out']],
        403 => ['NotAllowed', 'Not for who is signed in, or not in the state that it is in; the code says why', []],
        404 => ['NotFound', 'There is no such thing in this studio', ['not-found']],
        409 => ['Conflict', 'Somebody else was first: the row as it is now is in `now` where what was sent is stale', ['stale', 'duplicate', 'busy', 'signed']],
        413 => ['TooLarge', 'More than this address takes', ['too-large']],
        419 => ['PageExpired', 'The token against forged requests is of a session that has ended', ['page-expired']],
        422 => ['NotRight', 'What was sent is not right; the path says where and the code why', []],
        423 => ['ConfirmPassword', 'The password is asked once more before this', ['confirm-password']],
        429 => ['TooOften', 'Tried too often; Retry-After says when to try again', ['too-often']],
        503 => ['Away', 'The database does not answer; nothing was stored', []],
    ];

    /**
     * @param  string  $method in capitals
     * @param  bool  $hasInput whether it takes a body or a query
     * @return array<int, array<string, mixed>> by status
     */
    public static function of(Route $route, string $method, bool $hasInput): array
    {
        $middleware = array_map(static fn (mixed $one): string => is_string($one) ? $one : '', $route->gatherMiddleware());
        $writes = $method !== 'GET';
        $may = [
            400 => $route->parameterNames() !== [],
            401 => in_array('auth:sanctum', $middleware, true) || $writes,
            // A link that was used, a sign-in that is not allowed: also where nobody is signed in.
            403 => true,
            404 => $route->parameterNames() !== [] || $hasInput,
            409 => $writes,
            413 => $writes && $hasInput,
            419 => $writes,
            422 => $hasInput || $writes || $route->parameterNames() !== [],
            423 => in_array('confirmed', $middleware, true),
            429 => $writes || array_filter($middleware, static fn (string $one): bool => str_starts_with($one, 'throttle')) !== [],
            503 => true,
        ];

        $refusals = [];
        foreach (self::ALL as $status => [$name]) {
            if ($may[$status]) {
                $refusals[$status] = ['$ref' => "#/components/responses/{$name}"];
            }
        }

        return $refusals;
    }

    /** @return array<string, array<string, mixed>> by name */
    public static function components(): array
    {
        $components = ['Broken' => self::component('Something broke on our side; nothing was stored', ['broken'])];
        foreach (self::ALL as [$name, $description, $codes]) {
            $components[$name] = self::component($description, $codes);
        }
        ksort($components);

        return $components;
    }

    /**
     * @param  list<string>  $codes
     * @return array<string, mixed>
     */
    private static function component(string $description, array $codes): array
    {
        $error = ['$ref' => '#/components/schemas/Error'];
        $schema = $codes === [] ? $error : ['allOf' => [$error, ['type' => 'object', 'properties' => ['error' => ['type' => 'object', 'properties' => ['code' => ['type' => 'string', 'enum' => $codes]]]]]]];

        return ['description' => $description, 'content' => ['application/json' => ['schema' => $schema]]];
    }
}
