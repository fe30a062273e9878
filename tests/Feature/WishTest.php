<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\FigureType;
use App\Models\Job;
use App\Models\JobChange;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\DB;

/** What is settled with the client before work: what the figures are for, where they have a say, and what an area is. */
final class WishTest extends CheckTestCase
{
    public function test_a_job_asks_what_its_figures_are_for_until_somebody_says(): void
    {
        Job::query()->update(['purpose' => null]);
        $job = $this->job();
        self::assertTrue(Arr::get($this->grid(), 'questions.purpose'));

        $said = $this->answer($this->lead(), 'PUT', "/jobs/{$job->id}", self::asItIs($job) + ['purpose' => 'displayed']);
        self::assertSame(['displayed', ['To be displayed']], [$said['purpose'], $said['wishes']]);
        self::assertFalse(Arr::get($this->grid(), 'questions.purpose'));
        self::assertSame(['The job: to be displayed, was not said.'], JobChange::query()->latest('id')->firstOrFail()->words);

        $kept = $this->answer($this->lead(), 'PUT', "/jobs/{$job->id}", self::asItIs($job->refresh()));
        self::assertSame('displayed', $kept['purpose'], 'what is not said of it stays');
        $this->assertRefused($this->as($this->lead(), 'PUT', "/jobs/{$job->id}", self::asItIs($job->refresh()) + ['purpose' => 'sold']), 422, 'invalid', '/purpose');
        $booked = $this->answer($this->lead(), 'POST', '/jobs', ['name' => 'Mole', 'client' => 'Somebody', 'force' => 'Mole', 'purpose' => 'played']);
        self::assertSame('played', $booked['purpose']);
    }

    public function test_a_wish_of_the_client_stands_where_one_paints_checks_and_offers(): void
    {
        $asked = Arr::array($this->grid(), 'questions.choices.0');
        self::assertSame(['pools', 'Pools of a wash'], [$asked['question'], $asked['name']]);
        self::assertContains('Leather', (array) $asked['surfaces']);
        self::assertNotContains('Face', (array) $asked['surfaces'], 'the standard says it there');

        $said = $this->answer($this->lead(), 'PUT', $this->wishes(), ['version' => $this->job()->version, 'question' => 'pools', 'choice' => 'wanted']);
        self::assertSame(['To be played with', 'Pools of a wash: wanted'], $said['wishes']);
        self::assertSame([], Arr::get($this->grid(), 'questions.choices'));
        self::assertSame($said['wishes'], $this->sheetOf($this->figure('1st Lamplighters', 2), $this->isla())['wishes']);
        self::assertSame($said['wishes'], $this->answer($this->deputy(), 'GET', '/checks/'.$this->open()['id'])['wishes']);

        $schools = $this->answer($this->lead(), 'GET', "/jobs/{$this->job()->id}/schools");
        self::assertSame([['pools', 'wanted', false], ['dark-lining', null, false], ['light-on-gold', null, false]], array_map(static fn (mixed $one): array => is_array($one) ? [$one['question'], $one['said'], $one['left']] : [], (array) $schools['wishes']));
    }

    public function test_what_is_left_to_the_studio_is_asked_no_more_and_can_be_said_later(): void
    {
        $say = fn (?string $choice): array => $this->answer($this->lead(), 'PUT', $this->wishes(), ['version' => $this->job()->version, 'question' => 'pools', 'choice' => $choice]);
        self::assertSame(['To be played with'], $say(null)['wishes']);
        self::assertSame([], Arr::get($this->grid(), 'questions.choices'));
        self::assertSame(['pools'], $this->job()->left_to_studio);

        $say('fault');
        self::assertSame([[], 'fault'], [$this->job()->left_to_studio, $this->job()->schools->choices['pools'] ?? null]);
        $change = JobChange::query()->latest('id')->firstOrFail();
        $this->answer($this->lead(), 'POST', "/job-changes/{$change->id}/taking-back");
        self::assertSame([['pools'], null], [$this->job()->left_to_studio, $this->job()->schools->choices['pools'] ?? null]);
    }

    public function test_what_no_client_has_a_say_in_is_refused(): void
    {
        $send = fn (array $body) => $this->as($this->lead(), 'PUT', $this->wishes(), $body + ['version' => $this->job()->version, 'question' => 'pools', 'choice' => null]);

        $this->assertRefused($send(['question' => 'metals']), 422, 'unknown-value', '/question');
        $this->assertRefused($send(['choice' => 'black']), 422, 'unknown-value', '/choice');
        $this->assertRefused($send(['version' => 0]), 409, 'stale');
    }

    public function test_an_area_of_which_nobody_is_sure_is_asked_and_nothing_is_signed_until_somebody_says(): void
    {
        $copy = $this->unsure();
        $asked = Arr::array($this->grid(), 'questions.unsure.0');
        self::assertSame([$copy->id, 'straps and pouches', 'leather'], [$asked['type_id'], $asked['area'], $asked['surface']]);

        self::assertSame(['straps and pouches'], $this->sheetOf($this->figure('1st Lamplighters', 2), $this->isla())['unsure']);

        $grid = $this->answer($this->lead(), 'POST', "/jobs/{$this->job()->id}/figure-types/{$copy->id}/known-areas", ['version' => $this->job()->version, 'area' => 'straps and pouches', 'surface' => 'metal']);
        self::assertSame([], Arr::get($grid, 'questions.unsure'));
        $both = DB::table('figure_areas')->where('key', 'straps and pouches')->whereIn('figure_type_id', FigureType::query()->where('key', $copy->key)->pluck('id'))->get(['surface', 'unsure', 'depth']);
        self::assertSame([['metal', 0, 4], ['metal', 0, 4]], $both->map(static fn (object $row): array => array_values((array) $row))->all(), 'nobody asks again in the next job; it lies as it was said to');

        $this->unsure('lamp cage');
        $this->answer($this->lead(), 'POST', "/jobs/{$this->job()->id}/figure-types/{$copy->id}/known-areas", ['version' => $this->job()->version, 'area' => 'lamp cage', 'surface' => 'plate']);
        self::assertSame(4, DB::table('figure_areas')->where('figure_type_id', $copy->id)->where('key', 'lamp cage')->value('depth'), 'it lay as metal does, and lies as plate does now');
    }

    public function test_a_figure_with_an_area_that_nobody_knows_is_not_signed(): void
    {
        $check = $this->finish($this->open());
        $this->unsure();

        $read = $this->answer($this->deputy(), 'GET', "/checks/{$check['id']}");
        self::assertSame([['straps and pouches'], false], [$read['unsure'], $read['may_sign']]);
        self::assertStringContainsString('Nobody has said what this is yet: straps and pouches.', (string) json_encode($read['sign_hint']));
        $this->assertRefused($this->as($this->deputy(), 'POST', "/checks/{$check['id']}/sign-off", ['version' => $check['version']]), 403, 'unsure');
    }

    public function test_what_is_known_or_not_to_be_is_refused(): void
    {
        $copy = $this->unsure();
        $send = fn (array $body) => $this->as($this->lead(), 'POST', "/jobs/{$this->job()->id}/figure-types/{$copy->id}/known-areas", $body + ['version' => $this->job()->version, 'area' => 'straps and pouches', 'surface' => 'metal']);

        $this->assertRefused($send(['surface' => 'felt']), 422, 'unknown-surface', '/surface');
        $this->assertRefused($send(['surface' => 'whole']), 422, 'unknown-surface', '/surface');
        $this->assertRefused($send(['area' => 'hood']), 422, 'no-question', '/area');
        $this->assertRefused($send(['version' => 0]), 409, 'stale');
        self::assertSame('leather', DB::table('figure_areas')->where('figure_type_id', $copy->id)->where('key', 'straps and pouches')->value('surface'));
    }

    public function test_the_answer_is_refused_once_figures_are_signed(): void
    {
        $this->signed();
        $copy = $this->unsure();

        $this->assertRefused($this->as($this->lead(), 'POST', "/jobs/{$this->job()->id}/figure-types/{$copy->id}/known-areas", ['version' => $this->job()->version, 'area' => 'straps and pouches', 'surface' => 'metal']), 403, 'signed');
    }

    /** Nobody is sure what an area of the job's lamplighters is, on its copy and in the studio. */
    private function unsure(string $area = 'straps and pouches'): FigureType
    {
        DB::table('figure_areas')->where('key', $area)->update(['unsure' => true]);
        $this->readAnew();

        return FigureType::query()->where('job_id', $this->job()->id)->where('key', 'lamplighter')->firstOrFail();
    }

    /** @return array<array-key, mixed> */
    private function grid(): array
    {
        return $this->answer($this->lead(), 'GET', "/jobs/{$this->job()->id}/figures");
    }

    private function wishes(): string
    {
        return "/jobs/{$this->job()->id}/wishes";
    }

    /** @return array<string, mixed> */
    private static function asItIs(Job $job): array
    {
        return ['version' => $job->version, 'name' => $job->name, 'client' => $job->client, 'due' => $job->due?->toDateString(), 'state' => 'open'];
    }
}
