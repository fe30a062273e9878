<?php

declare(strict_types=1);

namespace Tests\Core\Scheme;

use Core\Scheme\AreaLadder;
use Core\Scheme\FollowingLadders;
use Core\Scheme\LadderDifference;
use Core\Scheme\LadderMerge;
use Core\Scheme\Rung;
use Core\Scheme\RungRole;
use Core\Scheme\SaidLadder;
use Core\Scheme\SaidLadders;
use Core\Scheme\Turn;
use Core\Scheme\UseRecipe;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Paints;

/** Ladders that differ step by step: companies, figure types, areas that shall be the same. Common practice, no source. */
final class DifferingLaddersTest extends TestCase
{
    private const COMMON = 1;

    private const COMPANY = 2;

    private const COMMONS = [self::COMMON => null, self::COMPANY => self::COMMON];

    private const COAT = 'base Rust Buoy, shade Bilge wash, light Signal Red, light Ember Glow';

    /** @return iterable<string, array{string, string, string, string}> what it differed from, that one now, what differs, and what comes of it */
    public static function changes(): iterable
    {
        yield 'another last light stays and the new base comes' => [
            self::COAT, 'base Harbour Slate, shade Bilge wash, light Signal Red, light Ember Glow',
            'base Rust Buoy, shade Bilge wash, light Signal Red, light Gull White', 'base Harbour Slate, shade Bilge wash, light Signal Red, light Gull White',
        ];
        yield 'changes side by side keep apart' => [
            self::COAT, 'base Harbour Slate, shade Bilge wash, light Signal Red, light Ember Glow',
            'base Rust Buoy, shade Rosy wash, light Signal Red, light Ember Glow', 'base Harbour Slate, shade Rosy wash, light Signal Red, light Ember Glow',
        ];
        yield 'a light put in between comes in between' => [
            'base Rust Buoy, light Signal Red, light Ember Glow', 'base Rust Buoy, light Signal Red, light Cold Spray, light Ember Glow',
            'base Rust Buoy, light Signal Red, light Gull White', 'base Rust Buoy, light Signal Red, light Cold Spray, light Gull White',
        ];
        yield 'a step that was left out stays out' => [
            self::COAT, 'base Harbour Slate, shade Rosy wash, light Signal Red, light Ember Glow',
            'base Rust Buoy, light Signal Red, light Ember Glow', 'base Harbour Slate, light Signal Red, light Ember Glow',
        ];
        yield 'a step that the other lets go goes' => [
            self::COAT, 'base Rust Buoy, light Signal Red, light Ember Glow',
            'base Weir Blue, shade Bilge wash, light Signal Red, light Ember Glow', 'base Weir Blue, light Signal Red, light Ember Glow',
        ];
        yield 'a step of its own stays where it was put' => [
            'base Rust Buoy, light Signal Red', 'base Harbour Slate, light Signal Red',
            'base Rust Buoy, shade Bilge wash, light Signal Red, light Gull White', 'base Harbour Slate, shade Bilge wash, light Signal Red, light Gull White',
        ];
        yield 'where both put something in, its own stays' => [
            'base Rust Buoy', 'base Rust Buoy, light Signal Red',
            'base Rust Buoy, light Cold Spray', 'base Rust Buoy, light Cold Spray',
        ];
        yield 'what is wholly of its own stays' => [
            self::COAT, 'base Harbour Slate, shade Rosy wash, light Weir Blue',
            'base Old Brass, light New Brass', 'base Old Brass, light New Brass',
        ];
        yield 'what differs in nothing goes along in all' => [self::COAT, 'base Old Brass, light New Brass', self::COAT, 'base Old Brass, light New Brass'];
        yield 'a base laid after its shade is still one base' => [
            'base Rust Buoy, shade Bilge wash', 'shade Bilge wash, base Rust Buoy',
            'base Rust Buoy, shade Bilge wash, light Gull White', 'shade Bilge wash, base Rust Buoy, light Gull White',
        ];
        yield 'one that would come out without a base stays as it was' => [
            'base Rust Buoy, shade Bilge wash', 'shade Bilge wash, base Weir Blue',
            'base Rust Buoy, shade Bilge wash, light Gull White', 'base Rust Buoy, shade Bilge wash, light Gull White',
        ];
    }

    #[DataProvider('changes')]
    public function test_a_difference_keeps_the_rest(string $was, string $now, string $own, string $then): void
    {
        self::assertSame($then, self::text((new LadderMerge(self::ladder($was), self::ladder($now)))->over(self::ladder($own))));
    }

    public function test_members_and_uses_follow_where_nothing_of_their_own_is_said(): void
    {
        $eye = static fn (string $paint, int $step = 1): UseRecipe => new UseRecipe('eye', $step, Paints::mix([$paint => 1]));
        $was = new AreaLadder('face', [], [$eye('Gull White')]);
        $now = new AreaLadder('face', [], [$eye('Cold Spray'), $eye('Lamp Black', 2)], false, Turn::Warm, true);

        $same = (new LadderMerge($was, $now))->over($was);
        self::assertTrue($same->equals($now));

        $own = (new LadderMerge($was, $now))->over(new AreaLadder('face', [], [$eye('Ember Glow')], true, Turn::Cold));
        self::assertSame(['Ember Glow', 'Lamp Black'], $own->texts());
        self::assertSame([Turn::Cold, false, true], [$own->turn, $own->takesSharedLight, $own->isQuiet], 'the turn is its own');

        self::assertSame([], (new LadderMerge($was, new AreaLadder('face', [])))->over($was)->uses, 'what the other no longer says goes');
    }

    public function test_what_differs_is_told_rung_by_rung(): void
    {
        $difference = new LadderDifference(self::ladder('base Rust Buoy, light Signal Red, light Gull White'), self::ladder(self::COAT));

        self::assertSame([false, false, true], array_map($difference->differs(...), [0, 1, 2]));
        self::assertSame('Ember Glow', $difference->stoodFor(2)?->recipe->text());
        self::assertSame([[1, 'Bilge wash']], array_map(static fn (array $left): array => [$left['at'], $left['rung']->recipe->text()], $difference->leftOut()));
    }

    public function test_a_rung_that_is_only_wider_stands_for_itself(): void
    {
        $rung = static fn (string $paint, float $cover): Rung => new Rung(RungRole::Light, Paints::mix([$paint => 1]), $cover);
        $difference = new LadderDifference(new AreaLadder('coat', [$rung('Signal Red', 0.5)]), new AreaLadder('coat', [$rung('Signal Red', 0.6), $rung('Ember Glow', 0.3)]));

        self::assertSame('Signal Red', $difference->stoodFor(0)?->recipe->text());
        self::assertTrue($difference->differs(0));
    }

    public function test_a_scheme_comes_before_the_common_one_and_a_type_before_any(): void
    {
        $said = [
            self::said(1, self::COMMON, '', 'base Rust Buoy'), self::said(2, self::COMMON, 'ranger', 'base Weir Blue'),
            self::said(3, self::COMPANY, '', 'base Harbour Slate'), self::said(4, self::COMPANY, 'ranger', 'base Lamp Black'),
        ];
        $found = static fn (array $keys, string $type): ?int => (new SaidLadders(array_values(array_filter($said, static fn (SaidLadder $one): bool => in_array($one->key, $keys, true))), self::COMPANY, self::COMMON))->find($type, 'coat')?->key;

        self::assertSame([4, 3, 3, 2, 1, null], [$found([1, 2, 3, 4], 'ranger'), $found([1, 2, 3, 4], 'marine'), $found([1, 2, 3], 'ranger'), $found([1, 2], 'ranger'), $found([1, 2], 'marine'), $found([2, 4], 'marine')]);
        self::assertSame(1, (new SaidLadders($said, self::COMMON, null))->find('marine', 'coat')?->key, 'the common scheme knows nothing of companies');
    }

    public function test_a_company_that_differs_in_the_last_light_keeps_what_a_type_has_of_its_own(): void
    {
        $layers = new SaidLadders([
            self::said(1, self::COMMON, '', 'base Rust Buoy, light Signal Red, light Ember Glow'),
            self::said(2, self::COMMON, 'ranger', 'base Weir Blue, light Signal Red, light Ember Glow'),
            self::said(3, self::COMPANY, '', 'base Rust Buoy, light Signal Red, light Gull White'),
        ], self::COMPANY, self::COMMON);

        self::assertSame('base Weir Blue, light Signal Red, light Gull White', self::text($layers->find('ranger', 'coat')->ladder ?? self::ladder('')));
        self::assertSame('base Rust Buoy, light Signal Red, light Gull White', self::text($layers->find('marine', 'coat')->ladder ?? self::ladder('')));
    }

    public function test_a_change_is_carried_through_all_layers_and_leaves_what_is_of_its_own(): void
    {
        $said = [
            self::said(1, self::COMMON, '', 'base Rust Buoy, light Signal Red, light Ember Glow'),
            self::said(2, self::COMMON, 'ranger', 'base Weir Blue, light Signal Red, light Ember Glow'),
            self::said(3, self::COMPANY, '', 'base Rust Buoy, light Signal Red, light Gull White'),
            self::said(4, self::COMPANY, 'marine', 'base Lamp Black, light Signal Red, light Gull White'),
            self::said(5, self::COMMON, '', 'base Old Brass', area: 'belt'),
        ];
        $now = [$said[0]->with(self::ladder('base Rust Buoy, light Cold Spray, light Ember Glow')), ...array_slice($said, 1)];
        $then = [];
        foreach ((new FollowingLadders($said, self::COMMONS))->after($now, [1]) as $one) {
            $then[$one->key] = self::text($one->ladder);
        }
        ksort($then);

        self::assertSame([
            2 => 'base Weir Blue, light Cold Spray, light Ember Glow',
            3 => 'base Rust Buoy, light Cold Spray, light Gull White',
            4 => 'base Lamp Black, light Cold Spray, light Gull White',
        ], $then);
    }

    public function test_an_area_that_shall_be_the_same_follows_also_on_a_company_that_differs(): void
    {
        $said = [
            self::said(1, self::COMMON, '', 'base Rust Buoy, light Ember Glow', area: 'boots'),
            self::said(2, self::COMMON, '', 'base Rust Buoy, light Gull White', area: 'gloves', sameAs: 'boots'),
            self::said(3, self::COMPANY, '', 'base Weir Blue, light Ember Glow', area: 'boots'),
        ];
        $gloves = (new SaidLadders($said, self::COMPANY, self::COMMON))->find('marine', 'gloves');
        self::assertSame('base Weir Blue, light Gull White', self::text($gloves->ladder ?? self::ladder('')));
        self::assertSame('gloves', $gloves?->ladder->area);

        $now = [$said[0]->with(self::ladder('base Lamp Black, light Ember Glow', 'boots')), $said[1], $said[2]];
        $then = (new FollowingLadders($said, self::COMMONS))->after($now, [1]);
        self::assertSame([2], array_map(static fn (SaidLadder $one): int => $one->key, $then));
        self::assertSame('base Lamp Black, light Gull White', self::text($then[0]->ladder));
    }

    public function test_areas_that_shall_be_the_same_never_chase_each_other(): void
    {
        $said = [
            self::said(1, self::COMMON, '', 'base Rust Buoy', area: 'gloves', sameAs: 'boots'), self::said(2, self::COMMON, '', 'base Rust Buoy', area: 'boots'),
            self::said(3, self::COMPANY, '', 'base Weir Blue', area: 'boots', sameAs: 'gloves'),
        ];
        $common = new SaidLadders($said, self::COMMON, null);
        $company = new SaidLadders($said, self::COMPANY, self::COMMON);

        self::assertFalse($common->leadsBack('belt', 'gloves', ''));
        self::assertTrue($common->leadsBack('boots', 'gloves', ''));
        self::assertTrue($common->leadsBack('boots', 'boots', ''));
        self::assertNotNull($company->find('marine', 'gloves'), 'two that came to chase each other still end');
    }

    private static function said(int $key, int $scheme, string $type, string $ladder, string $area = 'coat', string $sameAs = ''): SaidLadder
    {
        return new SaidLadder($key, $scheme, $type, self::ladder($ladder, $area), $sameAs);
    }

    private static function ladder(string $text, string $area = 'coat'): AreaLadder
    {
        $rungs = [];
        foreach (array_filter(explode(', ', $text)) as $rung) {
            [$role, $paint] = explode(' ', $rung, 2);
            $rungs[] = new Rung(RungRole::from($role), Paints::mix([$paint => 1]));
        }

        return new AreaLadder($area, $rungs);
    }

    private static function text(AreaLadder $ladder): string
    {
        return implode(', ', array_map(static fn (Rung $rung): string => "{$rung->role->value} {$rung->recipe->text()}", $ladder->rungs));
    }
}
