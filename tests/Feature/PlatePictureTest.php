<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Export\DrawPlates;
use App\Export\PlatePictures;
use App\Models\StandardVersion;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\Bus;
use Illuminate\Support\Facades\Storage;

/**
 * Plates are shown as pictures that are made once and never change.
 *
 * @phpstan-import-type PlatePicture from PlatePictures
 */
final class PlatePictureTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        Storage::fake('made');
    }

    public function test_a_plate_names_its_picture_in_three_sizes_and_each_is_made_when_it_is_asked_for(): void
    {
        $picture = $this->picture('cloth');
        preg_match_all('~(/drawn/[0-9a-f]{64}-\d+\.png) (\d+)w~', $picture['srcset'], $sizes);
        self::assertSame(['248', '496', '992'], $sizes[2]);
        self::assertSame($sizes[1][0], $picture['src']);
        self::assertSame([], Storage::disk('made')->files('drawn'));

        foreach ([0, 1] as $at) {
            $answer = $this->get($sizes[1][$at])->assertOk();
            self::assertSame(['image/png', true, true], [$answer->headers->get('Content-Type'), $answer->headers->hasCacheControlDirective('immutable'), $answer->headers->hasCacheControlDirective('public')]);
            self::assertSame([], $answer->headers->getCookies(), 'everything on the way may keep it');
            $size = getimagesizefromstring((string) $answer->getContent());
            self::assertSame((int) $sizes[2][$at], ((array) $size)[0]);
        }
        self::assertCount(2, Storage::disk('made')->files('drawn'));
        Storage::disk('made')->put(ltrim($picture['src'], '/'), 'kept');
        self::assertSame('kept', $this->get($picture['src'])->assertOk()->getContent(), 'never a second time');
    }

    public function test_it_is_called_by_what_it_shows_and_nobody_can_guess_it(): void
    {
        $cloth = $this->picture('cloth');
        self::assertSame($cloth, $this->picture('cloth'));
        self::assertNotSame($cloth, $this->picture('face'));
        config(['app.key' => 'base64:'.base64_encode(str_repeat('b', 32))]);
        self::assertNotSame($cloth, $this->picture('cloth'), 'with another secret it is called otherwise');
    }

    public function test_what_was_never_shown_is_not_found(): void
    {
        $key = str_repeat('a', 64);
        $this->get("/drawn/{$key}-248.png")->assertNotFound();
        $src = $this->picture('cloth')['src'];
        $this->get(str_replace('-248', '-249', $src))->assertNotFound();
        $this->get('/drawn/../.env-248.png')->assertNotFound();
    }

    public function test_what_is_shown_for_the_first_time_is_made_soon(): void
    {
        $this->picture('cloth');
        Bus::assertDispatchedTimes(DrawPlates::class, 1);
        $this->picture('cloth');
        Bus::assertDispatchedTimes(DrawPlates::class, 1);

        $job = Bus::dispatched(DrawPlates::class)->first();
        self::assertInstanceOf(DrawPlates::class, $job);
        $this->app->call([$job, 'handle']);
        self::assertGreaterThan(4, count(Storage::disk('made')->files('drawn')));
    }

    /** @return PlatePicture of the lowest tier that asks something of a surface */
    private function picture(string $surface): array
    {
        $plates = $this->answer($this->isla(), 'GET', '/standards/'.StandardVersion::query()->firstOrFail()->id."/plates?surface={$surface}");

        /** @var PlatePicture */
        return (array) Arr::get($plates, '0.picture');
    }
}
