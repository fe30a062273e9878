<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use RuntimeException;

/** ChromeDriver and a headless Chromium, started for a run and stopped with it. */
final class Chrome
{
    /** Counts in the page what is being stored just now: a page that is left meanwhile takes its request along. */
    private const COUNTING = <<<'JS'
        window.storing = 0;
        const send = window.fetch;
        window.fetch = (asked, options) => {
            const reads = ['GET', 'HEAD'].includes((options?.method ?? asked.method ?? 'GET').toUpperCase());
            if (reads) {
                return send(asked, options);
            }
            window.storing += 1;
            return send(asked, options).finally(() => {
                window.storing -= 1;
            });
        };
        JS;

    /** @var resource|null */
    private $process = null;

    private ?RemoteWebDriver $driver = null;

    private readonly string $profile;

    public function __construct(private readonly int $port)
    {
        $this->profile = sys_get_temp_dir().'/ordotype-browser-'.getmypid();
    }

    public function driver(): RemoteWebDriver
    {
        return $this->driver ??= $this->start();
    }

    /** The viewport is as wide and high as is said, whatever the window is. */
    public function resize(int $width, int $height): void
    {
        $this->tell('Emulation.setDeviceMetricsOverride', ['width' => $width, 'height' => $height, 'deviceScaleFactor' => 1, 'mobile' => false]);
    }

    /** The browser of somebody who has set it to this language, as `de-DE`; an empty one: as it was. */
    public function speak(string $language): void
    {
        $this->tell('Emulation.setLocaleOverride', $language === '' ? [] : ['locale' => $language]);
    }

    /**
     * What is sent to addresses like these never arrives.
     *
     * @param  list<string>  $addresses with asterisks
     */
    public function cutOff(array $addresses): void
    {
        $this->tell('Network.enable');
        $this->tell('Network.setBlockedURLs', ['urls' => $addresses]);
    }

    /** @param  array<string, mixed>  $parameters */
    private function tell(string $command, array $parameters = []): void
    {
        (new ChromeDevToolsDriver($this->driver()))->execute($command, $parameters);
    }

    public function stop(): void
    {
        $this->driver?->quit();
        $this->driver = null;
        if ($this->process !== null) {
            proc_terminate($this->process);
            proc_close($this->process);
            $this->process = null;
        }
        exec('rm -rf '.escapeshellarg($this->profile));
    }

    private function start(): RemoteWebDriver
    {
        $log = ['file', '/dev/null', 'a'];
        $process = proc_open(['chromedriver', "--port={$this->port}", '--silent'], [['pipe', 'r'], $log, $log], $pipes);
        $this->process = $process === false ? throw new RuntimeException('ChromeDriver does not start; is chromium-driver installed?') : $process;
        $this->awaitAnswer();
        $options = (new ChromeOptions)->addArguments([
            '--headless=new', '--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking',
            '--disable-component-update', '--disable-sync', '--disable-dev-shm-usage', '--force-color-profile=srgb', "--user-data-dir={$this->profile}",
        ]);
        $capabilities = DesiredCapabilities::chrome()->setCapability(ChromeOptions::CAPABILITY, $options);

        $driver = RemoteWebDriver::create("http://127.0.0.1:{$this->port}", $capabilities, 30_000, 60_000);
        (new ChromeDevToolsDriver($driver))->execute('Page.addScriptToEvaluateOnNewDocument', ['source' => self::COUNTING]);

        return $driver;
    }

    private function awaitAnswer(): void
    {
        for ($tries = 0; $tries < 100; $tries++) {
            $socket = @fsockopen('127.0.0.1', $this->port);
            if ($socket !== false) {
                fclose($socket);

                return;
            }
            usleep(100_000);
        }

        throw new RuntimeException("ChromeDriver does not answer on port {$this->port}.");
    }
}
