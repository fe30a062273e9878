<?php

declare(strict_types=1);

namespace Tests\Core\Check;

use Core\Check\Answer;
use Core\Check\ColourFault;
use Core\Check\CriterionFault;
use Core\Check\Excuse;
use Core\Check\ExcusedUse;
use Core\Check\FaultKind;
use Core\Check\FlawFault;
use Core\Check\FoundFault;
use Core\Check\Judge;
use Core\Check\MissingFault;
use Core\Check\Sight;
use Core\Check\Weight;
use Core\Check\Zone;
use Core\Standard\FaultLimits;
use Core\Standard\Judging;
use Core\Standard\OutOfRange;
use Core\Standard\Severity;
use Core\Standard\Side;
use Core\Standard\VisualAngle;
use PHPUnit\Framework\TestCase;

/** What the weight of a fault says of itself: the sentence, and each number behind it. */
final class WeightTest extends TestCase
{
    public function test_a_flaw_says_what_it_was_reckoned_from(): void
    {
        // 2·atan(0.25/700) is 2.455 minutes of arc; 2 minutes at 700 mm are 0.4072 mm.
        $weight = (new FlawFault(0.5, Zone::Plain, Side::Front))->weigh(self::judging());

        self::assertSame([
            'size' => '0.5 mm', 'viewing distance' => '700 mm', 'visual angle' => '2.5 minutes of arc', 'noticed from' => '2 minutes of arc', 'smallest flaw that counts' => '0.41 mm', 'place' => 'plain',
        ], $weight->why->inputs);
        self::assertSame('0.5 mm at 700 mm is 2.5 minutes of arc; this tier notices from 2: noticed in a plain place, so it is minor.', $weight->sentence);
        self::assertSame('draws the eye', (new FlawFault(0.5, Zone::Focal, Side::Front))->weigh(self::judging())->why->inputs['place']);
    }

    public function test_a_flaw_says_why_it_counts_or_not(): void
    {
        $says = static fn (float $size, Zone $zone, ?float $deltaE = null): string => (new FlawFault($size, $zone, Side::Front, $deltaE))->weigh(self::judging())->sentence;

        self::assertStringEndsWith('less than this tier notices, so it is noted and not counted.', $says(0.3, Zone::Focal, 1.0));
        self::assertStringEndsWith('but the colours are too near to be told apart, so it does not count.', $says(0.5, Zone::Focal, 2.29));
        self::assertStringEndsWith('the area draws the eye, so it is major.', $says(5, Zone::Focal, 2.3));
        self::assertStringEndsWith('three times what is noticed or more, so it is major.', $says(5, Zone::Plain));
        self::assertStringContainsString('0 mm', $says(0, Zone::Plain), 'a flaw of no size is none, and no mistake');
    }

    public function test_the_others_say_what_they_were_reckoned_from(): void
    {
        $inputs = static fn (CriterionFault|MissingFault|ColourFault $fault): array => $fault->weigh(self::judging())->why->inputs;

        self::assertSame(['severity of the criterion' => 'minor'], $inputs(new CriterionFault(Severity::Minor)));
        self::assertSame(['severity' => 'critical'], $inputs(new MissingFault));
        self::assertSame(['CIEDE2000 difference' => '5', 'tolerance of the tier' => '5'], $inputs(new ColourFault(5.0)));
        self::assertSame(['side' => 'left', 'sides that count' => 'front, back'], $inputs(new MissingFault(Severity::Critical, Side::Left)));
        self::assertStringContainsString("within the tier's tolerance", (new ColourFault(5.0))->weigh(self::judging())->sentence);
        self::assertStringContainsString("over the tier's tolerance", (new ColourFault(5.01))->weigh(self::judging())->sentence);
    }

    public function test_what_is_not_known_of_a_found_fault_is_taken_for_the_worst_of_its_kind_or_for_nothing(): void
    {
        $weigh = static fn (FoundFault $found): Weight => $found->weighed()->weigh(self::judging());

        self::assertSame(['critical', 'minor'], [$weigh(new FoundFault(FaultKind::Criterion))->severity?->value, $weigh(new FoundFault(FaultKind::Criterion, Severity::Minor))->severity?->value]);
        self::assertSame(['critical', 'major'], [$weigh(new FoundFault(FaultKind::Missing))->severity?->value, $weigh(new FoundFault(FaultKind::Missing, Severity::Major))->severity?->value]);
        self::assertNull($weigh(new FoundFault(FaultKind::Criterion, Severity::Minor, Side::Left))->severity, 'its side does not count');
        self::assertSame('0 mm', $weigh(new FoundFault(FaultKind::Flaw))->why->inputs['size']);
        self::assertSame(['3 mm', 'draws the eye'], [$weigh(new FoundFault(FaultKind::Flaw, null, Side::Back, Zone::Focal, 3.0))->why->inputs['size'], $weigh(new FoundFault(FaultKind::Flaw, null, Side::Back, Zone::Focal, 3.0))->why->inputs['place']]);
    }

    public function test_a_waived_fault_says_what_it_would_have_been(): void
    {
        $judgement = (new Judge(self::judging()))->judge([new MissingFault(Severity::Major, null, true), new FlawFault(0.1, Zone::Plain, Side::Front, null, true)]);

        self::assertStringStartsWith('Waived by the lead. It would have been major. Asked for', $judgement->weights[0]->sentence);
        self::assertStringStartsWith('Waived by the lead. It would not have counted. 0.1 mm', $judgement->weights[1]->sentence);
        self::assertSame(['critical' => '0 of at most 0', 'major' => '0 of at most 1', 'minor' => '0 of at most 2', 'so' => 'concession'], $judgement->why->inputs);
    }

    public function test_sight_is_over_nothing_and_the_least_difference_may_be_nothing(): void
    {
        self::assertTrue((new Sight(0.5, 0.0))->tellsApart(0.0));
        // Of a fifth of full sight, five minutes of arc are the least.
        self::assertTrue((new Sight(0.2))->sees(VisualAngle::arcmin(5.001), null));
        self::assertFalse((new Sight(0.2))->sees(VisualAngle::arcmin(4.99), null));
        self::assertSame('The acuity is 0; it must be over 0.', self::refusal(static fn (): Sight => new Sight(0.0)));
        self::assertSame('The just noticeable difference is -0.1; it must be at least 0.', self::refusal(static fn (): Sight => new Sight(1.0, -0.1)));
        self::assertSame('The size in millimetres is -0.1; it must be at least 0.', self::refusal(static fn (): FlawFault => new FlawFault(-0.1, Zone::Plain, Side::Front)));
    }

    /** @param  callable(): mixed  $wrong */
    private static function refusal(callable $wrong): string
    {
        try {
            $wrong();
            self::fail('It is taken.');
        } catch (OutOfRange $refusal) {
            return $refusal->getMessage();
        }
    }

    public function test_what_is_said_of_an_excuse_and_of_an_answer(): void
    {
        $criterion = (new ExcusedUse('coat', 'wash', 'Wash', Excuse::Later, 'the wash is out', 'Isla'))->asCriterion();
        self::assertSame(['Wash: left for later. Isla says: the wash is out', ['wash'], Severity::Critical], [$criterion->text, $criterion->uses, $criterion->severity]);
        self::assertSame([false, false, false, true, true], array_map(static fn (Answer $answer): bool => $answer->needsReason(), [Answer::Holds, Answer::DoesNotHold, Answer::NotDone, Answer::NotOnFigure, Answer::Unreachable]));
        self::assertSame([false, true, true, false, false], array_map(static fn (Answer $answer): bool => $answer->isFault(), [Answer::Holds, Answer::DoesNotHold, Answer::NotDone, Answer::NotOnFigure, Answer::Unreachable]));
    }

    private static function judging(): Judging
    {
        return new Judging(700, [Side::Front, Side::Back], new FaultLimits(0, 1, 2), 5.0, 2.0);
    }
}
