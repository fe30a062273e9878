<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\CurrentStudio;
use App\Models\Quote;
use App\Models\Tier;
use App\Models\Unit;
use Illuminate\Database\QueryException;
use Illuminate\Support\Arr;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\HttpFoundation\Response;

/**
 * A quote: what a job costs, made once, read and agreed to by a link that shows nothing else.
 *
 * @phpstan-import-type OfferedPlates_ from \App\Actions\Quotes\QuoteContent
 * @phpstan-import-type OfferedFigure from \App\Actions\Quotes\QuoteContent
 */
final class QuoteTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        Carbon::setTestNow('2026-12-01 10:00:00');
    }

    protected function tearDown(): void
    {
        Carbon::setTestNow();
        parent::tearDown();
    }

    public function test_it_costs_what_its_figures_cost_with_discount_materials_tax_and_rounding(): void
    {
        $bare = $this->preview();
        $work = Arr::get($bare, 'sums.work');
        self::assertIsInt($work);
        self::assertSame($work, array_sum(array_column((array) $bare['lines'], 'sum')));
        self::assertSame($work, Arr::get($bare, 'sums.total'));
        self::assertSame(55, array_sum(array_column((array) $bare['lines'], 'figures')), 'every figure of the job is on some line');

        $sums = Arr::get($this->preview(['discount' => 5, 'tax' => 19, 'tax_name' => 'sales tax', 'materials' => [['words' => 'Postage', 'amount' => 2450]], 'round_to' => 500]), 'sums');
        // By hand: 5 % of 5,089.73 is 254.49; 4,859.74 with the postage; 19 % of that 923.35; 5,783.09 is nearest to 5,785.
        self::assertEquals(['work' => 508973, 'materials' => 2450, 'discount_percent' => 5, 'discount' => 25449, 'net' => 485974, 'tax_name' => 'sales tax', 'tax_percent' => 19, 'tax' => 92335, 'rounding' => 191, 'total' => 578500], $sums);
    }

    public function test_what_was_added_and_left_out_stands_on_its_line_with_its_price(): void
    {
        $unit = $this->unit('2nd Lamplighters');
        $this->answer($this->lead(), 'POST', "/units/{$unit->id}/additions", ['version' => $unit->version, 'figures' => null, 'area' => 'straps and pouches', 'tier' => 'watch', 'use' => 'wash', 'reason' => 'asked for', 'price' => 120]);
        $before = Arr::get($this->preview(), 'lines');
        $line = Arr::first((array) $before, static fn (mixed $one): bool => Arr::get((array) $one, 'unit') === '2nd Lamplighters' && Arr::get((array) $one, 'tier') === 'Muster');

        self::assertSame(['area' => 'straps and pouches', 'from' => 'Watch', 'price' => 120, 'work' => 'All-over wash'], Arr::sortRecursive((array) Arr::get((array) $line, 'added.0')));
        self::assertSame([2800 + 120, 11 * 2920], [Arr::get((array) $line, 'each'), Arr::get((array) $line, 'sum')]);
    }

    public function test_what_no_tier_has_a_price_for_is_asked_for_by_hand(): void
    {
        $troll = $this->unit('Sea troll');
        $this->answer($this->lead(), 'PATCH', "/units/{$troll->id}", ['version' => $troll->version, 'tier' => 'open']);
        $preview = $this->preview();
        self::assertSame([['key' => "{$troll->id}-open", 'unit' => 'Sea troll']], array_map(static fn (mixed $one): array => Arr::only((array) $one, ['key', 'unit']), (array) $preview['without_price']));

        $this->assertRefused($this->as($this->lead(), 'POST', $this->path(), $this->terms() + ['digest' => $preview['digest']]), 422, 'no-price', '/by_hand');
        $said = $this->preview($byHand = ['by_hand' => [['key' => "{$troll->id}-open", 'price' => 120000]]]);
        self::assertSame([[], 'hand'], [$said['without_price'], Arr::get((array) Arr::first((array) $said['lines'], static fn (mixed $one): bool => Arr::get((array) $one, 'unit') === 'Sea troll'), 'by')]);
        self::assertSame(120000, $this->number(Arr::get($said, 'sums.work')) - $this->number(Arr::get($preview, 'sums.work')));
        $this->answer($this->lead(), 'POST', $this->path(), $byHand + $this->terms() + ['digest' => $said['digest']]);
    }

    public function test_it_is_made_of_what_was_looked_at_or_not_at_all(): void
    {
        $digest = $this->preview()['digest'];
        $unit = $this->unit('2nd Lamplighters');
        $this->answer($this->lead(), 'PATCH', "/units/{$unit->id}", ['version' => $unit->version, 'tier' => 'watch']);

        $this->assertRefused($this->as($this->lead(), 'POST', $this->path(), $this->terms() + ['digest' => $digest]), 409, 'stale');
        self::assertSame(0, Quote::query()->count());
    }

    public function test_who_has_the_link_reads_it_and_agrees_once(): void
    {
        $token = $this->make();
        $offer = $this->offer($token);
        self::assertSame('open', Arr::get($offer, 'state'));
        self::assertSame('The Port Ember harbour office', Arr::get($offer, 'content.job.client'));
        self::assertContains('Base coat, 2 coats', (array) Arr::get($offer, 'content.tiers.0.surfaces.0.included'));
        self::assertNull($offer['before']);

        $this->assertRefused($this->nobody('POST', "/offers/{$token}/agreement", ['name' => ' ']), 422, 'invalid', '/name');
        $agreed = $this->nobody('POST', "/offers/{$token}/agreement", ['name' => 'Ada Quill'])->json();
        self::assertSame(['agreed', 'Ada Quill', '2026-12-01'], [Arr::get((array) $agreed, 'state'), Arr::get((array) $agreed, 'agreed_by'), Arr::get((array) $agreed, 'agreed_on')]);
        $this->assertRefused($this->nobody('POST', "/offers/{$token}/agreement", ['name' => 'Somebody else']), 403, 'quote-agreed');

        $quote = Quote::query()->firstOrFail();
        $this->assertRefused($this->as($this->lead(), 'POST', "/quotes/{$quote->id}/withdrawal"), 403, 'quote-agreed');
        Carbon::setTestNow('2027-12-01 10:00:00');
        self::assertSame('agreed', $this->offer($token)['state'], 'what was agreed can be read after its day');
    }

    public function test_it_shows_the_figures_in_their_colours_of_the_day_each_once(): void
    {
        /** @var list<OfferedFigure> $figures */
        $figures = Arr::get($this->offer($this->make()), 'content.figures');
        $types = array_column($figures, 'type');
        $lamplighter = $figures[(int) array_search('Lamplighter, on foot', $types, true)];
        $hexes = array_column($lamplighter['areas'], 'hex', 'area');

        self::assertSame(array_values(array_unique($types)), $types, 'units that look alike are drawn once');
        self::assertNotContains('Sea troll', $types, 'it is not laid out as a picture');
        self::assertContains('1st Lamplighters', $lamplighter['units']);
        self::assertSame([true, true, false], [isset($hexes['face']), isset($hexes['oilskin coat']), isset($hexes['guard badge'])], 'the badge is on its left');
        self::assertMatchesRegularExpression('/^#[0-9a-f]{6}$/', (string) $hexes['oilskin coat']);
    }

    public function test_it_shows_plates_of_figures_that_are_not_laid_out_those_that_draw_the_eye_first(): void
    {
        /** @var list<OfferedPlates_> $plates */
        $plates = Arr::get($this->offer($this->make()), 'content.plates');
        $troll = array_values(array_filter($plates, static fn (array $one): bool => $one['type'] === 'Sea troll'));

        self::assertSame(['Heron rider', 'Sea troll'], array_values(array_unique(array_column($plates, 'type'))), 'the others are laid out');
        self::assertCount(1, $troll);
        self::assertSame([['Sea troll'], 'Banner'], [$troll[0]['units'], $troll[0]['tier']]);
        self::assertLessThanOrEqual(6, count($troll[0]['areas']));
        self::assertSame(['anchor', 'face', 'tusks and claws', 'hide', 'kelp mane', 'sea wall'], array_column($troll[0]['areas'], 'area'), 'three draw the eye; rope and rim are least');
        self::assertNotSame([], $troll[0]['areas'][0]['drawing']['marks']);
        self::assertStringStartsWith('M', $troll[0]['areas'][0]['drawing']['outline']);
        $shown = Arr::get($this->offer($this->make()), 'plates');
        self::assertSame(array_column($plates, 'type'), array_column((array) $shown, 'type'));
        self::assertStringStartsWith('/drawn/', (string) Arr::string((array) $shown, '0.areas.0.picture.src'));

        // A scheme that says nothing of a figure has nothing to show of it.
        foreach (['scheme_step_parts', 'scheme_steps', 'scheme_areas'] as $table) {
            DB::table($table)->delete();
        }
        $this->readAnew();
        self::assertSame([], Arr::get($this->offer($this->make()), 'content.plates'));
    }

    public function test_a_quote_from_before_there_were_pictures_has_none(): void
    {
        $quote = Quote::query()->create(['job_id' => $this->job()->id, 'number' => 1, 'content' => ['format' => 'ordotype-quote/1'], 'total' => 0, 'valid_until' => now(), 'token_hash' => str_repeat('2', 64), 'made_by' => $this->lead()->id, 'made_at' => now()]);

        self::assertSame([[], []], [Quote::query()->findOrFail($quote->id)->content['figures'], Quote::query()->findOrFail($quote->id)->content['plates']]);
    }

    public function test_a_later_one_takes_its_place_and_says_what_is_otherwise(): void
    {
        $first = $this->make();
        $unit = $this->unit('2nd Lamplighters');
        $this->answer($this->lead(), 'PATCH', "/units/{$unit->id}", ['version' => $unit->version, 'tier' => 'watch']);
        $second = $this->make();

        $this->assertRefused($this->nobody('GET', "/offers/{$first}"), 403, 'no-quote');
        $before = $this->offer($second)['before'];
        self::assertSame([1, 508973, 1], [Arr::get((array) $before, 'number'), Arr::get((array) $before, 'total'), count((array) Arr::get((array) $before, 'changes'))]);
        self::assertSame('2nd Lamplighters', Arr::get((array) $before, 'changes.0.unit'));
        self::assertSame([['Guard', 1], ['Watch', 11]], array_map(static fn (mixed $one): array => [Arr::get((array) $one, 'tier'), Arr::get((array) $one, 'figures')], (array) Arr::get((array) $before, 'changes.0.after')));
        self::assertSame(['open', 'withdrawn'], array_column((array) $this->answer($this->lead(), 'GET', $this->path())['quotes'], 'state'));
    }

    public function test_what_was_agreed_stays_when_a_later_one_is_made(): void
    {
        $first = $this->make();
        $this->nobody('POST', "/offers/{$first}/agreement", ['name' => 'Ada Quill'])->assertOk();
        $this->make();

        self::assertSame('agreed', $this->offer($first)['state']);
    }

    #[TestWith(['2026-12-31', 'open'])]
    #[TestWith(['2027-01-01', null])]
    public function test_its_link_is_good_through_its_last_day(string $on, ?string $state): void
    {
        $token = $this->make();
        Carbon::setTestNow("{$on} 23:00:00");

        if ($state === null) {
            $this->assertRefused($this->nobody('GET', "/offers/{$token}"), 403, 'no-quote');
            $this->assertRefused($this->nobody('POST', "/offers/{$token}/agreement", ['name' => 'Ada Quill']), 403, 'no-quote');
        } else {
            self::assertSame($state, $this->offer($token)['state']);
        }
    }

    public function test_a_withdrawn_or_guessed_link_shows_nothing(): void
    {
        $token = $this->make();
        $this->answer($this->lead(), 'POST', '/quotes/'.Quote::query()->firstOrFail()->id.'/withdrawal');

        foreach ([$token, str_repeat('a', 43), 'x'] as $tried) {
            $this->assertRefused($this->nobody('GET', "/offers/{$tried}"), 403, 'no-quote');
            $this->assertRefused($this->nobody('GET', "/offers/{$tried}/paper"), 403, 'no-quote');
        }
    }

    public function test_it_is_a_paper_and_a_table(): void
    {
        $token = $this->make(['materials' => [['words' => '=1+1', 'amount' => 100]]]);
        $quote = Quote::query()->firstOrFail();

        $paper = (string) $this->nobody('GET', "/offers/{$token}/paper")->getContent();
        self::assertStringStartsWith('%PDF-', $paper);
        self::assertStringContainsString('/Subtype /Image', $paper, 'the figures that are laid out stand in it');
        self::assertStringStartsWith('%PDF-', (string) $this->as($this->lead(), 'GET', "/quotes/{$quote->id}/paper")->getContent());
        $table = (string) $this->as($this->lead(), 'GET', "/quotes/{$quote->id}/table")->getContent();
        self::assertStringContainsString('"2nd Lamplighters",11,"Lamplighter, on foot",Muster,28.00,308.00', $table);
        self::assertStringContainsString("'=1+1,,,,,1.00", $table, 'nothing of it is a formula');
        self::assertStringContainsString('"To be paid",,,,,5090.73', $table);
    }

    /** @param  array<string, mixed>  $change */
    #[DataProvider('wrong')]
    public function test_terms_that_make_no_sense_are_told_at_their_place(array $change, string $at): void
    {
        $this->assertRefused($this->as($this->lead(), 'POST', "/jobs/{$this->job()->id}/quote-previews", $change + $this->terms()), 422, 'invalid', $at);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function wrong(): iterable
    {
        yield 'a day that is over' => [['valid_until' => '2026-11-30'], '/valid_until'];
        yield 'no day' => [['valid_until' => '31.12.'], '/valid_until'];
        yield 'more off than all' => [['discount' => 101], '/discount'];
        yield 'a tax below nothing' => [['tax' => -1], '/tax'];
        yield 'rounded to nothing' => [['round_to' => 0], '/round_to'];
        yield 'materials of no name' => [['materials' => [['words' => ' ', 'amount' => 1]]], '/materials/0/words'];
        yield 'materials below nothing' => [['materials' => [['words' => 'Postage', 'amount' => -1]]], '/materials/0/amount'];
        yield 'a price below nothing' => [['by_hand' => [['key' => '1-open', 'price' => -1]]], '/by_hand/0/price'];
        yield 'words without end' => [['text' => str_repeat('x', 4001)], '/text'];
    }

    public function test_what_was_offered_is_not_changed_nor_taken_away_in_the_database(): void
    {
        $this->make();
        $refused = 0;
        foreach (['UPDATE quotes SET total = 1', "UPDATE quotes SET content = JSON_SET(content, '$.sums.total', 1)", "UPDATE quotes SET valid_until = '2030-01-01'", 'DELETE FROM quotes'] as $statement) {
            try {
                DB::statement($statement);
            } catch (QueryException) {
                $refused++;
            }
        }

        self::assertSame(4, $refused);
    }

    public function test_a_job_without_figures_offers_nothing(): void
    {
        $job = $this->answer($this->lead(), 'POST', '/jobs', ['name' => 'Empty', 'client' => 'C', 'force' => 'F', 'due' => null]);
        $preview = $this->answer($this->lead(), 'POST', "/jobs/{$this->number($job['id'])}/quote-previews", $this->terms());

        $this->assertRefused($this->as($this->lead(), 'POST', "/jobs/{$this->number($job['id'])}/quotes", $this->terms() + ['digest' => $preview['digest']]), 422, 'no-figures');
        self::assertSame(0, Arr::get($preview, 'sums.total'));
        self::assertSame(0, Unit::query()->where('job_id', $job['id'])->count());
        self::assertGreaterThan(0, Tier::query()->count());
    }

    /**
     * @param  array<string, mixed>  $change
     * @return string what stands in its link
     */
    private function make(array $change = []): string
    {
        $made = $this->answer($this->lead(), 'POST', $this->path(), $change + $this->terms() + ['digest' => $this->preview($change)['digest']]);
        self::assertIsString($made['link']);

        return basename($made['link']);
    }

    /**
     * By a link alone: nobody is signed in, and no studio is entered.
     *
     * @param  array<string, mixed>  $body
     * @return TestResponse<Response>
     */
    private function nobody(string $method, string $path, array $body = []): TestResponse
    {
        Auth::forgetGuards();
        $studio = $this->app->make(CurrentStudio::class);
        $id = $studio->id();
        $studio->leave();
        try {
            return $this->json($method, "/api{$path}", $body);
        } finally {
            $studio->enter($id);
        }
    }

    /** @return array<array-key, mixed> */
    private function offer(string $token): array
    {
        $answer = $this->nobody('GET', "/offers/{$token}")->assertOk()->json();
        self::assertIsArray($answer);

        return $answer;
    }

    /**
     * @param  array<string, mixed>  $change
     * @return array<array-key, mixed>
     */
    private function preview(array $change = []): array
    {
        return $this->answer($this->lead(), 'POST', "/jobs/{$this->job()->id}/quote-previews", $change + $this->terms());
    }

    /** @return array<string, mixed> */
    private function terms(): array
    {
        return ['valid_until' => '2026-12-31', 'text' => 'Half before we begin.', 'by_hand' => [], 'materials' => [], 'discount' => 0, 'tax' => 0, 'tax_name' => '', 'round_to' => 1];
    }

    private function path(): string
    {
        return "/jobs/{$this->job()->id}/quotes";
    }

    private function number(mixed $value): int
    {
        self::assertIsInt($value);

        return $value;
    }
}
