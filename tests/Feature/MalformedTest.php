<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Arr;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;

/**
 * Whatever is sent to whatever address, by the lead who may do everything, the answer is never an error of ours.
 * Addresses and bodies come from the description of the API, so a new route is tried without a word here.
 */
final class MalformedTest extends DescribedTestCase
{
    private const AT_LEAST = 2000;

    /** Each value stands at each place of each body in turn, so that all are tried, but not all everywhere. */
    private const EACH_PLACE = 7;

    private int $tried = 0;

    /** @var list<string> */
    private array $broken = [];

    public function test_no_body_makes_an_error_of_ours(): void
    {
        foreach ($this->operations() as [$method, $path, $operation]) {
            $schema = Arr::get($operation, 'requestBody.content.application/json.schema');
            if (is_array($schema)) {
                $body = $this->filled($schema);
                $places = is_array($body) ? array_keys(Arr::dot($body)) : [];
                foreach (['', ...$places, ...$this->optional($schema, is_array($body) ? $body : [])] as $place) {
                    for ($i = 0; $i < self::EACH_PLACE; $i++) {
                        $this->send($method, $path, $operation, $this->with($body, (string) $place, $this->value($this->tried)));
                    }
                }
            }
        }

        self::assertSame([], $this->broken);
        self::assertGreaterThan(self::AT_LEAST, $this->tried);
    }

    public function test_no_address_makes_an_error_of_ours(): void
    {
        $parts = ['0', '-1', 'x', '1e3', 'true', '99999999999999999999', '%00', '%FF', '1%2F2', '..', '%E2%80%AE', '%20', '1%20OR%201=1', str_repeat('9', 400), 'null', '１'];
        foreach ($this->operations() as [$method, $path, $operation]) {
            foreach ($parts as $part) {
                if (str_contains($path, '{')) {
                    $this->raw($method, (string) preg_replace('/\{\w+\}/', $part, $path), $operation, '[]');
                }
                foreach (array_column(array_filter((array) Arr::get($operation, 'parameters', []), static fn (mixed $one): bool => is_array($one) && $one['in'] === 'query'), 'name') as $name) {
                    assert(is_string($name));
                    $this->send($method, $this->address($path)."?{$name}=".rawurlencode($part), $operation);
                    $this->send($method, $this->address($path)."?{$name}[]=".rawurlencode($part), $operation);
                }
            }
        }

        self::assertSame([], $this->broken);
        self::assertGreaterThan(500, $this->tried);
    }

    public function test_no_text_that_is_no_json_makes_an_error_of_ours(): void
    {
        $texts = ['', '{', 'null', '"x"', '[1,2]', '{"a":1,"a":2}', "\xFF\xFE", '{"version":1e999}', str_repeat('[', 600).str_repeat(']', 600), '{"version":'.str_repeat('9', 5000).'}', '<x/>', "{\"name\":\"\xC3\x28\"}"];
        foreach ($this->operations() as [$method, $path, $operation]) {
            foreach ($method === 'GET' ? [] : $texts as $text) {
                $this->raw($method, $this->address($path), $operation, $text);
            }
        }

        self::assertSame([], $this->broken);
        self::assertGreaterThan(500, $this->tried);
    }

    /** @param  array<string, mixed>  $operation */
    private function send(string $method, string $path, array $operation, mixed $body = []): void
    {
        $text = json_encode($body, JSON_PARTIAL_OUTPUT_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION);
        $this->raw($method, $this->address($path), $operation, (string) $text);
    }

    /** @param  array<string, mixed>  $operation */
    private function raw(string $method, string $path, array $operation, string $text): void
    {
        $response = $this->apart(function () use ($method, $path, $text): TestResponse {
            $this->withSession(['password_confirmed_at' => now()->getTimestamp()]);
            $server = ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json', 'HTTP_ORIGIN' => 'http://localhost'];

            return $this->actingAs($this->lead(), 'web')->call($method, '/api'.$path, [], [], [], $server, $text);
        });
        $this->tried++;
        // An error of ours, or a refusal that the document of the API does not know of this address; another one may answer to the same words, and not take this.
        if ($response->getStatusCode() >= 500 || ! array_key_exists($response->getStatusCode(), [405 => true] + (array) $operation['responses'])) {
            $this->broken[] = $this->told($method, $path, $text, $response);
        }
    }

    /** @param  TestResponse<Response>  $response */
    private function told(string $method, string $path, string $text, TestResponse $response): string
    {
        $cause = $response->exception;

        return sprintf('%s %s %s: %d %s', $method, mb_strimwidth($path, 0, 80), mb_strimwidth($text, 0, 300), $response->getStatusCode(), $cause === null ? '' : $cause::class.' '.mb_strimwidth($cause->getMessage(), 0, 200).' '.basename($cause->getFile()).':'.$cause->getLine());
    }

    private function value(int $turn): mixed
    {
        $values = [
            null, true, false, [], (object) [], '', ' ', 0, -1, 1.5, 1e308, '1', 9_223_372_036_854_775_807, str_repeat('9', 400), "\0", "\u{202E}abc", "'; DROP TABLE figures; --", '=1+1', '../../etc/passwd', "\u{1F642}",
            [[[]]], ['a' => ['b' => []]], [null], [true], ['x', 'x'], range(1, 600), str_repeat('x', 70_000), 'NaN', '٣', [['id' => '1']], ['' => ''],
        ];

        return $values[$turn % count($values)];
    }

    private function with(mixed $body, string $place, mixed $value): mixed
    {
        if ($place === '' || ! is_array($body)) {
            return $value;
        }
        Arr::set($body, $place, $value);

        return $body;
    }

    /**
     * Places at the top that may be left out.
     *
     * @param  array<array-key, mixed>  $schema
     * @param  array<array-key, mixed>  $body
     * @return list<string>
     */
    private function optional(array $schema, array $body): array
    {
        return array_values(array_map(strval(...), array_diff(array_keys((array) ($this->resolved($schema)['properties'] ?? [])), array_keys($body))));
    }
}
