<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Fault;
use App\Models\Paint;
use App\Models\Scheme;
use App\Models\SchemeArea;
use App\Models\SignOff;
use App\Models\StandardVersion;
use App\Models\Variation;
use Illuminate\Routing\Middleware\ThrottleRequests;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;

/**
 * Whatever is sent to whatever address, by the lead who may do everything, the answer is never an error of ours.
 * Addresses and bodies come from the description of the API, so a new route is tried without a word here.
 *
 * @phpstan-type Schema array<string, mixed>
 */
final class MalformedTest extends CheckTestCase
{
    private const AT_LEAST = 2000;

    /** Each value stands at each place of each body in turn, so that all are tried, but not all everywhere. */
    private const EACH_PLACE = 7;

    /** @var Schema */
    private array $document;

    /** @var array<string, mixed> what is really there, by the name of a field or of a part of an address */
    private array $known;

    private int $tried = 0;

    /** @var list<string> */
    private array $broken = [];

    protected function setUp(): void
    {
        parent::setUp();
        $this->withoutMiddleware(ThrottleRequests::class);
        /** @var Schema $document */
        $document = json_decode((string) file_get_contents(base_path('openapi.json')), true, 512, JSON_THROW_ON_ERROR);
        $this->document = $document;
        $record = $this->signed($this->figure('1st Lamplighters', 3));
        $check = $this->act($this->open($this->figure('1st Lamplighters', 5)), 'flaws', ['flaw' => 'broken', 'area' => 'lamp pole', 'side' => 'left']);
        $figure = $this->figure('1st Lamplighters', 1);
        $this->known = [
            'check' => $check['id'], 'version' => $check['version'], 'fault' => Fault::query()->firstOrFail()->id, 'signOff' => SignOff::query()->firstOrFail()->id, 'find' => $record->hash,
            'figure' => $figure->id, 'figures' => [['id' => $figure->id, 'seen' => null]], 'area' => 'lamp pole', 'use' => 'base', 'tier' => 'muster', 'surface' => 'cloth', 'technique' => 'base',
            'job' => $this->job()->id, 'unit' => $this->unit('1st Lamplighters')->id, 'key' => $this->sheetKey(), 'user' => $this->jory()->id, 'session' => 'x', 'invitation' => 1, 'token' => 'x', 'proposal' => 1,
            'paint' => Paint::query()->firstOrFail()->id, 'scheme' => Scheme::query()->firstOrFail()->id, 'schemeArea' => SchemeArea::query()->firstOrFail()->id,
            'standardVersion' => StandardVersion::query()->firstOrFail()->id, 'variation' => Variation::query()->firstOrFail()->id, 'force' => 'Harbour guard',
        ];
    }

    public function test_no_body_makes_an_error_of_ours(): void
    {
        foreach ($this->operations() as [$method, $path, $operation]) {
            $schema = Arr::get($operation, 'requestBody.content.application/json.schema');
            if (is_array($schema)) {
                $body = $this->filled($schema);
                $places = is_array($body) ? array_keys(Arr::dot($body)) : [];
                foreach (['', ...$places, ...$this->optional($schema, is_array($body) ? $body : [])] as $place) {
                    for ($i = 0; $i < self::EACH_PLACE; $i++) {
                        $this->send($method, $path, $this->with($body, (string) $place, $this->value($this->tried)));
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
                    $this->send($method, (string) preg_replace('/\{\w+\}/', $part, $path), [], false);
                }
                foreach (array_column(array_filter((array) Arr::get($operation, 'parameters', []), static fn (mixed $one): bool => is_array($one) && $one['in'] === 'query'), 'name') as $name) {
                    assert(is_string($name));
                    $this->send($method, $this->address($path)."?{$name}=".rawurlencode($part));
                    $this->send($method, $this->address($path)."?{$name}[]=".rawurlencode($part));
                }
            }
        }

        self::assertSame([], $this->broken);
        self::assertGreaterThan(500, $this->tried);
    }

    public function test_no_text_that_is_no_json_makes_an_error_of_ours(): void
    {
        $texts = ['', '{', 'null', '"x"', '[1,2]', '{"a":1,"a":2}', "\xFF\xFE", '{"version":1e999}', str_repeat('[', 600).str_repeat(']', 600), '{"version":'.str_repeat('9', 5000).'}', '<x/>', "{\"name\":\"\xC3\x28\"}"];
        foreach ($this->operations() as [$method, $path]) {
            foreach ($method === 'GET' ? [] : $texts as $text) {
                $this->raw($method, $this->address($path), $text);
            }
        }

        self::assertSame([], $this->broken);
        self::assertGreaterThan(500, $this->tried);
    }

    /** @return list<array{string, string, array<string, mixed>}> method, address and operation */
    private function operations(): array
    {
        $all = [];
        foreach ((array) $this->document['paths'] as $path => $operations) {
            foreach ((array) $operations as $method => $operation) {
                /** @var array<string, mixed> $operation */
                $all[] = [strtoupper((string) $method), substr((string) $path, strlen('/api')), $operation];
            }
        }

        return $all;
    }

    private function address(string $path): string
    {
        return (string) preg_replace_callback('/\{(\w+)\}/', fn (array $part): string => (string) (is_scalar($known = $this->known[$part[1]]) ? $known : ''), $path);
    }

    /** @param  mixed  $body */
    private function send(string $method, string $path, mixed $body = [], bool $fill = true): void
    {
        $text = json_encode($body, JSON_PARTIAL_OUTPUT_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION);
        $this->raw($method, $fill ? $this->address($path) : $path, (string) $text);
    }

    /** Each in a transaction of its own that is taken back, so that every request meets the same studio. */
    private function raw(string $method, string $path, string $text): void
    {
        DB::beginTransaction();
        try {
            Auth::forgetGuards();
            $this->withSession(['password_confirmed_at' => now()->getTimestamp()]);
            $server = ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json', 'HTTP_ORIGIN' => 'http://localhost'];
            $response = $this->actingAs($this->lead(), 'web')->call($method, '/api'.$path, [], [], [], $server, $text);
            $this->tried++;
            if ($response->getStatusCode() >= 500) {
                $this->broken[] = $this->told($method, $path, $text, $response);
            }
        } finally {
            // A request may have ended in the middle of what it began.
            while (DB::transactionLevel() > 1) {
                DB::rollBack();
            }
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

    /**
     * A body as the description asks for it, with what is really there where its name is known.
     *
     * @param  array<array-key, mixed>  $schema
     */
    private function filled(array $schema, string $name = '', int $deep = 0): mixed
    {
        $schema = $this->resolved($schema);
        if (array_key_exists($name, $this->known)) {
            return $this->known[$name];
        }
        $type = $schema['type'] ?? null;

        return match (true) {
            $deep > 6 => null,
            isset($schema['enum']) => ((array) $schema['enum'])[0] ?? null,
            $type === 'array' => [$this->filled((array) ($schema['items'] ?? []), '', $deep + 1)],
            $type === 'object' => $this->object($schema, $deep),
            $type === 'integer', $type === 'number' => 1,
            $type === 'boolean' => true,
            default => 'x',
        };
    }

    /**
     * @param  array<array-key, mixed>  $schema
     * @return array<string, mixed>
     */
    private function object(array $schema, int $deep): array
    {
        $body = [];
        foreach ((array) ($schema['properties'] ?? []) as $name => $property) {
            if (in_array($name, (array) ($schema['required'] ?? []), true)) {
                $body[(string) $name] = $this->filled((array) $property, (string) $name, $deep + 1);
            }
        }

        return $body;
    }

    /**
     * @param  array<array-key, mixed>  $schema
     * @return array<array-key, mixed>
     */
    private function resolved(array $schema): array
    {
        if (isset($schema['$ref']) && is_string($schema['$ref'])) {
            return $this->resolved((array) Arr::get($this->document, str_replace('/', '.', substr($schema['$ref'], 2))));
        }
        $either = $schema['anyOf'] ?? $schema['oneOf'] ?? null;

        return is_array($either) ? $this->resolved((array) $either[0]) : $schema;
    }

    private function sheetKey(): string
    {
        $first = array_values($this->answer($this->lead(), 'GET', '/bench-sheets'))[0] ?? null;
        self::assertIsArray($first);
        self::assertIsString($first['key']);

        return $first['key'];
    }
}
