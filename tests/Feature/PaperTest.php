<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Export\MadeFiles;
use App\Export\Pdf;
use App\Export\PdfFiles;
use App\Export\SvgPicture;
use App\Export\SvgPictures;
use App\Models\FigureMap;
use App\Models\Paper;
use App\Models\Scheme;
use App\Models\StandardVersion;
use App\Papers\Worker;
use App\Papers\WritePaper;
use Carbon\CarbonImmutable;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\Storage;
use RuntimeException;

/** A paper that takes seconds is made by a worker, says how far it is, and is made once. */
final class PaperTest extends TestCase
{
    public function test_it_waits_for_the_worker_and_is_made_once_whoever_asks(): void
    {
        Queue::fake();
        $path = '/schemes/'.Scheme::query()->firstOrFail()->id.'/proof-sheet';
        $troll = ['type' => 'sea-troll'];
        $asked = $this->askedFor($this->lead(), $path, $troll);
        self::assertSame(['state' => 'waiting', 'drawn' => 0, 'of' => 0, 'said' => null], Arr::except($this->answer($this->isla(), 'GET', "/papers/{$asked->id}"), 'id'));
        self::assertSame($asked->id, $this->askedFor($this->isla(), $path, $troll)->id);
        self::assertNotSame($asked->id, $this->askedFor($this->isla(), $path, ['type' => 'heron-rider'])->id, 'another figure is another paper');
        Queue::assertPushed(WritePaper::class, 2);
        $this->assertRefused($this->as($this->lead(), 'GET', "/papers/{$asked->id}/file"), 422, 'not-made');

        $this->make($asked);
        $made = $this->answer($this->isla(), 'GET', "/papers/{$asked->id}");
        self::assertSame('made', $made['state']);
        self::assertSame($made['of'], $made['drawn']);
        self::assertGreaterThan(10, $made['of']);
        self::assertStringStartsWith('%PDF-', (string) $this->as($this->isla(), 'GET', "/papers/{$asked->id}/file")->assertOk()->getContent());

        $again = $this->askedFor($this->lead(), $path, $troll);
        $this->make($again);
        self::assertNotSame($asked->id, $again->id);
        self::assertSame($asked->refresh()->file, $again->refresh()->file, 'nothing is otherwise, so it is the same file');
    }

    public function test_who_waits_for_long_is_told_that_no_worker_is_there(): void
    {
        Queue::fake();
        $paper = $this->askedFor($this->lead(), '/schemes/'.Scheme::query()->firstOrFail()->id.'/proof-sheet', ['type' => 'sea-troll']);
        $said = fn (): mixed => $this->answer($this->lead(), 'GET', "/papers/{$paper->id}")['said'];
        self::assertNull($said(), 'it was asked for just now');
        $paper->update(['asked_at' => now()->subSeconds(11)]);
        self::assertIsString($why = $said());
        self::assertStringStartsWith('No worker has been seen', $why);
        $this->app->make(Worker::class)->isHere();
        self::assertNull($said(), 'it is at something else');
        $this->travel(12)->minutes();
        self::assertNotNull($said());
        $paper->update(['state' => 'drawing']);
        self::assertNull($said());
    }

    public function test_who_keeps_it_running_asks_without_signing_in(): void
    {
        $this->get('/health')->assertOk()->assertExactJson(['alive' => true]);
        self::assertSame([], $this->get('/health')->headers->getCookies());
        $this->get('/health/ready')->assertOk()->assertExactJson(['ready' => true, 'tables' => 'current', 'worker' => false]);
        $this->app->make(Worker::class)->isHere();
        $this->get('/health/ready')->assertJson(['worker' => true]);
        self::assertSame(0, Artisan::call('tables:current'));
        DB::table('migrations')->orderByDesc('id')->limit(1)->delete();
        $this->get('/health/ready')->assertStatus(503)->assertJson(['ready' => false, 'tables' => 'behind']);
        self::assertSame([1, "The tables are of an earlier version.\n"], [Artisan::call('tables:current'), Artisan::output()]);
    }

    public function test_what_cannot_be_made_says_why(): void
    {
        Queue::fake();
        $version = StandardVersion::query()->firstOrFail();
        $ask = fn (): Paper => $this->askedFor($this->lead(), "/standards/{$version->id}/comparison", ['left' => 'drill', 'right' => 'muster']);
        $gone = $ask();
        $gone->update(['subject' => ['left_version' => 999_999] + $gone->subject]);
        $this->make($gone);
        self::assertSame(['failed', 'What it is of was taken away meanwhile.'], [$gone->refresh()->state->value, $gone->said]);
        $other = $ask();
        $other->update(['subject' => ['left' => 'gold'] + $other->subject]);
        $this->make($other);
        self::assertStringContainsString('gold', (string) $other->refresh()->said);
        $broken = $ask();
        (new WritePaper($broken->studio_id, $broken->id))->failed(new RuntimeException('Out of memory.'));
        self::assertStringStartsWith('The paper could not be made', (string) $broken->refresh()->said);
        self::assertStringNotContainsString('memory', (string) $broken->said);
        self::assertSame($broken->said, $this->answer($this->lead(), 'GET', "/papers/{$broken->id}")['said']);

        $this->make($broken);
        self::assertSame('failed', $broken->refresh()->state->value, 'what ended is not begun again');
    }

    public function test_who_may_not_ask_for_a_paper_does_not_have_it_either(): void
    {
        $version = StandardVersion::query()->firstOrFail();
        $paper = $this->askedFor($this->lead(), "/standards/{$version->id}/comparison", ['left' => 'drill', 'right' => 'muster']);

        $this->assertRefused($this->as($this->isla(), 'GET', "/papers/{$paper->id}"), 403, 'not-allowed');
        $this->assertRefused($this->as($this->isla(), 'GET', "/papers/{$paper->id}/file"), 403, 'not-allowed');
        $this->as($this->deputy(), 'GET', "/papers/{$paper->id}/file")->assertOk();
    }

    public function test_what_was_made_long_ago_is_thrown_away_and_asked_for_anew(): void
    {
        $files = $this->app->make(MadeFiles::class);
        $paper = $this->askedFor($this->lead(), '/schemes/'.Scheme::query()->firstOrFail()->id.'/proof-sheet', ['type' => 'sea-troll']);
        $files->write('papers/old.pdf', 'x');
        touch(Storage::disk('made')->path('papers/old.pdf'), CarbonImmutable::now()->subDays(121)->getTimestamp());
        $paper->update(['asked_at' => now()->subDays(29)]);

        self::assertSame('1 files and 0 papers were thrown away.', $this->tidied());
        self::assertSame([false, true], [$files->has('papers/old.pdf'), $files->has((string) $paper->file)]);
        $paper->update(['asked_at' => now()->subDays(31)]);
        self::assertSame('0 files and 1 papers were thrown away.', $this->tidied());
        $this->assertRefused($this->as($this->lead(), 'GET', "/papers/{$paper->id}/file"), 404, 'not-found');
    }

    public function test_a_proof_begins_with_the_figure_where_its_type_is_laid_out(): void
    {
        $path = '/schemes/'.Scheme::query()->firstOrFail()->id.'/proof-sheet';
        $pictures = fn (): int => substr_count($this->paper($this->lead(), $path, ['type' => 'harbour-master']), '/Subtype /Image');
        $with = $pictures();
        // Two sides are there; the front is shown, at each tier that is offered in its own tones.
        FigureMap::query()->delete();
        $without = $pictures();

        self::assertGreaterThan($without, $with);
        self::assertGreaterThan(4, $without);
    }

    public function test_papers_are_set_in_the_type_of_the_application_and_signs_it_has_not_in_another(): void
    {
        $pdf = Pdf::of('<html><head><style>body { font-family: '.Pdf::TYPE.' } h1 { font-family: '.Pdf::TYPE_OF_HEADS.' }</style></head><body><h1>Guard</h1><p>Flaws ▲ <b>count</b></p></body></html>');

        foreach (['Archivo-Regular', 'Archivo-Bold', 'ArchivoNarrow-Bold', 'DejaVuSans'] as $face) {
            self::assertMatchesRegularExpression("~/BaseFont\\s*/\\S*{$face}~", $pdf);
        }
        self::assertStringContainsString('Open Font License', (string) file_get_contents(resource_path('fonts/OFL.txt')), 'its licence lies with it');
    }

    public function test_who_waits_is_told_how_many_pictures_are_drawn(): void
    {
        Storage::fake('made');
        $pictures = array_map(static fn (int $i): SvgPicture => new SvgPicture("<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"4\" height=\"4\"><rect width=\"{$i}\" height=\"4\"/></svg>", 8), range(1, 10));
        $draw = function () use ($pictures): array {
            $told = [];
            $pngs = $this->app->make(SvgPictures::class)->png([...$pictures, $pictures[0]], static function (int $drawn, int $of) use (&$told): void {
                $told[] = "{$drawn} of {$of}";
            });
            self::assertCount(11, $pngs);
            self::assertSame($pngs[0], $pngs[10]);

            return $told;
        };

        self::assertSame(['0 of 10', '4 of 10', '8 of 10', '10 of 10'], $draw(), 'what is drawn alike counts once');
        self::assertSame(['10 of 10'], $draw(), 'what was drawn is kept');
        self::assertSame([8, 8], array_slice((array) getimagesizefromstring($this->app->make(SvgPictures::class)->png($pictures)[0]), 0, 2));
    }

    public function test_the_same_page_is_set_once(): void
    {
        Storage::fake('made');
        $files = $this->app->make(PdfFiles::class);
        $path = $files->of('<html><body>One</body></html>');
        Storage::disk('made')->put($path, 'kept');

        self::assertSame($path, $files->of('<html><body>One</body></html>'));
        self::assertSame('kept', Storage::disk('made')->get($path));
        self::assertNotSame($path, $files->of('<html><body>Two</body></html>'));
    }

    private function tidied(): string
    {
        self::assertSame(0, Artisan::call('made:tidy'));

        return trim(Artisan::output());
    }

    private function make(Paper $paper): void
    {
        $this->app->call([new WritePaper($paper->studio_id, $paper->id), 'handle']);
    }
}
