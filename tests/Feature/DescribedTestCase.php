<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\History\JobHistory;
use App\Actions\Quotes\JobQuote;
use App\Actions\Quotes\Quotes;
use App\Actions\Quotes\QuoteTerms;
use App\Models\Fault;
use App\Models\FigureType;
use App\Models\Grouping;
use App\Models\JobChange;
use App\Models\Mishap;
use App\Models\Paint;
use App\Models\Paper;
use App\Models\PaperKind;
use App\Models\PaperState;
use App\Models\Scheme;
use App\Models\SchemeArea;
use App\Models\SignOff;
use App\Models\StandardVersion;
use App\Models\Variation;
use App\Models\WorkedTime;
use Carbon\CarbonImmutable;
use Core\Quote\Percent;
use Illuminate\Routing\Middleware\ThrottleRequests;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Helper;
use Opis\JsonSchema\Validator;
use Symfony\Component\HttpFoundation\Response;

/**
 * Every address of the API with a body as its description asks for, so a new route is tried without a word here.
 *
 * @phpstan-type Schema array<string, mixed>
 */
abstract class DescribedTestCase extends CheckTestCase
{
    /** @var Schema */
    protected array $document;

    /** @var array<string, mixed> what is really there, by the name of a field or of a part of an address */
    protected array $known;

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
        $mishap = Mishap::query()->create(['figure_id' => $figure->id, 'area' => 'lamp pole', 'kind' => 'overspill', 'layer' => '', 'share' => 0.1, 'user_id' => $this->isla()->id]);
        $worked = WorkedTime::query()->create(['user_id' => $this->isla()->id, 'unit_id' => $figure->unit_id, 'area' => 'lamp pole', 'use' => 'base', 'technique' => 'base', 'figures' => [$figure->id], 'minutes' => 4, 'allowed' => 5]);
        $terms = new QuoteTerms(CarbonImmutable::now()->addDay(), '', [], [], Percent::of(0), Percent::of(0), '', 1);
        [$quote] = $this->app->make(Quotes::class)->make($this->job(), $terms, Quotes::digest($this->app->make(JobQuote::class)->of($this->job(), $terms)), $this->lead());
        JobHistory::recorded($this->job()->id, $this->lead(), fn () => $this->unit('Quay watch')->update(['note' => 'late']));
        $change = JobChange::query()->firstOrFail();
        $this->known = [
            'quote' => $quote->id, 'change' => $change->id, 'grouping' => Grouping::query()->create(['job_id' => $this->job()->id, 'name' => 'Shelves'])->id,
            'workedTime' => $worked->id, 'unit_id' => $figure->unit_id, 'minutes' => 4,
            'check' => $check['id'], 'version' => $check['version'], 'fault' => Fault::query()->firstOrFail()->id, 'signOff' => SignOff::query()->firstOrFail()->id, 'find' => $record->hash,
            'figureType' => FigureType::query()->whereNull('job_id')->firstOrFail()->id, 'figure' => $figure->id, 'figures' => [['id' => $figure->id, 'seen' => null]], 'area' => 'lamp pole', 'use' => 'base', 'tier' => 'muster', 'surface' => 'cloth', 'technique' => 'base',
            'job' => $this->job()->id, 'unit' => $this->unit('1st Lamplighters')->id, 'key' => $this->sheetKey(), 'user' => $this->jory()->id, 'session' => 'x', 'invitation' => 1, 'token' => 'x', 'proposal' => 1,
            'paint' => Paint::query()->firstOrFail()->id, 'scheme' => Scheme::query()->firstOrFail()->id, 'schemeArea' => SchemeArea::query()->firstOrFail()->id,
            'paper' => Paper::query()->create(['user_id' => $this->lead()->id, 'kind' => PaperKind::Proof, 'subject' => [], 'same' => 'x', 'state' => PaperState::Waiting, 'asked_at' => now()])->id,
            'standardVersion' => StandardVersion::query()->firstOrFail()->id, 'variation' => Variation::query()->firstOrFail()->id, 'force' => 'Harbour guard', 'question' => 'metals', 'choice' => 'last', 'picture' => 'x', 'side' => 'front', 'mishap' => $mishap->id,
        ];
    }

    /** @return list<array{string, string, array<string, mixed>}> method, address and operation */
    protected function operations(): array
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

    /**
     * Asks in a transaction of its own that is taken back, so that every request meets the same studio.
     *
     * @template T
     *
     * @param  callable(): T  $ask
     * @return T
     */
    protected function apart(callable $ask): mixed
    {
        DB::beginTransaction();
        try {
            Auth::forgetGuards();

            return $ask();
        } finally {
            // A request may have ended in the middle of what it began.
            while (DB::transactionLevel() > 1) {
                DB::rollBack();
            }
        }
    }

    /**
     * The status and the media type of an answer are among those that its operation names, and its body has that shape.
     *
     * @param  array<string, mixed>  $operation
     * @param  TestResponse<Response>  $response
     */
    protected function assertDescribed(array $operation, TestResponse $response): void
    {
        $name = is_string($operation['operationId']) ? $operation['operationId'] : '';
        $told = "{$name}: {$response->getStatusCode()} ".mb_strimwidth((string) $response->getContent(), 0, 200);
        $described = (array) $operation['responses'];
        self::assertArrayHasKey($response->getStatusCode(), $described, $told);
        $content = (array) ($this->resolvedOnce((array) $described[$response->getStatusCode()])['content'] ?? []);
        $type = (string) $response->headers->get('Content-Type');
        self::assertArrayHasKey($type, $content, $told);
        if ($type === 'application/json') {
            $media = (array) $content[$type];
            $schema = Helper::toJSON((array) $media['schema'] + ['components' => $this->document['components']]);
            self::assertIsObject($schema);
            $error = (new Validator)->validate(json_decode((string) $response->getContent(), false, 512, JSON_THROW_ON_ERROR), $schema)->error();
            self::assertSame([], $error === null ? [] : (new ErrorFormatter)->format($error), $told);
        }
    }

    /**
     * @param  array<array-key, mixed>  $node
     * @return array<array-key, mixed>
     */
    private function resolvedOnce(array $node): array
    {
        return isset($node['$ref']) && is_string($node['$ref']) ? (array) Arr::get($this->document, str_replace('/', '.', substr($node['$ref'], 2))) : $node;
    }

    protected function address(string $path): string
    {
        return (string) preg_replace_callback('/\{(\w+)\}/', fn (array $part): string => (string) (is_scalar($known = $this->known[$part[1]]) ? $known : ''), $path);
    }

    /**
     * A body as the description asks for it, with what is really there where its name is known.
     *
     * @param  array<array-key, mixed>  $schema
     */
    protected function filled(array $schema, string $name = '', int $deep = 0): mixed
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
    protected function object(array $schema, int $deep): array
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
    protected function resolved(array $schema): array
    {
        if (isset($schema['$ref']) && is_string($schema['$ref'])) {
            return $this->resolved((array) Arr::get($this->document, str_replace('/', '.', substr($schema['$ref'], 2))));
        }
        $either = $schema['anyOf'] ?? $schema['oneOf'] ?? null;

        return is_array($either) ? $this->resolved((array) $either[0]) : $schema;
    }

    protected function sheetKey(): string
    {
        $first = $this->benchOf($this->lead())[0] ?? null;
        self::assertIsArray($first);
        self::assertIsString($first['key']);

        return $first['key'];
    }
}
