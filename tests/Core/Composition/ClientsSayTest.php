<?php

declare(strict_types=1);

namespace Tests\Core\Composition;

use Core\Composition\ClientsSay;
use Core\Composition\Composer;
use Core\Composition\Figure;
use Core\School\SchoolQuestion;
use Core\School\Schools;
use Core\Standard\Area;
use Document\Standard\StandardReader;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\SmallStandard;

/** In what a client has a say: what turns on what is laid, and nobody has chosen. Common practice, no source. */
final class ClientsSayTest extends TestCase
{
    private const METAL = ['/surfaces/1/plate' => 'blade'];

    private const LINED = ['/requirements/1/uses/1/technique' => 'line', '/techniques/-' => ['id' => 'line', 'name' => 'Dark line', 'group' => 'shade', 'opacity' => 'opaque']];

    /** @return iterable<string, array{array<string, mixed>, string, bool, array<string, list<string>>}> changes of the standard, tier, whether a scheme says the colours, what is asked */
    public static function cases(): iterable
    {
        yield 'a wash pools' => [[], 'plain', false, ['pools' => ['cloth']]];
        yield 'in whatever colour' => [[], 'plain', true, ['pools' => ['cloth']]];
        yield 'a wash in recesses alone does not' => [[], 'rich', false, []];
        yield 'the standard says' => [['/schools' => ['pools' => 'fault']], 'plain', false, []];
        yield 'the standard says of this surface' => [['/surfaces/1/schools' => ['pools' => 'wanted']], 'plain', false, []];
        yield 'the standard says of another surface' => [['/surfaces/2/schools' => ['pools' => 'wanted']], 'plain', false, ['pools' => ['cloth']]];
        yield 'a shade that covers is a dark line' => [self::LINED, 'plain', false, ['dark-lining' => ['cloth']]];
        yield 'whose colour a scheme says' => [self::LINED, 'plain', true, []];
        yield 'or the standard' => [self::LINED + ['/schools' => ['dark-lining' => 'black']], 'plain', false, []];
        yield 'a light on metal' => [self::METAL, 'rich', false, ['light-on-gold' => ['cloth']]];
        yield 'whose colour a scheme says as well' => [self::METAL, 'rich', true, []];
        yield 'a light on cloth is none on gold' => [[], 'rich', false, []];
    }

    /**
     * @param  array<string, mixed>  $changes
     * @param  array<string, list<string>>  $asked
     */
    #[DataProvider('cases')]
    public function test_it_is_asked(array $changes, string $tier, bool $isInColours, array $asked): void
    {
        $standard = StandardReader::ofSound()->read(SmallStandard::with($changes));
        $figure = new Figure($tier, 1.0, [new Area('figure', 'whole', 1.0), new Area('coat', 'cloth', 0.5), new Area('cape', 'cloth', 0.2)]);

        self::assertSame($asked, (new ClientsSay($standard, $isInColours))->open((new Composer($standard))->compose($figure)));
    }

    public function test_an_area_with_a_school_of_its_own_asks_nothing(): void
    {
        $standard = SmallStandard::standard();
        $own = (new Schools)->with(SchoolQuestion::Pools, 'wanted');
        $open = static fn (Schools $ofCape): array => (new ClientsSay($standard, false))->open((new Composer($standard))->compose(
            new Figure('plain', 1.0, [new Area('coat', 'cloth', 0.5, schools: $own), new Area('cape', 'cloth', 0.2, schools: $ofCape)]),
        ));

        self::assertSame([], $open($own));
        self::assertSame(['pools' => ['cloth']], $open(new Schools));
    }

    public function test_what_is_the_clients_decides_no_order(): void
    {
        foreach (SchoolQuestion::ofTheClient() as $question) {
            self::assertFalse($question->decidesOrder());
        }
        self::assertNotContains(SchoolQuestion::Metals, SchoolQuestion::ofTheClient());
    }
}
