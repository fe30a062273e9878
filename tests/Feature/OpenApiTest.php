<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Console\WriteOpenApi;
use App\Models\FigureType;
use App\Models\Scheme;
use App\Models\StandardVersion;
use App\OpenApi\DocumentBuilder;
use Opis\JsonSchema\Helper;
use Opis\JsonSchema\Validator;

final class OpenApiTest extends TestCase
{
    public function test_the_document_is_the_one_that_the_code_makes(): void
    {
        self::assertSame(WriteOpenApi::text($this->builder()), (string) file_get_contents(base_path('openapi.json')), 'Run php artisan openapi:write and npm run types.');
    }

    public function test_the_types_of_the_front_end_are_those_that_the_document_makes(): void
    {
        $made = tempnam(sys_get_temp_dir(), 'types');
        self::assertIsString($made);
        exec('cd '.escapeshellarg(base_path()).' && node_modules/.bin/openapi-typescript openapi.json -o '.escapeshellarg("{$made}.d.ts").' 2>&1', $output, $status);
        self::assertSame(0, $status, implode("\n", $output));

        self::assertFileEquals("{$made}.d.ts", base_path('resources/js/api/schema.d.ts'), 'Run npm run types.');
        unlink("{$made}.d.ts");
        unlink($made);
    }

    public function test_answers_have_the_shape_that_the_document_says(): void
    {
        $document = $this->builder()->build();
        $check = $this->answer($this->deputy(), 'POST', '/figures/'.$this->figure('1st Lamplighters', 2)->id.'/checks');
        $inForce = StandardVersion::query()->firstOrFail()->id;
        $begun = $this->answer($this->lead(), 'POST', '/standards', ['from' => $inForce]);
        self::assertIsInt($begun['id']);
        $draft = "/standards/{$begun['id']}";
        $type = FigureType::query()->whereNull('job_id')->firstOrFail()->id;
        $cell = ['tier' => 'guard', 'surface' => 'cloth', 'uses' => [['technique' => 'base']]];
        $answers = [
            '#/components/schemas/StandardVersionRow' => $begun,
            '#/components/schemas/Draft' => $this->answer($this->lead(), 'GET', "{$draft}/draft"),
            '#/components/schemas/Preview' => $this->answer($this->lead(), 'POST', "{$draft}/previews", ['changes' => [['kind' => 'cell', 'id' => 'guard', 'surface' => 'cloth', 'revision' => 1, 'value' => $cell]]]),
            '#/components/schemas/Plate' => (array) ($this->answer($this->lead(), 'GET', "{$draft}/plates?surface=cloth")[0] ?? []),
            '#/components/schemas/Difference' => $this->answer($this->lead(), 'GET', "{$draft}/difference"),
            '#/components/schemas/JobMoves' => $this->answer($this->lead(), 'GET', "{$draft}/jobs"),
            '#/components/schemas/Raise' => $this->answer($this->lead(), 'GET', "/standards/{$inForce}/raise?figure_type={$type}&from=muster&to=guard"),
            '#/components/schemas/Vocabulary' => $this->answer($this->lead(), 'GET', '/vocabulary'),
            '#/components/schemas/Proposal' => $this->answer($this->isla(), 'POST', "/jobs/{$this->job()->id}/proposals", ['tier' => 'guard', 'surface' => 'cloth', 'use' => null, 'text' => 'More light.']),
            '#/components/schemas/Scheme' => $this->answer($this->lead(), 'GET', '/schemes/'.Scheme::query()->firstOrFail()->id),
            '#/components/schemas/SchemePlate' => (array) ($this->answer($this->lead(), 'GET', '/schemes/'.Scheme::query()->firstOrFail()->id.'/plates?area=face')[0] ?? []),
            '#/components/schemas/Paint' => (array) ($this->answer($this->lead(), 'GET', '/paints')[0] ?? []),
            '#/components/schemas/Session' => $this->answer($this->lead(), 'GET', '/session'),
            '#/components/schemas/Today' => $this->answer($this->lead(), 'GET', '/today'),
            '#/components/schemas/Sheet' => $this->answer($this->lead(), 'GET', '/standards/'.StandardVersion::query()->firstOrFail()->id),
            '#/components/schemas/Grid' => $this->answer($this->lead(), 'GET', "/jobs/{$this->job()->id}/figures"),
            '#/components/schemas/Job' => $this->answer($this->lead(), 'GET', "/jobs/{$this->job()->id}"),
            '#/components/schemas/Check' => $check,
            '#/components/schemas/Mend' => $this->answer($this->isla(), 'GET', '/figures/'.$this->figure('1st Lamplighters', 2)->id.'/faults'),
        ];
        foreach ($answers as $ref => $answer) {
            $schema = Helper::toJSON(['$ref' => $ref, 'components' => $document['components']]);
            self::assertIsObject($schema);
            $error = (new Validator)->validate(Helper::toJSON($answer), $schema)->error();
            self::assertNull($error, $ref.': '.json_encode($error === null ? null : (new \Opis\JsonSchema\Errors\ErrorFormatter)->format($error)));
        }
    }

    private function builder(): DocumentBuilder
    {
        return $this->app->make(DocumentBuilder::class);
    }
}
