<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Actions\People\Totp;

/** Somebody is invited, joins, sets up a second factor, and is later no longer of the studio. */
final class PeopleJourneyTest extends BrowserTestCase
{
    private const WORDS = 'wet rope, cold tar';

    public function test_somebody_joins_by_a_link_and_leaves_again(): void
    {
        $page = $this->page->signIn('lead@kittiwake.example')->open('/studio')->see('Isla Coade')->press('Invite somebody');
        foreach (['name' => 'Perran Nance', 'email' => 'perran@kittiwake.example'] as $field => $text) {
            $page->find("//aside//input[@id='{$field}']")->sendKeys($text);
        }
        $page->press('Make the link')->see('Send this link to them.');
        $this->assertAccessible('the link of an invitation');
        $link = (string) $page->field('Link of the invitation')->getAttribute('value');
        $page->press('Done')->see('Perran Nance is invited as painter');

        // What others know of one is no password; what joins is at the bench at once.
        $path = (string) parse_url($link, PHP_URL_PATH);
        $page->asNobody()->open($path)->see('Kittiwake Row invites you, Perran Nance, as painter.');
        $page->fill('Password', 'perran perran perran')->press('Join')->see('This password holds "perran"');
        $page->fill('Password', self::WORDS)->press('Join')->see('What waits for Perran Nance');
        $page->open($path)->see('This link was used');

        $code = $this->setUpSecondFactor();
        $this->signIn()->see('Code of your app')->fill('Code of your app', '000000')->press('Sign in')->see('not right');
        $page->fill('Code of your app', $code)->press('Sign in')->see('What waits for Perran Nance');

        // The password was said just now at signing in, so it is not asked again. The account ends while Perran is signed in; the next step meets the door.
        $session = $page->driver->manage()->getCookies();
        $page->signIn('lead@kittiwake.example')->open('/studio')->see('Perran Nance')->click("//button[@aria-label='Change Perran Nance']");
        $page->press('End the account')->see('ended; marks and signatures stay');
        $page->asNobody();
        foreach ($session as $cookie) {
            $page->driver->manage()->addCookie($cookie);
        }
        $page->open('/bench')->see('Write the standard once');
        $this->signIn()->dontSee('What waits for');
    }

    /** A recovery code of it. */
    private function setUpSecondFactor(): string
    {
        $page = $this->page->open('/account')->see('Second factor')->press('Set it up');
        if (str_contains($page->text(), 'Your password once more')) {
            $page->fill('Your password', self::WORDS)->press('Go on');
        }
        $page->see('Read the picture with the app');
        $secret = $page->find("//form[@class='second-factor']//code")->getText();
        $page->fill('The code it shows now', Totp::ofBase32((string) preg_replace('/\s/', '', $secret))->at(time()))->press('Turn it on')->see('It is on.');
        $this->assertAccessible('recovery codes');
        $code = $page->find("//div[@class='recovery']//code")->getText();
        $page->press('I have them')->see('recovery codes left');

        return $code;
    }

    private function signIn(): Support\Page
    {
        return $this->page->asNobody()->open('/sign-in')->fill('E-mail', 'perran@kittiwake.example')->fill('Password', self::WORDS)->press('Sign in');
    }
}
