<?php

declare(strict_types=1);

namespace Tests\Import;

use App\Import\CsvText;
use App\Import\GivenRoster;
use App\Import\Roster;
use App\Import\RosterColumns;
use App\Import\RosterProblem;
use App\Import\RosterReader;
use App\Import\TextEncoding;
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

        self::assertTrue($reader(900)->read(new GivenRoster($text))->isSound());
        self::assertFalse($reader(901)->read(new GivenRoster($text))->isSound());
    }

    public function test_a_unit_of_the_job_is_not_taken_again(): void
    {
        $roster = (new RosterReader(self::TIERS, self::TYPES, ['First watch']))->read(new GivenRoster("unit,figure_type,count,tier\nfirst WATCH,diver,1,plain"));

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

    public function test_what_is_no_text_is_told_apart(): void
    {
        foreach (["unit\x00" => 'not-text', "\xFF\xD8\xFF\xE0\x00\x10" => 'not-text', '' => 'empty-file', "\xEF\xBB\xBF" => 'empty-file', "\n\n" => 'empty-file'] as $text => $code) {
            try {
                CsvText::of((string) $text);
                self::fail($code);
            } catch (UnreadableFile $unreadable) {
                self::assertSame([$code, '/file'], [$unreadable->errorCode(), $unreadable->path()]);
            }
        }
    }

    /** @return iterable<string, array{string, TextEncoding}> */
    public static function encodings(): iterable
    {
        $text = "unit,note\nWächter,Straße";
        yield 'UTF-8' => [$text, TextEncoding::Utf8];
        yield 'with a mark' => ["\xEF\xBB\xBF{$text}", TextEncoding::Utf8];
        yield 'UTF-16 with a mark' => ["\xFF\xFE".mb_convert_encoding($text, 'UTF-16LE', 'UTF-8'), TextEncoding::Utf16Little];
        yield 'the other one' => ["\xFE\xFF".mb_convert_encoding($text, 'UTF-16BE', 'UTF-8'), TextEncoding::Utf16Big];
        yield 'UTF-16 without a mark' => [mb_convert_encoding($text, 'UTF-16LE', 'UTF-8'), TextEncoding::Utf16Little];
        yield 'the other one, without' => [mb_convert_encoding($text, 'UTF-16BE', 'UTF-8'), TextEncoding::Utf16Big];
        yield 'an old spreadsheet' => [mb_convert_encoding($text, 'Windows-1252', 'UTF-8'), TextEncoding::Western];
    }

    #[DataProvider('encodings')]
    public function test_how_letters_are_written_is_told_from_the_bytes(string $bytes, TextEncoding $encoding): void
    {
        self::assertSame($encoding, TextEncoding::of($bytes));
        self::assertSame([['line' => 2, 'cells' => ['Wächter', 'Straße']]], CsvText::of($bytes)->rows);
    }

    public function test_another_writing_of_letters_is_what_somebody_says(): void
    {
        // "Łódź" as central Europe writes it, "Größe" as old machines do; told from bytes they would be western.
        self::assertSame('Łódź', TextEncoding::Central->decode("\xA3\xF3d\x9F"));
        self::assertSame('Größe', TextEncoding::OldMac->decode("Gr\x9A\xA7e"));
        self::assertSame('Größe', TextEncoding::OldWestern->decode("Gr\x94\xE1e"));
        self::assertSame([['line' => 2, 'cells' => ['Łódź']]], CsvText::of("unit\n\xA3\xF3d\x9F", TextEncoding::Central)->rows);
    }

    public function test_letters_that_an_encoding_has_not_are_told(): void
    {
        $this->expectExceptionObject(UnreadableFile::notWrittenSo('Greek, Windows-1253'));
        TextEncoding::Greek->decode("\xD2");
    }

    public function test_what_a_spreadsheet_copies_is_parted_by_tabs(): void
    {
        self::assertSame([['line' => 2, 'cells' => ['A, B; C', '2']]], CsvText::of("unit\tcount\nA, B; C\t2")->rows);
    }

    public function test_columns_are_known_by_what_people_call_them(): void
    {
        $roster = $this->read('Rich,3,Watch,diver,1', 'Level;Qty;Squad;Model;Leaders'.PHP_EOL);
        self::assertSame([], $this->read("rich;3;Watch;diver;1;none\n", 'Quality;Qty;Squad;Model;Leaders;Remarks')->problems);
        self::assertSame(['tier', 'count', 'unit', 'figure_type', 'leader_count'], $roster->columns->columns);
        // Who is called as the column is it; another usual name beside it is asked about.
        self::assertSame(['unit', null], array_slice($this->read('', 'unit,name,type,count,tier')->columns->columns, 0, 2));
    }

    public function test_other_columns_are_asked_about_until_somebody_says_what_they_are(): void
    {
        $header = 'unit,figure_type,count,tier,points,';
        self::assertSame([['1 points', 'unknown-column']], array_map(static fn (RosterProblem $one): array => ["{$one->line} {$one->column}", $one->code], $this->read('Watch,diver,1,plain,90,', $header)->problems));
        self::assertSame([], $this->read('Watch,diver,1,plain,90,', $header, ['points' => RosterColumns::LEFT_OUT])->problems);
        self::assertSame('90', $this->read('Watch,diver,1,plain,90,', $header, ['points' => 'note'])->lines[0]->note);
        self::assertSame(['duplicate-column'], array_column($this->read('Watch,diver,1,plain,90,', $header, ['points' => 'tier'])->problems, 'code'));
    }

    public function test_a_word_that_is_like_a_known_one_is_asked_about_at_its_line(): void
    {
        $problem = $this->read('Watch,divers,1,Pliain')->problems;
        self::assertSame(['There is no figure type "divers". Is it Tide diver? If it is another, make it with the quick form below.', 'There is no tier "Pliain". Is it Plain?'], array_column($problem, 'message'));
        self::assertSame([['plain', true], ['rich', false]], array_map(static fn (array $one): array => [$one['key'], $one['like']], $problem[1]->offers), 'what is retired is not offered');

        $said = $this->read('Watch,divers,1,Pliain', words: [GivenRoster::word('figure_type', 'Divers') => 'diver', GivenRoster::word('tier', 'pliain') => 'plain']);
        self::assertSame([], $said->problems);
        self::assertSame(['diver', 'plain'], [$said->lines[0]->figureType, $said->lines[0]->tier]);
        self::assertSame('unknown-tier', $this->read('Watch,diver,1,gold', words: [GivenRoster::word('tier', 'gold') => 'silver'])->problems[0]->code, 'what it is said to mean is known, or nothing is');
    }

    public function test_letters_that_changed_places_are_a_slip_and_another_word_is_none(): void
    {
        $like = fn (string $word): array => array_column(array_filter($this->read("Watch,diver,1,{$word}")->problems[0]->offers, static fn (array $one): bool => $one['like']), 'key');

        self::assertSame(['plain'], $like('palin'));
        self::assertSame(['plain'], $like('plains'));
        self::assertSame(['rich'], $like('fine'), 'it is one of its words');
        self::assertSame([], $like('gold'));
    }

    public function test_nothing_like_it_offers_all(): void
    {
        self::assertSame('There is no tier "gold"; the standard of this job has: Plain, Rich and fine.', $this->read('Watch,diver,1,gold')->problems[0]->message);
    }

    /**
     * @param  array<string, string>  $columns
     * @param  array<string, string>  $words
     */
    private function read(string $lines, string $header = 'unit,figure_type,count,tier', array $columns = [], array $words = []): Roster
    {
        return (new RosterReader(self::TIERS, self::TYPES))->read(new GivenRoster("{$header}\n{$lines}", columns: $columns, words: $words));
    }

    /** @return list<string> */
    private function places(Roster $roster): array
    {
        return array_map(static fn (RosterProblem $problem): string => "{$problem->line} {$problem->column}", $roster->problems);
    }
}
