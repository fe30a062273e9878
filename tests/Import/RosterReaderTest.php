<?php

declare(strict_types=1);

namespace Tests\Import;

use App\Import\CsvText;
use App\Import\Roster;
use App\Import\RosterProblem;
use App\Import\RosterReader;
use App\Refusals\UnreadableFile;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The roster without a database: what is read, and where what is wrong stands. */
final class RosterReaderTest extends TestCase
{
    private const TIERS = [['key' => 'plain', 'name' => 'Plain', 'retired' => false], ['key' => 'rich', 'name' => 'Rich and fine', 'retired' => false], ['key' => 'old', 'name' => 'Old', 'retired' => true]];

    private const TYPES = [['key' => 'diver', 'name' => 'Tide diver']];

    public function test_tiers_and_types_are_found_by_key_or_name_in_any_case(): void
    {
        $roster = $this->read("A,TIDE DIVER,3,rich and FINE\nB,Diver,1,PLAIN");

        self::assertSame([], $roster->problems);
        self::assertSame([['diver', 'rich'], ['diver', 'plain']], array_map(static fn ($line): array => [$line->figureType, $line->tier], $roster->lines));
        self::assertSame(4, $roster->figures());
    }

    public function test_every_wrong_cell_of_a_line_is_told_at_once(): void
    {
        $roster = $this->read(',bosun,many,gold');

        self::assertSame(['2 unit', '2 figure_type', '2 count', '2 tier'], $this->places($roster));
        self::assertSame(['bosun'], $roster->unknownTypes);
        self::assertSame([], $roster->lines);
    }

    public function test_an_unknown_type_is_offered_once_however_often_it_is_named(): void
    {
        self::assertSame(['Bosun'], $this->read("A,Bosun,1,plain\nB,bosun,1,plain\nC,BOSUN,1,plain")->unknownTypes);
    }

    /** @return iterable<string, array{string, bool}> */
    public static function counts(): iterable
    {
        yield '0 is refused' => ['0', false];
        yield '1 is taken' => ['1', true];
        yield '500 is taken' => ['500', true];
        yield '501 is refused' => ['501', false];
        yield '10,000 is refused' => ['10000', false];
        yield 'a number of 20 digits is refused' => ['99999999999999999999', false];
        yield 'a negative number is refused' => ['-1', false];
        yield 'a number with a sign is refused' => ['+1', false];
        yield 'a number in other digits is refused' => ['٣', false];
        yield 'an empty cell is refused' => ['', false];
        yield 'a number with leading noughts is that number' => ['007', true];
    }

    #[DataProvider('counts')]
    public function test_a_count(string $count, bool $taken): void
    {
        self::assertSame($taken, $this->read("A,diver,{$count},plain")->isSound());
    }

    public function test_a_job_takes_a_thousand_with_what_it_has(): void
    {
        $reader = static fn (int $has): RosterReader => new RosterReader(self::TIERS, self::TYPES, [], $has);
        $text = "unit,figure_type,count,tier\nA,diver,100,plain";

        self::assertTrue($reader(900)->read($text)->isSound());
        self::assertFalse($reader(901)->read($text)->isSound());
    }

    public function test_a_unit_of_the_job_is_not_taken_again(): void
    {
        $roster = (new RosterReader(self::TIERS, self::TYPES, ['First watch']))->read("unit,figure_type,count,tier\nfirst WATCH,diver,1,plain");

        self::assertSame('duplicate-unit', $roster->problems[0]->code);
        self::assertStringContainsString('in the job already', $roster->problems[0]->message);
    }

    public function test_leaders_without_a_tier_have_that_of_their_unit(): void
    {
        $roster = $this->read('A,diver,4,plain,2', 'unit,figure_type,count,tier,leader_count');

        self::assertSame([2, null], [$roster->lines[0]->leaderCount, $roster->lines[0]->leaderTier]);
    }

    public function test_every_message_ends_as_a_sentence_and_names_what_would_be_right(): void
    {
        $problems = $this->read("A,bosun,0,gold\nA,diver,1,old\n,diver,1,plain")->problems;

        self::assertNotSame([], $problems);
        foreach ($problems as $problem) {
            self::assertMatchesRegularExpression('/^["A-Z].+\.$/u', $problem->message);
        }
    }

    public function test_quoted_cells_hold_separators_quotes_and_lines(): void
    {
        $csv = CsvText::of("unit;note\n\"A; B\";\"says \"\"here\"\"\nand there\"\nC;end");

        self::assertSame(['unit', 'note'], $csv->header);
        self::assertSame([['line' => 2, 'cells' => ['A; B', "says \"here\"\nand there"]], ['line' => 4, 'cells' => ['C', 'end']]], $csv->rows);
    }

    public function test_what_is_not_text_in_utf_8_is_told_apart(): void
    {
        foreach (["unit\n\xe4" => 'not-utf-8', "\xfe\xffunit" => 'not-utf-8', "unit\x00" => 'not-text', '' => 'empty-file', "\xEF\xBB\xBF" => 'empty-file', "\n\n" => 'empty-file'] as $text => $code) {
            try {
                CsvText::of((string) $text);
                self::fail($code);
            } catch (UnreadableFile $unreadable) {
                self::assertSame([$code, '/file'], [$unreadable->errorCode(), $unreadable->path()]);
            }
        }
    }

    private function read(string $lines, string $header = 'unit,figure_type,count,tier'): Roster
    {
        return (new RosterReader(self::TIERS, self::TYPES))->read("{$header}\n{$lines}");
    }

    /** @return list<string> */
    private function places(Roster $roster): array
    {
        return array_map(static fn (RosterProblem $problem): string => "{$problem->line} {$problem->column}", $roster->problems);
    }
}
