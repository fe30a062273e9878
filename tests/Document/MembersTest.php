<?php

declare(strict_types=1);

namespace Tests\Document;

use Document\Member\AcceptanceMembers;
use Document\Member\AreaMembers;
use Document\Member\CriterionMembers;
use Document\Member\Member;
use Document\Member\Members;
use Document\Member\MenuMembers;
use Document\Member\ReferenceMembers;
use Document\Member\RequirementMembers;
use Document\Member\SurfaceMembers;
use Document\Member\TechniqueMembers;
use Document\Member\TierMembers;
use Document\Member\UseMembers;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use ReflectionClass;
use Tests\Core\Support\Demo;

/** What is declared of a member, held against the documents of the demo and against the written types. */
final class MembersTest extends TestCase
{
    public function test_what_is_read_and_spelled_is_what_was_written_with_defaults(): void
    {
        $demo = Demo::document();
        self::assertComesBack(SurfaceMembers::all(), $demo['surfaces']);
        self::assertComesBack(TechniqueMembers::all(), $demo['techniques']);
        self::assertComesBack(TierMembers::all(), $demo['tiers']);
        self::assertComesBack(ReferenceMembers::all(), [$demo['reference'] ?? []]);
        self::assertComesBack(AcceptanceMembers::all(), [
            ['code' => 'gap', 'tier' => 'watch', 'reason' => 'asked for'],
            ['code' => 'gap', 'tier' => 'watch', 'reason' => 'asked for', 'surface' => 'cloth', 'use' => 'wash', 'by' => 'the lead'],
        ]);
        self::assertComesBack(MenuMembers::all(), [['id' => 'base', 'uses' => ['sand', 'tufts'], 'name' => 'Base', 'choose' => 1]]);
        self::assertComesBack(CriterionMembers::all(), array_merge(...array_column($demo['requirements'], 'criteria')));
    }

    /**
     * @template T of object
     *
     * @param  Members<T>  $members
     * @param  list<array<string, mixed>>  $documents
     */
    private static function assertComesBack(Members $members, array $documents): void
    {
        self::assertNotSame([], $documents);
        foreach ($documents as $document) {
            $spelled = $members->spell($members->read($document));
            foreach ($members->all as $member) {
                $is = $spelled[$member->name];
                // A list that is left out is spelled as an empty one; what is written keeps every member, and defaults join them.
                $was = $document[$member->name] ?? ($is === [] ? [] : $members->otherwise($member));
                self::assertEquals(is_array($is) && is_array($was) ? array_replace_recursive($is, $was) : $was, $is, "{$member->name} of ".json_encode($document));
            }
        }
    }

    /** @return iterable<string, array{class-string, string, list<Member>, list<string>}> */
    public static function types(): iterable
    {
        yield 'surface' => [SurfaceMembers::class, 'SurfaceDocument', SurfaceMembers::all()->all, []];
        yield 'technique' => [TechniqueMembers::class, 'TechniqueDocument', TechniqueMembers::all()->all, []];
        yield 'tier' => [TierMembers::class, 'TierDocument', TierMembers::all()->all, []];
        yield 'use' => [UseMembers::class, 'UseDocument', UseMembers::degree()->all, ['any_of?', 'id?', 'technique?']];
        yield 'requirement' => [RequirementMembers::class, 'RequirementDocument', RequirementMembers::all()->all, []];
        yield 'menu' => [MenuMembers::class, 'MenuDocument', MenuMembers::all()->all, []];
        yield 'acceptance' => [AcceptanceMembers::class, 'AcceptanceDocument', AcceptanceMembers::all()->all, []];
        yield 'reference' => [ReferenceMembers::class, 'ReferenceDocument', ReferenceMembers::all()->all, []];
        yield 'area of the reference' => [AreaMembers::class, 'ReferenceAreaDocument', AreaMembers::ofReference()->all, []];
        yield 'area of a type' => [AreaMembers::class, 'TypeAreaDocument', AreaMembers::ofType()->all, []];
        yield 'criterion' => [CriterionMembers::class, 'CriterionDocument', CriterionMembers::all()->all, []];
    }

    /**
     * @param  class-string  $class
     * @param  list<Member>  $members
     * @param  list<string>  $further those that are read together
     */
    #[DataProvider('types')]
    public function test_the_written_type_has_the_declared_members(string $class, string $type, array $members, array $further): void
    {
        $docblock = strtr((string) (new ReflectionClass($class))->getDocComment(), ["{\n *   " => '{', ",\n *   " => ', ', ",\n * }" => '}']);
        self::assertSame(1, preg_match('/@phpstan-type '.$type.' array\{(.*)\}$/m', $docblock, $found));
        $flat = (string) preg_replace('/array\{[^{}]*\}/', 'array', $found[1]);
        $written = array_map(static fn (string $one): string => (string) strstr(trim($one), ':', true), explode(', ', (string) preg_replace('/<[^<>]*>/', '', $flat)));
        $declared = [...$further, ...array_map(static fn (Member $member): string => $member->name.($member->needed ? '' : '?'), $members)];
        sort($written);
        sort($declared);

        self::assertSame($declared, $written);
    }
}
