<?php

declare(strict_types=1);

namespace Tests\Core\Check;

use Core\Check\WhatItAdds;
use Core\Composition\ComposedCriterion;
use Core\Composition\Composition;
use Core\Standard\Area;
use Core\Standard\Criterion;
use Core\Standard\Severity;
use PHPUnit\Framework\TestCase;

final class WhatItAddsTest extends TestCase
{
    public function test_the_heaviest_criterion_that_judges_it_counts(): void
    {
        $face = new Area('face', 'skin', 0.1);
        $coat = new Area('coat', 'cloth', 0.4);
        $asked = static fn (Area $area, Severity $severity, string ...$uses): ComposedCriterion => new ComposedCriterion($area, new Criterion("{$area->id}-{$severity->value}", 'x', $severity, array_values($uses)));
        $composition = new Composition([], [
            $asked($face, Severity::Minor, 'eye'), $asked($face, Severity::Major, 'eye', 'light'), $asked($face, Severity::Critical, 'base'), $asked($coat, Severity::Critical),
        ], [], [], 0.0);
        $severity = static fn (string $area, string $use): ?Severity => WhatItAdds::of($composition, $area, $use, false, 1.0)->severity;

        self::assertSame([Severity::Major, Severity::Critical, null, Severity::Critical], [$severity('face', 'eye'), $severity('face', 'base'), $severity('face', 'wash'), $severity('coat', 'wash')]);
    }

    public function test_what_adds_most_comes_first_then_what_draws_the_eye_then_what_is_quick(): void
    {
        $inOrder = [
            new WhatItAdds(Severity::Critical, false, 90), new WhatItAdds(Severity::Major, true, 5), new WhatItAdds(Severity::Major, true, 6),
            new WhatItAdds(Severity::Major, false, 1), new WhatItAdds(Severity::Minor, true, 1), new WhatItAdds(null, true, 0),
        ];
        $mixed = array_reverse($inOrder);
        usort($mixed, static fn (WhatItAdds $one, WhatItAdds $other): int => $one->compare($other));

        self::assertSame($inOrder, $mixed);
    }
}
