<?php

declare(strict_types=1);

namespace Tests\Core\Standard;

use Core\Standard\Answering;
use Core\Standard\Rise;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\SmallStandard;

/** Rich cloth beside plain cloth, by hand: the base is the same, the recess wash stands for the wash, the light is another technique. */
final class RiseTest extends TestCase
{
    public function test_what_a_tier_adds_to_the_one_below(): void
    {
        $standard = SmallStandard::standard();
        $rich = $standard->requirement('rich', 'cloth');
        self::assertNotNull($rich);
        $rises = [];
        foreach ($rich->uses as $use) {
            $rises[$use->id] = Rise::of($use, $standard->requirement('plain', 'cloth'), new Answering($standard))->kind;
        }

        self::assertSame(['base' => 'same', 'recess' => 'instead', 'light' => 'instead', 'buckles' => 'same'], $rises);
    }

    public function test_more_says_what_it_was(): void
    {
        $document = SmallStandard::with(['/requirements/4/uses/0' => ['technique' => 'base', 'coats' => 3]]);
        $standard = \Document\Standard\StandardReader::ofSound()->read($document);
        $use = $standard->requirement('rich', 'cloth')?->use('base');
        self::assertNotNull($use);
        $rise = Rise::of($use, $standard->requirement('plain', 'cloth'), new Answering($standard));

        self::assertSame(['more', '2 coats'], [$rise->kind, $rise->note]);
    }

    public function test_where_nothing_was_everything_is_new(): void
    {
        $standard = SmallStandard::standard();
        $use = $standard->requirement('rich', 'cloth')?->use('base');
        self::assertNotNull($use);

        self::assertSame('new', Rise::of($use, null, new Answering($standard))->kind);
    }
}
