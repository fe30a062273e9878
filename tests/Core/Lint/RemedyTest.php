<?php

declare(strict_types=1);

namespace Tests\Core\Lint;

use Core\Lint\Finding;
use Core\Lint\FindingCode;
use Core\Lint\Lint;
use Core\Lint\Remedy;
use Core\Standard\Standard;
use Core\Standard\StandardPieces;
use Core\Standard\StandardReader;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\SmallStandard;

/**
 * A remedy settles its finding, whatever it is.
 *
 * @phpstan-import-type StandardDocument from StandardReader
 */
final class RemedyTest extends TestCase
{
    private const NONE_KNOWN = [
        FindingCode::UnknownTechnique, FindingCode::DuplicateRequirement, FindingCode::MinutesFall, FindingCode::UnjudgedUse,
        FindingCode::AgainstSchool, FindingCode::MissingBefore, FindingCode::WrongOrder,
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
        foreach (FindingCode::cases() as $code) {
            self::assertContains($code, in_array($code, self::NONE_KNOWN, true) ? $without : $with, $code->value);
        }
    }

    /** @return list<Finding> */
    private static function findings(Standard $standard): array
    {
        $lint = new Lint(inUse: ['marking']);

        return [...$lint->read($standard), ...$lint->advise($standard)];
    }
}
