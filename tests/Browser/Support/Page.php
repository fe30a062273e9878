<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use Facebook\WebDriver\Exception\StaleElementReferenceException;
use Facebook\WebDriver\Exception\TimeoutException;
use Facebook\WebDriver\Exception\WebDriverException;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverElement;
use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Assert;
use RuntimeException;

/** The application as somebody sees it: things are found by the words on them. */
final readonly class Page
{
    private const PATIENCE = 180;

    public function __construct(
        public RemoteWebDriver $driver,
        private string $address,
    ) {
    }

    public function addressOf(string $path): string
    {
        return $this->address.$path;
    }

    /** Leaves the page as somebody does who has waited until all is stored, however slow the machine is. */
    public function open(string $path): self
    {
        $this->await(fn (): bool => ! ($this->driver->executeScript('return window.storing') > 0), "Something is being stored and does not end. The page says:\n".'%s');
        $this->driver->get($this->addressOf($path));

        return $this;
    }

    /**
     * Signed out, on no page of the application: one that is left open would notice it in its own time, go to
     * the door and remember where it was, and whoever signs in next would be led there.
     */
    public function asNobody(): self
    {
        $this->open('/build/manifest.json');
        $this->driver->manage()->deleteAllCookies();

        return $this;
    }

    public function signIn(string $email, string $password = 'lamplight'): self
    {
        $this->asNobody()->open('/sign-in');
        $this->field('E-mail')->sendKeys($email);
        $this->field('Password')->sendKeys($password);
        $this->press('Sign in');
        $this->see('What waits for');

        return $this;
    }

    /** Waits until the words stand on the page. */
    public function see(string $words): self
    {
        $this->await(fn (): bool => str_contains($this->text(), $words), "\"{$words}\" does not appear. The page says:\n".'%s');

        return $this;
    }

    public function dontSee(string $words): self
    {
        $this->await(fn (): bool => ! str_contains($this->text(), $words), "\"{$words}\" does not go away. The page says:\n".'%s');

        return $this;
    }

    /** What can be read on the page. Asked of the page itself: the driver's own way takes seconds on a large sheet. */
    public function text(): string
    {
        $text = $this->driver->executeScript('return document.body.innerText');

        return is_string($text) ? (string) preg_replace('/[ \t\x{a0}]+/u', ' ', $text) : '';
    }

    /** Presses the first button or link whose words, or label, begin so. */
    public function press(string $words): self
    {
        $quoted = self::quoted($words);
        $shown = "starts-with(normalize-space(.), {$quoted}) or starts-with(@aria-label, {$quoted})";
        $this->click("//button[not(@disabled)][{$shown}] | //a[{$shown}] | //*[@role='button'][{$shown}] | //*[@role='menuitem'][{$shown}]");

        return $this;
    }

    public function click(string $xpath): self
    {
        $this->await(function () use ($xpath): bool {
            foreach ($this->driver->findElements(WebDriverBy::xpath($xpath)) as $element) {
                if ($element->isDisplayed()) {
                    return $this->hits($element);
                }
            }

            return false;
        }, "Nothing to press: {$xpath}. The page says:\n".'%s');

        return $this;
    }

    /** Whether the press went to it: what is loaded meanwhile may move it from under the pointer, and nothing is pressed then. */
    private function hits(WebDriverElement $element): bool
    {
        $this->driver->executeScript(<<<'JS'
            arguments[0].scrollIntoView({ block: 'center', inline: 'center' });
            window.missed = true;
            arguments[0].addEventListener('mousedown', () => { window.missed = false; }, { capture: true, once: true });
            JS, [$element]);
        $element->click();

        return $this->driver->executeScript('return window.missed') !== true;
    }

    /** Takes a part of a figure in hand, by key: the middle of what is round two legs is neither of them. */
    public function take(string $area): self
    {
        $this->await(fn (): bool => $this->count("//div[@role='dialog']") === 0, 'A dialog is open yet.');
        $this->driver->executeScript('arguments[0].focus()', [$this->find("//*[@role='button'][starts-with(@aria-label, ".self::quoted($area).')]')]);
        $this->driver->getKeyboard()->sendKeys(WebDriverKeys::ENTER);

        return $this;
    }

    /** The input with this label. */
    public function field(string $label): WebDriverElement
    {
        $quoted = self::quoted($label);

        return $this->find("//*[self::input or self::textarea][@aria-label={$quoted} or @id=//label[starts-with(normalize-space(.), {$quoted})]/@for]"
            ." | //label[starts-with(normalize-space(.), {$quoted})]//*[self::input or self::textarea]");
    }

    public function fill(string $label, string $text): self
    {
        $field = $this->field($label);
        $field->sendKeys([WebDriverKeys::CONTROL, 'a']);
        $field->sendKeys($text);

        return $this;
    }

    /** Chooses a file with this content. */
    public function upload(string $label, string $name, string $content): self
    {
        $folder = sys_get_temp_dir().'/upload-'.bin2hex(random_bytes(6));
        mkdir($folder);
        file_put_contents("{$folder}/{$name}", $content);
        $quoted = self::quoted($label);
        $this->find("//label[starts-with(normalize-space(.), {$quoted})]//input[@type='file'] | //input[@type='file'][@id=//label[starts-with(normalize-space(.), {$quoted})]/@for]")->sendKeys("{$folder}/{$name}");
        register_shutdown_function(static function () use ($folder, $name): void {
            @unlink("{$folder}/{$name}");
            @rmdir($folder);
        });

        return $this;
    }

    /** Opens the select with this label and takes the option with these words. */
    public function choose(string $label, string $option): self
    {
        $this->unfold($label)->click("//*[contains(@class, 'ant-select-item-option')][not(ancestor::*[contains(@class, 'ant-select-dropdown-hidden')])]//*[normalize-space(.)=".self::quoted($option).']');

        return $this;
    }

    /** Opens a drop-down and leaves it open, with its entries there to be seen. */
    public function unfold(string $label): self
    {
        $quoted = self::quoted($label);
        $this->click("//input[@role='combobox'][@aria-label={$quoted}]/ancestor::*[contains(concat(' ', @class, ' '), ' ant-select ')][1]");
        $this->find("//*[contains(@class, 'ant-select-item-option')][not(ancestor::*[contains(@class, 'ant-select-dropdown-hidden')])]");

        return $this;
    }

    /** Opens a long select, looks for these words in it and takes the first that has them. */
    public function pick(string $label, string $words): self
    {
        $this->unfold($label)->field($label)->sendKeys($words);
        $this->click("//*[contains(@class, 'ant-select-item-option')][not(ancestor::*[contains(@class, 'ant-select-dropdown-hidden')])]//*[normalize-space(.)=".self::quoted($words).']');

        return $this;
    }

    /** A key pressed on the page, with nothing being typed. */
    public function key(string $key): self
    {
        $this->driver->executeScript('document.activeElement?.blur()');
        $this->driver->getKeyboard()->sendKeys($key);

        return $this;
    }

    public function find(string $xpath): WebDriverElement
    {
        $found = null;
        $this->await(function () use ($xpath, &$found): bool {
            foreach ($this->driver->findElements(WebDriverBy::xpath($xpath)) as $element) {
                if ($element->isDisplayed()) {
                    $found = $element;

                    return true;
                }
            }

            return false;
        }, "Not there: {$xpath}. The page says:\n".'%s');

        return $found ?? throw new RuntimeException($xpath);
    }

    public function count(string $xpath): int
    {
        return count($this->driver->findElements(WebDriverBy::xpath($xpath)));
    }

    public function path(): string
    {
        return (string) parse_url($this->driver->getCurrentURL(), PHP_URL_PATH);
    }

    /** @param  callable(): bool  $holds */
    public function await(callable $holds, string $otherwise): void
    {
        $until = microtime(true) + self::PATIENCE;
        do {
            try {
                if ($holds()) {
                    Assert::assertThat(true, Assert::isTrue());

                    return;
                }
            } catch (StaleElementReferenceException|WebDriverException $moved) {
                if ($moved instanceof TimeoutException) {
                    throw $moved;
                }
                // The page was drawn anew between finding and touching; look again.
            }
            usleep(60_000);
        } while (microtime(true) < $until);

        throw new RuntimeException(str_replace('%s', mb_substr($this->text(), 0, 12000), $otherwise));
    }

    private static function quoted(string $words): string
    {
        return str_contains($words, "'") ? '"'.$words.'"' : "'{$words}'";
    }
}
