<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Export\CsvText;
use App\Models\Proposal;
use App\Models\Scheme;
use App\Models\SchemeNote;
use App\Models\StandardVersion;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Storage;
use PDO;
use PDOException;
use PHPUnit\Framework\Attributes\DataProvider;

/** What is safe without anybody thinking of it. */
final class HardeningTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function notForTheApplication(): iterable
    {
        yield 'altering a table' => ['ALTER TABLE sign_offs ADD COLUMN x INT'];
        yield 'dropping a trigger' => ['DROP TRIGGER sign_offs_update'];
        yield 'making a trigger' => ['CREATE TRIGGER x BEFORE INSERT ON paints FOR EACH ROW SET @a = 1'];
        yield 'dropping a table' => ['DROP TABLE chain_verifications'];
        yield 'emptying a table' => ['TRUNCATE TABLE sign_offs'];
        yield 'making a table' => ['CREATE TABLE x (id INT)'];
        yield 'another function in the place of the one that tells triggers' => ['CREATE OR REPLACE FUNCTION refusing_triggers() RETURNS TEXT DETERMINISTIC RETURN 1'];
        yield 'giving rights away' => ["GRANT ALL ON *.* TO 'somebody'@'%' IDENTIFIED BY 'x'"];
        yield 'reading accounts' => ['SELECT * FROM mysql.global_priv'];
        yield 'writing a file' => ["SELECT 1 INTO OUTFILE '/tmp/x'"];
    }

    #[DataProvider('notForTheApplication')]
    public function test_the_applications_account_may_not(string $statement): void
    {
        $this->expectException(PDOException::class);
        $this->expectExceptionMessageMatches('/denied|access/i');
        self::asApplication()->exec($statement);
    }

    public function test_the_applications_account_reads_and_writes_rows_and_sees_that_triggers_stand(): void
    {
        $pdo = self::asApplication();
        self::assertNotFalse($pdo->query('SELECT COUNT(*) FROM users'));
        $row = $pdo->query('SELECT refusing_triggers() AS present');
        self::assertNotFalse($row);
        self::assertStringContainsString('sign_offs_update', (string) json_encode($row->fetch()));
    }

    /** @return iterable<string, array{string, string}> as typed, as kept */
    public static function typed(): iterable
    {
        yield 'a text as it is' => ['Dull, beside the first.', 'Dull, beside the first.'];
        yield 'umlauts and signs stay' => ['Grün ≤ 3 “mm”', 'Grün ≤ 3 “mm”'];
        yield 'an override of direction' => ["paid\u{202E}oot", 'paidoot'];
        yield 'isolates' => ["a\u{2066}b\u{2069}c", 'abc'];
        yield 'NUL and escape' => ["a\0b\x1bc", 'abc'];
        yield 'a zero width no-break space' => ["\u{FEFF}a", 'a'];
        yield 'C1 signs' => ["a\u{0085}b", 'ab'];
        yield 'ends of lines of another system' => ["a\r\nb", "a\nb"];
    }

    #[DataProvider('typed')]
    public function test_free_text_is_kept_without_signs_that_are_no_text(string $typed, string $kept): void
    {
        $this->answer($this->isla(), 'POST', "/jobs/{$this->job()->id}/proposals", ['tier' => 'muster', 'surface' => 'cloth', 'use' => null, 'text' => $typed]);

        self::assertSame($kept, Proposal::query()->firstOrFail()->text);
    }

    public function test_a_password_is_what_it_is(): void
    {
        $this->assertRefused($this->postJson('/api/session', ['email' => 'lead@kittiwake.example', 'password' => "lamp\u{200E}light"]), 422, 'wrong-password');
    }

    public function test_an_address_names_a_row_by_its_digits_only(): void
    {
        foreach (['1abc', '1%20', '0x1', '1.0', '-1', '9999999999999999999999', '1;drop'] as $id) {
            $this->assertRefused($this->as($this->lead(), 'GET', "/jobs/{$id}"), 404, 'not-found');
        }
    }

    public function test_true_is_no_id_and_words_are_no_number(): void
    {
        $figure = $this->figure('1st Lamplighters', 9);
        $mark = ['area' => 'figure', 'use' => 'clean', 'state' => 'done'];
        foreach ([true, '1abc', 1.5, [1], null] as $id) {
            $this->assertRefused($this->as($this->isla(), 'POST', '/bench-marks', ['figures' => [['id' => $id, 'seen' => null]]] + $mark), 422, 'invalid');
        }
        $this->assertRefused($this->as($this->lead(), 'PATCH', '/units/'.$figure->unit_id, ['version' => true, 'tier' => 'guard']), 422, 'invalid', '/version');
        $this->assertRefused($this->as($this->lead(), 'PATCH', '/units/'.$figure->unit_id, ['version' => 1, 'painter_id' => true]), 422, 'invalid', '/painter_id');
    }

    public function test_what_names_a_place_that_is_not_there_is_refused(): void
    {
        $mix = ['figure_type_id' => null, 'step' => 1, 'mix' => 'Gull White', 'version' => null];
        $job = "/jobs/{$this->job()->id}";

        $this->assertRefused($this->as($this->lead(), 'PUT', "{$job}/mixes", $mix + ['area' => 'wings', 'use' => 'base']), 422, 'unknown-use', '/use');
        $this->assertRefused($this->as($this->lead(), 'PUT', "{$job}/mixes", $mix + ['area' => 'boots', 'use' => 'freehand']), 422, 'unknown-use', '/use');
        $this->assertRefused($this->as($this->lead(), 'PUT', "{$job}/mixes", ['step' => 9] + $mix + ['area' => 'boots', 'use' => 'base']), 422, 'unknown-use', '/use');
        $this->assertRefused($this->as($this->lead(), 'POST', "{$job}/proposals", ['tier' => 'muster', 'surface' => 'cloth', 'use' => 'freehand', 'text' => 'more']), 422, 'unknown-use', '/use');
        $scheme = Scheme::query()->firstOrFail();
        $this->assertRefused($this->as($this->lead(), 'POST', "/schemes/{$scheme->id}/departures", ['area' => 'wings', 'text' => 'red']), 422, 'unknown-area', '/area');
        self::assertSame(0, SchemeNote::query()->count());
    }

    public function test_a_painter_sets_mixes_only_for_what_they_paint(): void
    {
        $of = fn (string $unit): array => ['figure_type_id' => $this->unit($unit)->figure_type_id, 'area' => 'boots', 'use' => 'base', 'step' => 1, 'mix' => 'Gull White', 'version' => null];
        $riders = ['area' => 'riding cloak'] + $of('Heron riders');

        $this->as($this->isla(), 'PUT', "/jobs/{$this->job()->id}/mixes", $of('1st Lamplighters'))->assertOk();
        $this->assertRefused($this->as($this->isla(), 'PUT', "/jobs/{$this->job()->id}/mixes", $riders), 403, 'not-your-job');
        $this->as($this->jory(), 'PUT', "/jobs/{$this->job()->id}/mixes", $riders)->assertOk();
    }

    public function test_a_painter_sees_no_draft(): void
    {
        $draft = $this->answer($this->lead(), 'POST', '/standards', ['from' => StandardVersion::query()->firstOrFail()->id])['id'];
        self::assertIsInt($draft);
        foreach (['', '/document', '/draft', '/plates', '/matrix'] as $part) {
            $this->assertRefused($this->as($this->isla(), 'GET', "/standards/{$draft}{$part}"), 404, 'not-found');
        }
        self::assertNotContains($draft, array_column($this->answer($this->isla(), 'GET', '/standards'), 'id'));
        self::assertContains($draft, array_column($this->answer($this->deputy(), 'GET', '/standards'), 'id'));
    }

    public function test_a_picture_of_two_schemes_goes_with_the_last_of_them(): void
    {
        Storage::fake();
        $first = Scheme::query()->firstOrFail();
        $second = Scheme::query()->create(['force_id' => $first->force_id, 'common_id' => $first->id, 'name' => 'Night watch'])->refresh();
        $this->picture($first, 10);
        $this->picture($second, 10);
        $this->picture($second, 20);

        self::assertSame(200, $this->as($this->lead(), 'GET', "/schemes/{$first->id}/picture")->getStatusCode());
    }

    public function test_a_picture_of_more_than_25_megapixels_is_refused_before_it_is_opened(): void
    {
        // The head of a PNG that claims 6000 by 5000 points; there is nothing behind it.
        $ihdr = 'IHDR'.pack('NNCCCCC', 6000, 5000, 8, 2, 0, 0, 0);
        $png = "\x89PNG\r\n\x1a\n".pack('N', 13).$ihdr.pack('N', crc32($ihdr));
        $scheme = Scheme::query()->firstOrFail();
        $response = $this->upload("/schemes/{$scheme->id}/picture", UploadedFile::fake()->createWithContent('large.png', $png), ['version' => $scheme->version]);

        $this->assertRefused($response, 422, 'too-many-pixels', '/file');
    }

    public function test_what_is_no_picture_is_told_at_its_field(): void
    {
        $scheme = Scheme::query()->firstOrFail();
        foreach (['some text', "\xff\xd8\xff\xe0 broken off", ''] as $bytes) {
            $response = $this->upload("/schemes/{$scheme->id}/picture", UploadedFile::fake()->createWithContent('photo.jpg', $bytes), ['version' => $scheme->version]);
            self::assertSame(422, $response->getStatusCode());
            self::assertSame('/file', $response->json('error.path'));
        }
    }

    public function test_answers_are_kept_by_nobody_on_the_way(): void
    {
        foreach (['/session', '/jobs', '/sign-offs'] as $path) {
            self::assertStringContainsString('no-store', (string) $this->as($this->lead(), 'GET', $path)->headers->get('Cache-Control'));
        }
    }

    public function test_on_an_address_that_is_https_the_browser_is_told_to_stay_there(): void
    {
        self::assertNull($this->as($this->lead(), 'GET', '/session')->headers->get('Strict-Transport-Security'));
        config(['app.url' => 'https://studio.example']);
        self::assertNotNull($this->as($this->lead(), 'GET', '/session')->headers->get('Strict-Transport-Security'));
    }

    public function test_a_csv_file_holds_no_formula_and_keeps_its_numbers(): void
    {
        $csv = CsvText::of([['=1+1', '+cmd', '-2', -2.5, '@x', " \t=x", '|y', 'plain', 'say "so"', "two\nlines", "\u{00A0}=z"]]);

        self::assertSame("'=1+1,'+cmd,-2,-2.5,'@x,\"' \t=x\",'|y,plain,\"say \"\"so\"\"\",\"two\nlines\",'\u{00A0}=z\r\n", $csv);
        self::assertSame([["'=1+1", "'+cmd", '-2', '-2.5', "'@x", "' \t=x", "'|y", 'plain', 'say "so"', "two\nlines", "'\u{00A0}=z"]], array_map(static fn (string $line): array => str_getcsv($line, ',', '"', ''), [rtrim($csv, "\r\n")]));
    }

    public function test_a_refused_statement_is_logged_without_what_was_typed(): void
    {
        $log = storage_path('logs/ordotype-'.now()->format('Y-m-d').'.log');
        $before = is_file($log) ? (int) filesize($log) : 0;
        $this->app->make(\Illuminate\Contracts\Debug\ExceptionHandler::class)->report(
            new \Illuminate\Database\QueryException('mariadb', 'insert into x (name) values (?)', ['a secret of a client'], new PDOException('Unknown column')),
        );
        clearstatcache();
        $written = is_file($log) ? (string) file_get_contents($log, offset: $before) : '';

        self::assertStringContainsString('insert into x (name) values (?)', $written);
        self::assertStringNotContainsString('a secret of a client', $written);
    }

    private function picture(Scheme $scheme, int $grey): void
    {
        $image = imagecreatetruecolor(20, 20);
        self::assertNotFalse($image);
        imagefill($image, 0, 0, $grey * 0x010101);
        ob_start();
        imagepng($image);
        $this->upload("/schemes/{$scheme->id}/picture", UploadedFile::fake()->createWithContent('p.png', (string) ob_get_clean()), ['version' => $scheme->refresh()->version])->assertSuccessful();
    }

    /**
     * @param  array<string, mixed>  $fields
     * @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function upload(string $path, UploadedFile $file, array $fields): \Illuminate\Testing\TestResponse
    {
        Auth::forgetGuards();

        return $this->actingAs($this->lead(), 'web')->post("/api{$path}", ['file' => $file, ...$fields], ['Accept' => 'application/json']);
    }

    private static function asApplication(): PDO
    {

        return new PDO(sprintf('mysql:host=%s;port=%s;dbname=%s', getenv('DB_HOST'), getenv('DB_PORT'), getenv('DB_DATABASE')), (string) getenv('DB_APP_USERNAME'), (string) getenv('DB_APP_PASSWORD'), [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]);
    }
}
