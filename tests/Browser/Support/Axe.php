<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use Facebook\WebDriver\Remote\RemoteWebDriver;

/** The accessibility check of axe-core, on the page as it stands. */
final readonly class Axe
{
    /** @return list<string> rule, impact and place of each serious or critical finding */
    public static function seriousFindings(RemoteWebDriver $driver): array
    {
        $driver->executeScript((string) file_get_contents(__DIR__.'/../../../node_modules/axe-core/axe.min.js'));
        $result = $driver->executeAsyncScript(<<<'JS'
            const done = arguments[arguments.length - 1];
            axe.run(document, { runOnly: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'] }).then(
                (result) => done(result.violations.filter((one) => ['serious', 'critical'].includes(one.impact))
                    .flatMap((one) => one.nodes.map((node) => `${one.id} (${one.impact}) at ${node.target.join(' ')}: ${node.failureSummary}`))),
                (error) => done([String(error)]),
            );
            JS);

        return is_array($result) ? array_values(array_filter($result, is_string(...))) : ['axe gave no answer'];
    }
}
