<?php

declare(strict_types=1);

namespace Tests\Core\Standard;

use Core\CoreException;
use Core\Standard\Refusals;
use Core\Standard\StandardReader;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\SmallStandard;

/**
 * @phpstan-import-type StandardDocument from StandardReader
 */
final class StandardReaderTest extends TestCase
{
    public function test_defaults_stand_where_members_are_left_out(): void
    {
        $standard = SmallStandard::standard();
        $use = $standard->requirement('plain', 'cloth')?->use('shade');

        self::assertSame([1, 1, 'every', 0.0], [$use?->coats, $use?->steps, $use?->extent->value, $use?->allowance->fixed]);
        self::assertTrue($standard->surface('cloth')->needsLayIn);
        self::assertSame('all', $standard->technique('base')->liesOn->value);
    }

    public function test_a_use_without_an_id_is_named_after_its_technique(): void
    {
        self::assertNotNull(SmallStandard::standard()->requirement('plain', 'cloth')?->use('base'));
    }

    /** @return iterable<string, array{callable(StandardDocument): StandardDocument, string, string}> */
    public static function refused(): iterable
    {
        yield 'an id twice among techniques' => [static function (array $d): array {
            $d['techniques'][] = $d['techniques'][0];

            return $d;
        }, 'duplicate-id', '/techniques/10/id'];
        yield 'a technique that replaces one that nothing has' => [static function (array $d): array {
            $d['techniques'][3]['replaces'] = ['wash', 'sponge'];

            return $d;
        }, 'unknown-technique', '/techniques/3/replaces/1'];
        yield 'a rank twice' => [static function (array $d): array {
            $d['tiers'][1]['rank'] = 1;

            return $d;
        }, 'duplicate-rank', '/tiers/1/rank'];
        yield 'a requirement of a tier that nothing has' => [static function (array $d): array {
            $d['requirements'][0]['tier'] = 'gold';

            return $d;
        }, 'unknown-tier', '/requirements/0/tier'];
        yield 'a requirement twice' => [static function (array $d): array {
            $d['requirements'][] = $d['requirements'][1];

            return $d;
        }, 'duplicate-requirement', '/requirements/5'];
        yield 'a use twice, named after its technique' => [static function (array $d): array {
            $d['requirements'][0]['uses'][] = ['technique' => 'prime'];

            return $d;
        }, 'duplicate-use', '/requirements/0/uses/1/technique'];
        yield 'a use twice, by id' => [static function (array $d): array {
            $d['requirements'][0]['uses'][] = ['id' => 'prime', 'technique' => 'base'];

            return $d;
        }, 'duplicate-use', '/requirements/0/uses/1/id'];
        yield 'a technique that nothing has' => [static function (array $d): array {
            $d['requirements'][0]['uses'][0]['technique'] = 'sponge';

            return $d;
        }, 'unknown-technique', '/requirements/0/uses/0/technique'];
        yield 'one of several techniques that nothing has' => [static function (array $d): array {
            $d['requirements'][1]['uses'][2]['any_of'] = ['layer', 'sponge'];

            return $d;
        }, 'unknown-technique', '/requirements/1/uses/2/any_of/1'];
        yield 'minutes a piece without a piece' => [static function (array $d): array {
            $d['requirements'][0]['uses'][0]['each'] = 2;

            return $d;
        }, 'each-without-feature', '/requirements/0/uses/0/each'];
        yield 'a criterion of a use that is not there' => [static function (array $d): array {
            $d['requirements'][1]['criteria'] = [['id' => 'lit', 'text' => 'Lit.', 'severity' => 'minor', 'uses' => ['light', 'freehand']]];

            return $d;
        }, 'unknown-use', '/requirements/1/criteria/0/uses/1'];
        yield 'a reference area of an unknown surface' => [static function (array $d): array {
            $d['reference'] = ['size' => 1, 'areas' => [['id' => 'a', 'surface' => 'glass', 'share' => 1]]];

            return $d;
        }, 'unknown-surface', '/reference/areas/0/surface'];
    }

    /** @param callable(StandardDocument): StandardDocument $broken */
    #[DataProvider('refused')]
    public function test_a_defect_is_refused_at_its_place(callable $broken, string $code, string $pointer): void
    {
        try {
            StandardReader::ofSound()->read($broken(SmallStandard::document()));
        } catch (CoreException $refusal) {
            self::assertSame([$code, $pointer], [$refusal->code(), $refusal->pointer()]);

            return;
        }
        self::fail("{$code} was expected at {$pointer}.");
    }

    public function test_every_defect_is_told_when_refusals_are_kept(): void
    {
        $document = SmallStandard::document();
        $document['tiers'][1]['rank'] = 1;
        $document['requirements'][0]['uses'][0] = ['technique' => 'sponge', 'each' => 2];
        $refusals = Refusals::kept();
        StandardReader::ofSound($refusals)->read($document);

        self::assertSame(
            ['/tiers/1/rank', '/requirements/0/uses/0/technique', '/requirements/0/uses/0/each'],
            array_map(static fn (CoreException $refusal): string => $refusal->pointer(), $refusals->all()),
        );
    }
}
