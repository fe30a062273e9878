<?php

declare(strict_types=1);

namespace Tests\Document;

use Core\CoreException;
use Document\Standard\Refusals;
use Document\Standard\StandardReader;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\SmallStandard;

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

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function refused(): iterable
    {
        yield 'an id twice among techniques' => [['/techniques/-' => SmallStandard::document()['techniques'][0]], 'duplicate-id', '/techniques/10/id'];
        yield 'a technique that is laid into one that nothing has' => [['/techniques/3/wet_into' => ['sponge']], 'unknown-technique', '/techniques/3/wet_into/0'];
        yield 'a technique that is laid into one twice' => [['/techniques/3/wet_into' => ['wash', 'wash']], 'duplicate-id', '/techniques/3/wet_into/1'];
        yield 'a technique that replaces one that nothing has' => [['/techniques/3/replaces' => ['wash', 'sponge']], 'unknown-technique', '/techniques/3/replaces/1'];
        yield 'a rank twice' => [['/tiers/1/rank' => 1], 'duplicate-rank', '/tiers/1/rank'];
        yield 'a requirement of a tier that nothing has' => [['/requirements/0/tier' => 'gold'], 'unknown-tier', '/requirements/0/tier'];
        yield 'a requirement twice' => [['/requirements/-' => SmallStandard::document()['requirements'][1]], 'duplicate-requirement', '/requirements/5'];
        yield 'a use twice, named after its technique' => [['/requirements/0/uses/-' => ['technique' => 'prime']], 'duplicate-use', '/requirements/0/uses/1/technique'];
        yield 'a use twice, by id' => [['/requirements/0/uses/-' => ['id' => 'prime', 'technique' => 'base']], 'duplicate-use', '/requirements/0/uses/1/id'];
        yield 'a technique that nothing has' => [['/requirements/0/uses/0/technique' => 'sponge'], 'unknown-technique', '/requirements/0/uses/0/technique'];
        yield 'one of several techniques that nothing has' => [['/requirements/1/uses/2/any_of' => ['layer', 'sponge']], 'unknown-technique', '/requirements/1/uses/2/any_of/1'];
        yield 'minutes a piece without a piece' => [['/requirements/0/uses/0/each' => 2], 'each-without-feature', '/requirements/0/uses/0/each'];
        yield 'a criterion of a use that is not there' => [['/requirements/1/criteria' => [['id' => 'lit', 'text' => 'Lit.', 'severity' => 'minor', 'uses' => ['light', 'freehand']]]], 'unknown-use', '/requirements/1/criteria/0/uses/1'];
        yield 'a use that takes turns with one that is not there' => [['/requirements/1/uses/0/in_turn_with' => 'strokes'], 'unknown-use', '/requirements/1/uses/0/in_turn_with'];
        yield 'a use that takes turns with itself' => [['/requirements/0/uses/0/in_turn_with' => 'prime'], 'unknown-use', '/requirements/0/uses/0/in_turn_with'];
        yield 'a reference area of an unknown surface' => [['/reference' => ['size' => 1, 'areas' => [['id' => 'a', 'surface' => 'glass', 'share' => 1]]]], 'unknown-surface', '/reference/areas/0/surface'];
    }

    /** @param  array<string, mixed>  $changes */
    #[DataProvider('refused')]
    public function test_a_defect_is_refused_at_its_place(array $changes, string $code, string $pointer): void
    {
        try {
            StandardReader::ofSound()->read(SmallStandard::with($changes));
        } catch (CoreException $refusal) {
            self::assertSame([$code, $pointer], [$refusal->code(), $refusal->pointer()]);

            return;
        }
        self::fail("{$code} was expected at {$pointer}.");
    }

    public function test_every_defect_is_told_when_refusals_are_kept(): void
    {
        $document = SmallStandard::with(['/tiers/1/rank' => 1, '/requirements/0/uses/0' => ['technique' => 'sponge', 'each' => 2]]);
        $refusals = Refusals::kept();
        StandardReader::ofSound($refusals)->read($document);

        self::assertSame(
            ['/tiers/1/rank', '/requirements/0/uses/0/technique', '/requirements/0/uses/0/each'],
            array_map(static fn (CoreException $refusal): string => $refusal->pointer(), $refusals->all()),
        );
    }
}
