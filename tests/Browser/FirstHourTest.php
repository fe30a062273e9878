<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Models\Role;
use App\Models\Studio;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;

/**
 * A new lead, with nothing but the screen, comes from an empty studio to a first signed figure: twenty figures of a type with
 * twenty-five areas, painted as a batch. Every press, key, field and choice is counted; a list that is pasted is one.
 */
final class FirstHourTest extends BrowserTestCase
{
    private const MOST_ACTIONS = 150;

    private const AREAS = [
        'face; face; small; ; hood; 2 eyes', 'beard; hair; small; face', 'hood; cloth; medium', 'coat; cloth; large; ; hood, sash', 'lining; cloth; small; ; coat',
        'sash; cloth; small; ; coat', 'trousers; cloth; medium; ; coat, boots', 'boots; leather; medium; ; trousers', 'straps; leather; small; coat', 'pouches; leather; small; coat',
        'gloves; leather; small; ; coat', 'breastplate; plate; medium; ; coat', 'shoulder; plate; small; ; breastplate', 'knee; plate; small; ; trousers', 'buckles; metal; tiny; straps',
        'blade; metal; small; ; hilt', 'hilt; trim; tiny; ; blade, gloves', 'chain; metal; tiny; sash', 'lamp glass; lens; tiny; lamp cage', 'lamp cage; metal; small; ; gloves',
        'pole; wood; medium; ; lamp cage, gloves', 'horn; bone; tiny; sash', 'scroll; lettering; tiny; sash', 'badge; marking; tiny; breastplate', 'quay; ground; ; ; boots',
    ];

    private int $actions = 0;

    public function test_a_new_lead_signs_a_first_figure(): void
    {
        $this->lead();
        $page = $this->page->signIn('tam@mole.example')->see('To the first signed figure');
        $this->actions += 3;
        $this->assertAccessible('Today of a new studio');

        $this->press('Say what each tier includes', 'Start from 4 tiers');
        $this->press('Start from 4 tiers', 'Put in force');
        $this->press('Put in force', 'The first version');
        $this->fill('Why', 'Our first ladder.');
        $this->press('Put it in force', 'in force since');

        $this->press('Today', '1 of 7');
        $this->press('Describe a figure', 'A new figure type');
        $this->fill('Name', 'Mole keeper');
        $this->fill('An area a line: what it is called; what it is made of; its size; what it sits on; what it touches; pieces', implode("\n", self::AREAS));
        $this->press('Read the list', 'hilt');
        $this->press('Make it', 'Keep the change');
        self::assertSame(count(self::AREAS) + 1, DB::table('figure_areas')->join('figure_types', 'figure_types.id', '=', 'figure_type_id')->where('figure_types.name', 'Mole keeper')->whereNull('job_id')->count());

        $this->press('Today', '2 of 7');
        $this->press('Book a job and take its roster in', 'Client');
        $this->fill('Name', 'First watch');
        $this->fill('Client', 'The mole');
        $this->fill('Force', 'Mole watch');
        $this->press('Book it', 'Roster for First watch');
        $this->fill('Paste the list', "unit,figure_type,count,tier\nKeepers,Mole keeper,20,Plain\n");
        $this->press('Read it', '20 figures');
        $this->press('Take 20 figures', 'Choose all');
        $this->press('Choose all', '1 row, 20 figures chosen');
        $page->choose('Painter of what is chosen', 'Tam Bray')->see('painter Tam Bray');
        $this->actions += 2;

        // Alone in the studio, the lead checks what the lead painted, and the record will say so.
        $this->press('Studio', 'Own work may be checked');
        $this->click("//label[contains(., 'Own work may be checked')]");
        $page->see('UTC · own work may be checked, and the record says so');

        $this->press('Bench', '20 figures');
        $this->click("//a[contains(., '20 figures')]");
        $this->paintAll();
        $this->press('Hand 20 figures over', 'to check');

        $this->press('Check', 'Keepers, figure 1');
        $this->click("(//a[contains(., 'Keepers, figure 1')])[1]");
        $this->passAll();
        $this->press('Sign off', 'The record is sealed');
        $this->click("//div[@role='dialog']//button[normalize-space(.)='Sign off']");
        $page->see('Accepted')->see('Signed by Tam Bray');
        $page->open('/')->dontSee('To the first signed figure');

        self::assertLessThanOrEqual(self::MOST_ACTIONS, $this->actions);
    }

    private function paintAll(): void
    {
        $page = $this->page->see('Done on all 20 figures');
        $sure = "//button[normalize-space(.)='It is dry, mark it']";
        $hand = fn (): string => preg_match('/step (\d+) of \d+/', $page->text(), $match) === 1 ? $match[1] : 'none';
        while ($page->count("//button[starts-with(normalize-space(.), 'Hand 20 figures over')]") === 0) {
            $at = $hand();
            $this->click("//button[normalize-space(.)='Done on all 20 figures']");
            $page->await(fn (): bool => $hand() !== $at || $page->count($sure) > 0, "Step {$at} is neither marked nor asked about. %s");
            if ($page->count($sure) > 0) {
                $this->click($sure);
                $page->await(fn (): bool => $hand() !== $at, "Step {$at} is not marked. %s");
            }
            self::assertLessThanOrEqual(self::MOST_ACTIONS, $this->actions);
        }
    }

    private function passAll(): void
    {
        $page = $this->page->see('If it were judged now');
        while (! str_contains($page->text(), 'Everything is answered')) {
            $before = $page->find("//section[@aria-label='Verdict']")->getText();
            $asks = $page->count("//*[@aria-label='Answer']") > 0 && str_contains($page->find("//*[@class='in-hand-place']")->getText(), 'such at this side');
            $page->key($asks ? 'a' : 'p');
            $this->actions++;
            $page->await(static fn (): bool => $page->find("//section[@aria-label='Verdict']")->getText() !== $before, 'The check does not move. %s');
            self::assertLessThanOrEqual(self::MOST_ACTIONS, $this->actions);
        }
    }

    private function press(string $words, string $then): void
    {
        $this->page->press($words)->see($then);
        $this->actions++;
    }

    private function click(string $xpath): void
    {
        $this->page->click($xpath);
        $this->actions++;
    }

    private function fill(string $field, string $words): void
    {
        $this->page->fill($field, $words);
        $this->actions++;
    }

    private function lead(): void
    {
        self::database();
        $studio = Studio::query()->create(['name' => 'Mole House', 'time_zone' => 'UTC', 'currency' => 'EUR']);
        User::query()->create(['studio_id' => $studio->id, 'name' => 'Tam Bray', 'email' => 'tam@mole.example', 'password' => Hash::make('lamplight'), 'role' => Role::Lead]);
    }
}
