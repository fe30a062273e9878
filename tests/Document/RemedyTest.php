<?php

declare(strict_types=1);

namespace Tests\Document;

use Core\Lint\CriteriaFollowTheSchools;
use Core\Lint\Finding;
use Core\Lint\Lint;
use Core\Lint\MinutesDoNotFall;
use Core\Lint\RequirementsStandOnce;
use Core\Lint\TechniquesAreKnown;
use Core\Lint\UsesAreJudged;
use Core\Lint\WhatComesBeforeIsThere;
use Core\Standard\Standard;
use Document\Standard\Remedy;
use Document\Standard\StandardPieces;
use Document\Standard\StandardReader;
use PHPUnit\Framework\Attributes\DataProvider;
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

    /** @return list<Finding> */
    private static function findings(Standard $standard): array
    {
        $lint = new Lint(inUse: ['marking']);

        return [...$lint->read($standard), ...$lint->advise($standard)];
    }
}
