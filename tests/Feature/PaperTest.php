<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Export\Pdf;
use App\Export\SvgPictures;
use App\Models\FigureMap;
use App\Models\Scheme;
use App\Models\StandardVersion;
use Illuminate\Support\Facades\Cache;

/** A paper that takes seconds says how far it is. */
final class PaperTest extends TestCase
{
    public function test_plates_are_drawn_on_until_none_is_missing(): void
    {
        Cache::flush();
        $scheme = Scheme::query()->firstOrFail();
        $version = StandardVersion::query()->firstOrFail();
        foreach (["/schemes/{$scheme->id}/proof-sheet/drawing" => ['type' => 'sea-troll'], "/standards/{$version->id}/comparison/drawing" => ['left' => 'drill', 'right' => 'muster']] as $path => $body) {
            $told = [];
            do {
                $answer = $this->answer($this->lead(), 'POST', $path, $body);
                self::assertIsInt($answer['drawn']);
                $told[] = $answer['drawn'];
                self::assertLessThanOrEqual($answer['of'], $answer['drawn']);
                self::assertLessThan(200, count($told), 'it comes to its end');
            } while ($answer['drawn'] !== $answer['of']);

            self::assertGreaterThan(4, $answer['of']);
            self::assertSame($told, array_values(array_unique($told)), 'each time it is further than before');
            self::assertSame($answer, $this->answer($this->lead(), 'POST', $path, $body), 'what was drawn is kept');
        }
    }

    public function test_a_proof_begins_with_the_figure_where_its_type_is_laid_out(): void
    {
        $scheme = Scheme::query()->firstOrFail();
        $pictures = function () use ($scheme): int {
            $pdf = (string) $this->as($this->lead(), 'GET', "/schemes/{$scheme->id}/proof-sheet?type=harbour-master")->assertOk()->getContent();

            return substr_count($pdf, '/Subtype /Image');
        };
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

    public function test_no_longer_is_drawn_than_was_said(): void
    {
        Cache::flush();
        $svgs = array_map(static fn (int $i): string => "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"4\" height=\"4\"><rect width=\"{$i}\" height=\"4\"/></svg>", range(1, 12));
        $pictures = $this->app->make(SvgPictures::class);

        $first = $pictures->drawFor(0.0, $svgs, 1.0);
        self::assertGreaterThan(0, $first->drawn, 'it goes on, however little time there is');
        self::assertLessThan(12, $first->drawn);
        self::assertSame(12, $pictures->drawFor(60.0, [...$svgs, $svgs[0]], 1.0)->drawn, 'what is drawn alike counts once');
        self::assertSame(12, $pictures->drawFor(0.0, $svgs, 1.0)->drawn);
    }

    public function test_who_may_not_have_the_paper_does_not_have_it_drawn(): void
    {
        $version = StandardVersion::query()->firstOrFail();

        $this->assertRefused($this->as($this->isla(), 'POST', "/standards/{$version->id}/comparison/drawing", ['left' => 'drill', 'right' => 'muster']), 403, 'not-allowed');
        $this->assertRefused($this->as($this->lead(), 'POST', "/standards/{$version->id}/comparison/drawing", ['left' => 'gold', 'right' => 'muster']), 422, 'unknown-tier');
    }
}
