<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Figure;
use App\Models\FigureType;
use App\Models\Job;
use App\Models\RosterColumn;
use App\Models\Unit;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Arr;
use PHPUnit\Framework\Attributes\DataProvider;

final class RosterTest extends TestCase
{
    private const HEADER = 'unit,figure_type,count,tier,leader_count,leader_tier,note';

    public function test_the_roster_of_55_figures_is_taken_whole(): void
    {
        $job = $this->emptyJob();
        $taken = $this->answer($this->lead(), 'POST', "/jobs/{$job->id}/roster", ['text' => (string) file_get_contents(database_path('demo/port-ember-roster.csv'))]);

        self::assertSame([true, 55], [$taken['taken'], $taken['figures']]);
        self::assertSame(7, Unit::query()->where('job_id', $job->id)->count());
        self::assertSame(55, Figure::query()->whereIn('unit_id', Unit::query()->where('job_id', $job->id)->select('id'))->count());
    }

    public function test_leaders_are_the_first_figures_and_have_their_own_tier(): void
    {
        $job = $this->emptyJob();
        $this->take($job, 'Watch,lamplighter,4,muster,2,watch,');
        $figures = Figure::query()->whereHas('unit', static fn ($unit) => $unit->where('job_id', $job->id))->with('tier')->orderBy('number')->get();

        self::assertSame([true, true, false, false], $figures->pluck('leader')->all());
        self::assertSame(['watch', 'watch', null, null], $figures->map(static fn (Figure $figure): ?string => $figure->tier?->key)->all());
    }

    public function test_a_job_keeps_a_copy_of_its_types(): void
    {
        $job = $this->emptyJob();
        $this->take($job, 'Watch,lamplighter,2,muster,,,', 'More,Lamplighter on foot? no,1,muster,,,');
        self::assertSame(0, FigureType::query()->where('job_id', $job->id)->count(), 'nothing is copied when the roster is not taken');
        $this->take($job, 'Watch,lamplighter,2,muster,,,', 'More,"LAMPLIGHTER, ON FOOT",1,Muster,,,');
        self::assertSame(1, FigureType::query()->where('job_id', $job->id)->count());
    }

    /** @return iterable<string, array{string}> */
    public static function readable(): iterable
    {
        yield 'a byte order mark' => ["\xEF\xBB\xBF".self::HEADER."\nWatch,lamplighter,2,muster,,,"];
        yield 'semicolons' => ["unit;figure_type;count;tier\r\nWatch;lamplighter;2;muster\r\n"];
        yield 'lines ended the old way' => ["unit,figure_type,count,tier\rWatch,lamplighter,2,muster"];
        yield 'columns in another order and case' => ["Tier,COUNT,unit,Figure_Type\nMuster,2,Watch,lamplighter"];
        yield 'columns as people write them' => ["Unit;Figure type;Count;Tier;Leader count;Leader-Tier\nWatch;lamplighter;2;muster;;"];
        yield 'empty lines between' => [self::HEADER."\n\nWatch,lamplighter,2,muster,,,\n\n"];
    }

    #[DataProvider('readable')]
    public function test_it_is_read_however_it_was_saved_in_utf_8(string $text): void
    {
        $read = $this->answer($this->lead(), 'POST', "/jobs/{$this->emptyJob()->id}/roster-preview", ['text' => $text]);

        self::assertSame([[], 2, false], [$read['problems'], $read['figures'], $read['taken']]);
    }

    /** @return iterable<string, array{list<string>, int, string, string}> lines, line, column, code */
    public static function wrong(): iterable
    {
        yield 'a count of 0' => [['Watch,lamplighter,0,muster,,,'], 2, 'count', 'out-of-range'];
        yield 'a count of 10,000' => [['Watch,lamplighter,10000,muster,,,'], 2, 'count', 'out-of-range'];
        yield 'a count of 501' => [['Watch,lamplighter,501,muster,,,'], 2, 'count', 'out-of-range'];
        yield 'a count in words' => [['Watch,lamplighter,twelve,muster,,,'], 2, 'count', 'out-of-range'];
        yield 'half a figure' => [['Watch,lamplighter,1.5,muster,,,'], 2, 'count', 'out-of-range'];
        yield 'an unknown tier' => [['Watch,lamplighter,2,gold,,,'], 2, 'tier', 'unknown-tier'];
        yield 'a retired tier' => [['Watch,lamplighter,2,drill,,,'], 2, 'tier', 'retired-tier'];
        yield 'an unknown figure type' => [['Watch,bosun,2,muster,,,'], 2, 'figure_type', 'unknown-figure-type'];
        yield 'no name' => [[',lamplighter,2,muster,,,'], 2, 'unit', 'empty'];
        yield 'a unit in a cell that was one with that above' => [['Watch,lamplighter,2,muster,,,', ',lamplighter,1,guard,,,'], 3, 'unit', 'empty'];
        yield 'five thousand lines' => [array_map(static fn (int $at): string => "Watch {$at},lamplighter,1,muster,,,", range(1, 5000)), 5001, 'count', 'too-many-figures'];
        yield 'a name of 300 characters' => [[str_repeat('x', 300).',lamplighter,2,muster,,,'], 2, 'unit', 'too-long'];
        yield 'a unit twice' => [['Watch,lamplighter,2,muster,,,', 'watch,lamplighter,2,muster,,,'], 3, 'unit', 'duplicate-unit'];
        yield 'one unit of 501, in two lines' => [['Watch,lamplighter,400,muster,,,', 'Watch,lamplighter,101,guard,,,'], 3, 'count', 'too-many-figures'];
        yield 'more leaders than figures' => [['Watch,lamplighter,2,muster,3,guard,'], 2, 'leader_count', 'out-of-range'];
        yield 'a tier for leaders and no leaders' => [['Watch,lamplighter,2,muster,,guard,'], 2, 'leader_count', 'no-leaders'];
        yield 'text that holds the separator' => [['Watch,lamplighter,2,muster,0,,one,two'], 2, 'note', 'too-many-cells'];
        yield 'an error after a note of two lines' => [["Watch,lamplighter,2,muster,,,\"one\ntwo\"", 'Ward,lamplighter,x,muster,,,'], 4, 'count', 'out-of-range'];
        yield 'a roster of 1,001' => [['A,lamplighter,500,muster,,,', 'B,lamplighter,500,muster,,,', 'C,lamplighter,1,muster,,,'], 4, 'count', 'too-many-figures'];
        yield 'nothing under the header' => [[], 1, 'unit', 'no-units'];
    }

    /** @param  list<string>  $lines */
    #[DataProvider('wrong')]
    public function test_what_is_wrong_is_told_by_line_and_column_and_nothing_is_taken(array $lines, int $line, string $column, string $code): void
    {
        $job = $this->emptyJob();
        $read = $this->take($job, ...$lines);
        $problems = array_map(static fn (mixed $problem): array => is_array($problem) ? [$problem['line'], $problem['column'], $problem['code']] : [], (array) $read['problems']);

        self::assertContains([$line, $column, $code], $problems, (string) json_encode($read['problems']));
        self::assertFalse($read['taken']);
        self::assertSame(0, Unit::query()->where('job_id', $job->id)->count());
    }

    public function test_a_roster_of_exactly_1000_is_taken_and_one_more_figure_is_not(): void
    {
        $job = $this->emptyJob();
        self::assertTrue($this->take($job, 'A,lamplighter,500,muster,,,', 'B,lamplighter,500,muster,,,')['taken']);
        self::assertFalse($this->take($job, 'C,lamplighter,1,muster,,,')['taken']);
    }

    public function test_missing_and_unknown_columns_are_named(): void
    {
        $read = $this->answer($this->lead(), 'POST', "/jobs/{$this->emptyJob()->id}/roster-preview", ['text' => "unit,figure_type,points,tier\nWatch,lamplighter,2,muster"]);

        self::assertSame([['count', 'missing-column'], ['points', 'unknown-column']], array_map(static fn (mixed $problem): array => is_array($problem) ? [$problem['column'], $problem['code']] : [], (array) $read['problems']));
    }

    public function test_what_was_said_of_columns_is_known_the_next_time_and_only_in_this_studio(): void
    {
        $text = "Squad,Model,Qty,Level,Points\nWatch,lamplighter,2,muster,90";
        $columns = [['heading' => 'Points', 'as' => null]];
        $job = $this->emptyJob();
        $before = $this->answer($this->lead(), 'POST', "/jobs/{$job->id}/roster-preview", ['text' => $text]);
        self::assertSame([['heading' => 'Points', 'as' => null, 'left_out' => false]], array_slice((array) $before['columns'], 4));
        $this->answer($this->lead(), 'POST', "/jobs/{$job->id}/roster-preview", ['text' => $text, 'columns' => $columns]);
        self::assertSame(0, RosterColumn::query()->count(), 'what is only looked at is not kept');

        self::assertTrue($this->answer($this->lead(), 'POST', "/jobs/{$job->id}/roster", ['text' => $text, 'columns' => $columns])['taken']);
        $after = $this->answer($this->lead(), 'POST', "/jobs/{$this->job()->id}/roster-preview", ['text' => str_replace('Watch', 'Another', $text)]);
        self::assertSame([[], [['heading' => 'Points', 'as' => null, 'left_out' => true]]], [$after['problems'], array_slice((array) $after['columns'], 4)]);
    }

    public function test_what_a_word_means_is_said_at_its_line(): void
    {
        $job = $this->emptyJob();
        $text = "unit,figure_type,count,tier\nWatch,lamplighter,2,Gaurd";
        $read = $this->answer($this->lead(), 'POST', "/jobs/{$job->id}/roster-preview", ['text' => $text]);
        self::assertSame(['Gaurd', 'guard', true], [Arr::get($read, 'problems.0.word'), Arr::get($read, 'problems.0.offers.0.key'), Arr::get($read, 'problems.0.offers.0.like')]);

        self::assertTrue($this->answer($this->lead(), 'POST', "/jobs/{$job->id}/roster", ['text' => $text, 'words' => [['kind' => 'tier', 'word' => 'gaurd', 'key' => 'guard']]])['taken']);
        self::assertSame('guard', Unit::query()->where('job_id', $job->id)->firstOrFail()->tier->key);
        $this->assertRefused($this->as($this->lead(), 'POST', "/jobs/{$job->id}/roster-preview", ['text' => $text, 'columns' => [['heading' => 'tier', 'as' => 'colour']]]), 422, 'invalid', '/columns/0/as');
    }

    public function test_a_file_of_other_letters_is_read_and_says_how(): void
    {
        $file = UploadedFile::fake()->createWithContent('roster.csv', mb_convert_encoding("unit;figure_type;count;tier\nWächter;lamplighter;2;muster", 'Windows-1252', 'UTF-8'));
        $path = "/api/jobs/{$this->emptyJob()->id}/roster-preview";
        $read = (array) $this->actingAs($this->lead(), 'web')->post($path, ['file' => $file], ['Accept' => 'application/json'])->assertOk()->json();
        self::assertSame(['Windows-1252', "unit;figure_type;count;tier\nWächter;lamplighter;2;muster", 'Wächter'], [$read['encoding'], $read['text'], Arr::get($read, 'lines.0.unit')]);

        $other = (array) $this->actingAs($this->lead(), 'web')->post($path, ['file' => $file, 'encoding' => 'CP850'], ['Accept' => 'application/json'])->assertOk()->json();
        self::assertSame('Wõchter', Arr::get($other, 'lines.0.unit'), 'as an old machine would have written it');
    }

    /** @return iterable<string, array{string, string}> */
    public static function unreadable(): iterable
    {
        yield 'a picture' => [(string) base64_decode('iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg=='), 'not-text'];
        yield 'an empty file' => ['', 'empty-file'];
        yield 'a file of 1.2 MB' => [str_repeat("Watch,lamplighter,2,muster,,,\n", 40_000), 'too-large'];
    }

    #[DataProvider('unreadable')]
    public function test_a_file_that_is_none_says_how_to_save_it_right(string $bytes, string $code): void
    {
        $file = UploadedFile::fake()->createWithContent('roster.csv', $bytes);
        $response = $this->actingAs($this->lead(), 'web')->post("/api/jobs/{$this->emptyJob()->id}/roster-preview", ['file' => $file], ['Accept' => 'application/json']);

        $this->assertRefused($response, 422, $code, '/file');
    }

    public function test_an_unknown_type_is_made_by_the_quick_form_and_used_at_once(): void
    {
        $job = $this->emptyJob();
        self::assertSame(['Bosun'], $this->take($job, 'Deck,Bosun,3,guard,,,')['unknown_types']);
        $this->as($this->lead(), 'POST', '/figure-types', ['name' => 'Bosun', 'size_class' => 'foot', 'areas' => [
            ['name' => 'face', 'surface' => 'face', 'weight' => 'small', 'focal' => true, 'features' => [['feature' => 'eye', 'pieces' => 2]]],
            ['name' => 'coat', 'surface' => 'cloth', 'weight' => 'large'],
        ]])->assertCreated();

        self::assertTrue($this->take($job, 'Deck,Bosun,3,guard,,,')['taken']);
        $grid = $this->answer($this->lead(), 'GET', "/jobs/{$job->id}/figures");
        self::assertGreaterThan(0, $grid['minutes']);
    }

    public function test_the_quick_form_refuses_what_cannot_be(): void
    {
        $area = ['name' => 'coat', 'surface' => 'cloth', 'weight' => 'large'];
        $make = /** @param  array<string, mixed>  $change */ fn (array $change) => $this->as($this->lead(), 'POST', '/figure-types', $change + ['name' => 'Bosun', 'size_class' => 'foot', 'areas' => [$area]]);

        $this->assertRefused($make(['name' => '']), 422, 'invalid', '/name');
        $this->assertRefused($make(['name' => str_repeat('x', 300)]), 422, 'invalid', '/name');
        $this->assertRefused($make(['size_class' => 'vast']), 422, 'invalid', '/size_class');
        $this->assertRefused($make(['areas' => []]), 422, 'invalid', '/areas');
        $this->assertRefused($make(['areas' => [$area, $area]]), 422, 'invalid', '/areas/0/name');
        $make(['areas' => [$area, $area]])->assertJsonPath('error.message', 'Another area has this name; give each its own.');
        $make(['areas' => [['weight' => 'heavy'] + $area]])->assertJsonPath('error.path', '/areas/0/weight');
        self::assertStringNotContainsString('areas.0', (string) $make(['areas' => [['name' => ''] + $area]])->getContent(), 'a way into what was sent is no word');
        $this->assertRefused($make(['areas' => [['features' => [['pieces' => 2]]] + $area]]), 422, 'invalid', '/areas/0/features/0/feature');
        $this->assertRefused($make(['name' => 'Sea troll']), 422, 'figure-type-exists', '/name');
    }

    public function test_a_job_needs_a_name_of_its_own_a_client_and_a_force(): void
    {
        $book = /** @param  array<string, mixed>  $change */ fn (array $change) => $this->as($this->lead(), 'POST', '/jobs', $change + ['name' => 'New', 'client' => 'Somebody', 'force' => 'Harbour guard']);

        $this->assertRefused($book(['name' => '']), 422, 'invalid', '/name');
        $this->assertRefused($book(['due' => '31 December']), 422, 'invalid', '/due');
        $this->assertRefused($book(['name' => 'Harbour guard of Port Ember']), 422, 'job-exists', '/name');
        $this->assertRefused($book(['standard_version_id' => 999]), 422, 'no-standard', '/standard_version_id');
        $this->assertRefused($book(['due' => now($this->lead()->studio->time_zone)->subDay()->toDateString()]), 422, 'invalid', '/due');
        $day = now($this->lead()->studio->time_zone)->toDateString();
        $book(['due' => $day])->assertCreated()->assertJsonPath('standard.version', '2026.1')->assertJsonPath('due', $day);
    }

    public function test_only_the_lead_books_and_takes(): void
    {
        foreach ([$this->deputy(), $this->isla()] as $other) {
            $this->assertRefused($this->as($other, 'POST', '/jobs', ['name' => 'N', 'client' => 'C', 'force' => 'F']), 403, 'not-allowed');
            $this->assertRefused($this->as($other, 'POST', "/jobs/{$this->job()->id}/roster", ['text' => 'x']), 403, 'not-allowed');
        }
    }

    private function emptyJob(): Job
    {
        return $this->newJob('Empty '.uniqid());
    }

    /** @return array<array-key, mixed> */
    private function take(Job $job, string ...$lines): array
    {
        return $this->answer($this->lead(), 'POST', "/jobs/{$job->id}/roster", ['text' => implode("\n", [self::HEADER, ...$lines])]);
    }
}
