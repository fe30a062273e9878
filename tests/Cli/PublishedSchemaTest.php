<?php

declare(strict_types=1);

namespace Tests\Cli;

use Document\Json\JsonText;
use Document\Member\MembersTable;
use Document\Standard\PublishedSchema;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\SmallStandard;

/** The schema that is published is the one that files are checked with. */
final class PublishedSchemaTest extends TestCase
{
    public function test_the_table_of_the_documentation_is_the_one_that_the_code_makes(): void
    {
        $page = (string) file_get_contents(dirname(__DIR__, 2).'/'.MembersTable::FILE);

        self::assertStringContainsString('`value_span`', $page);
        self::assertSame(MembersTable::in($page), $page, 'Run php artisan schema:write.');
    }

    public function test_the_published_file_is_the_one_that_the_code_makes(): void
    {
        self::assertSame(PublishedSchema::text(), (string) file_get_contents(dirname(__DIR__, 2).'/'.PublishedSchema::FILE), 'Run php artisan schema:write.');
    }

    /** @return iterable<string, array{string}> */
    public static function files(): iterable
    {
        $root = dirname(__DIR__, 2);
        foreach (['database/demo/kittiwake-standard.json', 'resources/ladders/four.json', 'resources/ladders/five.json', 'resources/ladders/seven.json', 'resources/ladders/empty.json'] as $file) {
            yield $file => [(string) file_get_contents("{$root}/{$file}")];
        }
    }

    #[DataProvider('files')]
    public function test_files_of_ours_keep_to_it(string $text): void
    {
        self::assertTrue($this->accepts($text));
    }

    public function test_a_document_with_only_the_members_of_the_contract_is_valid_and_a_later_format_is_not(): void
    {
        self::assertTrue($this->accepts((string) json_encode(SmallStandard::document())));
        self::assertFalse($this->accepts((string) json_encode(['format' => 'ordotype-standard/2'] + SmallStandard::document())));
    }

    private function accepts(string $text): bool
    {
        $schema = json_decode(PublishedSchema::text());
        self::assertIsObject($schema);

        return (new Validator)->validate(JsonText::of($text)->withObjects(), $schema)->isValid();
    }
}
