<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Actions\Standards\EditStandard;
use App\Actions\Standards\PieceChange;
use App\Models\CurrentStudio;
use App\Models\StandardVersion;
use App\Models\User;
use Document\Standard\Piece;

/** The standard written, found fault with, put in force, changed under running jobs, and written by two at once. */
final class StandardJourneyTest extends BrowserTestCase
{
    public function test_a_lead_writes_a_small_tier_from_nothing_sees_a_finding_fixes_it_and_puts_it_in_force(): void
    {
        $this->lead('founder@ladder.example', 'Ladder Street');
        $page = $this->page->signIn('founder@ladder.example')->open('/standard')->see('Start from a plain ladder');
        $page->press('Start empty')->see('17 surfaces')->see('No tier yet');
        $page->press('Add a tier')->fill('Name', 'Plain')->click("//form//button[normalize-space(.)='Add a tier']")->see('Sides that count');
        $page->see('A stray dot under 0.79 mm does not count here.')->see('Plain says nothing of Cloth');

        $page->press('Go through them')->see('Plain, Face');
        $page->press('Open Plain, Cloth')->see('Nothing of it on a')->press('Asked')->see('that no criterion judges');
        $page->press('Add a sentence')->fill('Sentence 1', 'Every fold is covered.')->see('judged by 1')->dontSee('Plain asks for work on Cloth that no criterion judges');
        $page->pick('Add a layer on top', 'All-over wash')->fill('Minutes, whole figure of it', '8')->see('All-over wash');
        $page->press('Next question')->see('Undecided')->press('Not asked for')->see('not asked for');

        // What is wrong is told at its place, and what was typed stays.
        $page->press('Open Plain, Cloth')->click("//div[@class='layer-head']//b[normalize-space(.)='All-over wash']/..")->fill('Minutes a piece', '2');
        $page->see('names no piece')->see('not stored')->fill('Asked only of pieces', 'hem')->see('stored')->dontSee('names no piece');

        $page->press('Put in force')->see('The first version')->press('Put it in force')->see('Say why')->fill('Why', 'Our first ladder.')->press('Put it in force');
        $page->see('in force since')->see('Why: Our first ladder.')->see('by A founder');
    }

    public function test_a_running_job_stays_on_its_version_until_it_is_moved(): void
    {
        $page = $this->page->signIn('lead@kittiwake.example')->open('/standard')->see('Whole figure')->key('d');
        $page->see('Put in force')->press('Open Watch, Cloth')->click("//div[@class='layer-head']//b[normalize-space(.)='Layer']/..");
        $page->fill('Steps', '2')->see('2 steps, upper parts only');
        $page->await(fn (): bool => $page->count("//button[normalize-space(.)='Undo'][not(@disabled)]") === 1, 'The change is not stored.');
        $page->press('Put in force')->see('Watch, Cloth: layer steps up from 1 to 2')->see('figures of')->fill('Why', 'Brighter ranks.')->press('Put it in force');
        $page->see('Running jobs on another version')->see('on 2026.1');
        $page->open('/jobs/1')->see('2026.1');
        $page->open('/standard?panel=versions')->see('Running jobs on another version')->press('Move Harbour guard')->see('No running job is on another version.');
        $page->open('/jobs/1')->see('2026.2');
    }

    public function test_two_leads_write_in_the_same_cell_and_neither_loses_work(): void
    {
        $second = $this->lead('second@kittiwake.example', 'Kittiwake Row');
        $page = $this->page->signIn('lead@kittiwake.example')->open('/standard')->see('Whole figure')->key('d')->see('Put in force');
        $page->press('Open Guard, Cloth')->see('Layers, the top one first');
        $this->writtenBy($second, [['technique' => 'base', 'coats' => 2, 'minutes' => 14], ['technique' => 'stipple', 'minutes' => 33]]);

        $page->click("//div[@class='layer-head']//b[normalize-space(.)='Layer']/..")->fill('Minutes, whole figure of it', '46');
        $page->see('changed this while you wrote')->see('Theirs, stored')->see('Stipple, 33 min')->see('Layer, 2 steps, 46 min');
        $this->assertAccessible('a conflict');
        $page->press('Store mine over theirs')->dontSee('Theirs, stored')->press('Close');
        $page->press('Undo')->see('Stipple');
        $page->press('Redo')->dontSee('Stipple');
    }

    private function lead(string $email, string $studio): User
    {
        $id = self::database()->table('studios')->where('name', $studio)->value('id') ?? self::database()->table('studios')->insertGetId(['name' => $studio]);

        return User::query()->firstOrCreate(['email' => $email], ['studio_id' => $id, 'name' => str_starts_with($email, 'founder') ? 'A founder' : 'A second lead', 'role' => 'lead', 'password' => 'lamplight']);
    }

    /** @param  list<array<string, mixed>>  $uses of cloth at Guard */
    private function writtenBy(User $user, array $uses): void
    {
        self::database();
        app(CurrentStudio::class)->within($user->studio_id, function () use ($user, $uses): void {
            $draft = StandardVersion::query()->where('state', 'draft')->firstOrFail();
            $value = ['tier' => 'guard', 'surface' => 'cloth', 'uses' => $uses, 'criteria' => [['id' => 'lit', 'text' => 'Folds are lit.', 'severity' => 'minor']]];
            app(EditStandard::class)->handle($draft, [new PieceChange(Piece::cell('guard', 'cloth'), $value, 1)], $user);
        });
    }
}
