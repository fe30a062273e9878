<?php

declare(strict_types=1);

namespace Tests\Core\Composition;

use Core\Composition\ComposedUse;
use Core\Composition\Composer;
use Core\Composition\Composition;
use Core\Composition\Figure;
use Core\Composition\FurtherCoats;
use Core\Standard\Area;
use Document\Standard\StandardReader;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\SmallStandard;

/** Coats beyond what is asked for, worked by hand on the small standard: a coat of 7 minutes takes two. */
final class FurtherCoatsTest extends TestCase
{
    public function test_a_third_coat_takes_half_as_long_again_as_two(): void
    {
        $bare = self::coat();
        $further = (new FurtherCoats(['coat' => ['base' => 1]]))->on($bare);

        self::assertSame([2, 7.0], self::base($bare));
        self::assertSame([3, 10.5], self::base($further));
        self::assertEqualsWithDelta($bare->minutes + 3.5, $further->minutes, 1e-9);
        self::assertNotSame($bare->signature(), $further->signature(), 'it is laid otherwise');
        self::assertSame($bare->criteria, $further->criteria, 'what is asked stays as it is');
    }

    public function test_what_names_nothing_that_is_painted_rests(): void
    {
        $bare = self::coat();

        self::assertSame($bare->signature(), (new FurtherCoats(['coat' => ['glaze' => 2], 'hat' => ['base' => 1]]))->on($bare)->signature());
        self::assertSame($bare, (new FurtherCoats([]))->on($bare));
    }

    public function test_more_than_may_be_laid_may_be_laid_then(): void
    {
        $use = static fn (int $more): ?int => (new FurtherCoats($more === 0 ? [] : ['coat' => ['base' => $more]]))->on(self::coat(['coats_to' => 3]))->usesOn('coat')[0]->use->leeway->coatsTo;

        self::assertSame([3, 3, 4], [$use(0), $use(1), $use(2)]);
    }

    public function test_the_same_coats_are_known_for_the_same(): void
    {
        self::assertSame('', (new FurtherCoats([]))->fingerprint());
        self::assertSame((new FurtherCoats(['coat' => ['base' => 1]]))->fingerprint(), (new FurtherCoats(['coat' => ['base' => 1]]))->fingerprint());
        self::assertNotSame((new FurtherCoats(['coat' => ['base' => 1]]))->fingerprint(), (new FurtherCoats(['coat' => ['base' => 2]]))->fingerprint());
    }

    /** @return array{int, float} coats and minutes of the lay-in */
    private static function base(Composition $composition): array
    {
        $uses = array_values(array_filter($composition->usesOn('coat'), static fn (ComposedUse $use): bool => $use->use->id === 'base'));

        return [$uses[0]->use->coats, $uses[0]->minutes];
    }

    /** @param  array<string, mixed>  $more of its lay-in */
    private static function coat(array $more = []): Composition
    {
        $document = SmallStandard::with(['/requirements/1/uses/0' => ['technique' => 'base', 'coats' => 2, 'minutes' => 12, 'fixed' => 1, ...$more]]);

        return (new Composer(StandardReader::ofSound()->read($document)))->compose(new Figure('plain', 1.0, [new Area('figure', 'whole', 1.0), new Area('coat', 'cloth', 0.5)]));
    }
}
