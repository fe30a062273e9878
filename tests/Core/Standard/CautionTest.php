<?php

declare(strict_types=1);

namespace Tests\Core\Standard;

use Core\Standard\Caution;
use Core\Standard\TechniqueGroup;
use PHPUnit\Framework\TestCase;

/** Common practice, no source; what a product's safety data sheet says comes first. */
final class CautionTest extends TestCase
{
    public function test_what_the_studio_says_of_a_technique_stands_after_what_is_said_of_its_kind(): void
    {
        self::assertSame(Caution::of(TechniqueGroup::Ground).' Let it warm up to the room first.', Caution::on(TechniqueGroup::Ground, 'Let it warm up to the room first.'));
        self::assertSame('Wear gloves.', Caution::on(TechniqueGroup::Tidy, ' Wear gloves. '));
        self::assertNull(Caution::on(TechniqueGroup::Tidy, ''));
    }

    public function test_what_is_said_already_is_not_said_twice(): void
    {
        self::assertSame(Caution::of(TechniqueGroup::Prepare), Caution::on(TechniqueGroup::Prepare, 'Cut away from the hand, cap off only in use. Old metal figures may hold lead: wash hands.'));
        self::assertSame(Caution::of(TechniqueGroup::Ground), Caution::on(TechniqueGroup::Ground, 'Outdoors or in an extracted booth, no flame.'));
    }

    public function test_a_sentence_with_one_part_that_is_not_said_stays_whole(): void
    {
        self::assertSame(Caution::of(TechniqueGroup::Wear).' Wear a mask, and gloves of nitrile.', Caution::on(TechniqueGroup::Wear, 'Wear a mask, and gloves of nitrile.'));
        self::assertSame(Caution::of(TechniqueGroup::LayIn).' Outdoors or in an extracted booth, no flame.', Caution::on(TechniqueGroup::LayIn, 'Outdoors or in an extracted booth, no flame.'));
    }

    public function test_of_several_each_sentence_is_said_once(): void
    {
        self::assertSame('Never point a brush with the lips. Long close work: good light, breaks. Wear a mask.', Caution::together([
            'Never point a brush with the lips. Long close work: good light, breaks.', null, 'Wear a mask. Never point a brush with the lips.',
        ]));
        self::assertNull(Caution::together([null]));
        self::assertNull(Caution::together([]));
    }
}
