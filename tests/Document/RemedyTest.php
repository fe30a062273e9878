<?php

declare(strict_types=1);

namespace Tests\Document;

use Core\Lint\CriteriaFollowTheSchools;
use Core\Lint\Finding;
use Core\Lint\LightStepsFitTheMinutes;
use Core\Lint\LimitsAreNoLooser;
use Core\Lint\Lint;
use Core\Lint\LookIsLongEnough;
use Core\Lint\MinutesDoNotFall;
use Core\Lint\RequirementsStandOnce;
use Core\Lint\TechniquesAreKnown;
use Core\Lint\TechniquesSuitSurfaces;
use Core\Lint\UsesAreJudged;
use Core\Lint\WhatComesBeforeIsThere;
use Core\Lint\WholeIsDecided;
use Core\Standard\Standard;
use Document\Standard\Remedy;
use Document\Standard\StandardPieces;
use Document\Standard\StandardReader;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Core\Lint\AdviceTest;
use Tests\Core\Lint\LintTest;
use Tests\Core\Support\SmallStandard;

/**
 * A remedy settles its finding, whatever it is.
 *
 * @phpstan-import-type StandardDocument from StandardReader
 */
final class RemedyTest extends TestCase
{
    private const NONE_KNOWN = [
        TechniquesAreKnown::CODE, RequirementsStandOnce::CODE, MinutesDoNotFall::CODE, UsesAreJudged::CODE,
        CriteriaFollowTheSchools::CODE, WhatComesBeforeIsThere::MISSING, WhatComesBeforeIsThere::WRONG_ORDER,
        TechniquesSuitSurfaces::CODE, WholeIsDecided::PRIMER, WholeIsDecided::BASE, WholeIsDecided::VARNISH,
    ];

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function defects(): iterable
    {
        foreach ([...iterator_to_array(LintTest::defects()), ...iterator_to_array(AdviceTest::cases())] as $label => [$changes]) {
            yield $label => [$changes];
        }
    }

    /** @param  array<string, mixed>  $changes */
    #[DataProvider('defects')]
    public function test_a_remedy_settles_its_finding(array $changes): void
    {
        $document = SmallStandard::with($changes);
        $standard = StandardReader::ofDraft()->read($document);
        $pieces = new StandardPieces($document);
        foreach (self::findings($standard) as $finding) {
            $remedy = (new Remedy($pieces, $standard))->for($finding);
            if ($remedy === null) {
                continue;
            }
            /** @var StandardDocument $mended */
            $mended = $pieces->with($remedy['piece'], $remedy['value'])->document;
            $left = array_map(static fn (Finding $one): string => $one->place(), self::findings(StandardReader::ofDraft()->read($mended)));
            self::assertNotContains($finding->place(), $left, $remedy['label']);
        }
        self::assertNotSame([], self::findings($standard));
    }

    public function test_there_is_a_remedy_for_every_code_that_one_change_can_settle(): void
    {
        $with = $without = [];
        foreach (self::defects() as [$changes]) {
            $document = SmallStandard::with($changes);
            $standard = StandardReader::ofDraft()->read($document);
            foreach (self::findings($standard) as $finding) {
                if ((new Remedy(new StandardPieces($document), $standard))->for($finding) === null) {
                    $without[] = $finding->code;
                } else {
                    $with[] = $finding->code;
                }
            }
        }
        foreach (Lint::codes() as $code) {
            self::assertContains($code, in_array($code, self::NONE_KNOWN, true) ? $without : $with, $code);
        }
    }

    /**
     * What was found is settled with the least that settles it.
     *
     * @param  array<string, mixed>  $changes
     */
    #[TestWith([['/tiers/1/budget_minutes' => 38], LightStepsFitTheMinutes::CODE, 'uses.2.minutes', 20.0])]
    #[TestWith([['/tiers/1/budget_minutes' => 38], LightStepsFitTheMinutes::CODE, 'uses.2.steps', 1])]
    #[TestWith([['/tiers/1/limits' => ['critical' => 0, 'major' => 0, 'minor' => 4]], LimitsAreNoLooser::CODE, 'limits', ['critical' => 0, 'major' => 0, 'minor' => 3]])]
    #[TestWith([['/tiers/0/look_minutes' => 14 / 60], LookIsLongEnough::CODE, 'look_minutes', 0.5])]
    public function test_what_a_remedy_says(array $changes, string $code, string $place, mixed $value): void
    {
        $document = SmallStandard::with($changes);
        $standard = StandardReader::ofDraft()->read($document);
        $found = array_values(array_filter(self::findings($standard), static fn (Finding $finding): bool => $finding->code === $code));
        $remedy = (new Remedy(new StandardPieces($document), $standard))->for($found[0]);

        $said = $remedy['value'] ?? null;
        foreach (explode('.', $place) as $name) {
            self::assertIsArray($said);
            $said = $said[$name] ?? null;
        }
        self::assertSame($value, $said);
    }

    /** @return list<Finding> */
    private static function findings(Standard $standard): array
    {
        $lint = new Lint(inUse: ['marking']);

        return [...$lint->read($standard), ...$lint->advise($standard)];
    }
}
