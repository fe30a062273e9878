<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Console\WriteOpenApi;
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
        $answers = [
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
