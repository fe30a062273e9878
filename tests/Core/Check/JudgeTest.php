<?php

declare(strict_types=1);

namespace Tests\Core\Check;

use Core\Check\BrokenFault;
use Core\Check\ColourFault;
use Core\Check\CriterionFault;
use Core\Check\Fault;
use Core\Check\FlawFault;
use Core\Check\Judge;
use Core\Check\Judgement;
use Core\Check\MissingFault;
use Core\Check\Zone;
use Core\Standard\FaultLimits;
use Core\Standard\Judging;
use Core\Standard\Severity;
use Core\Standard\Side;
use Core\Standard\VisualAngle;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Rows worked by hand on both sides of every limit: 700 mm, noticed from 2 minutes of arc, front and back, 0 critical, 1 major, 2 minor, colour 5. */
final class JudgeTest extends TestCase
{
    /** @return iterable<string, array{Fault, string}> */
    public static function severities(): iterable
    {
        $noticed = VisualAngle::arcmin(2)->sizeAt(700);
        $glaring = VisualAngle::arcmin(6)->sizeAt(700);
        $flaw = static fn (float $size, Zone $zone = Zone::Plain, Side $side = Side::Front, ?float $deltaE = null): FlawFault => new FlawFault($size, $zone, $side, $deltaE);

        yield 'a flaw just noticed in a plain place' => [$flaw($noticed), 'minor'];
        yield 'a flaw a hundredth smaller' => [$flaw($noticed * 0.99), 'none'];
        yield 'a flaw just noticed on a focal area' => [$flaw($noticed, Zone::Focal), 'major'];
        yield 'a flaw a hundredth smaller on a focal area' => [$flaw($noticed * 0.99, Zone::Focal), 'none'];
        yield 'three times what is noticed, plain' => [$flaw($glaring), 'major'];
        yield 'a hundredth less than three times, plain' => [$flaw($glaring * 0.99), 'minor'];
        yield '0.41 mm at 700 mm is 2.01 minutes of arc' => [$flaw(0.41), 'minor'];
        yield '0.40 mm at 700 mm is 1.96 minutes of arc' => [$flaw(0.40), 'none'];
        yield 'a large flaw on a side that does not count' => [$flaw(50, Zone::Focal, Side::Below), 'none'];
        yield 'a large flaw whose colour is 2.29 off' => [$flaw(50, Zone::Focal, Side::Front, 2.29), 'none'];
        yield 'a large flaw whose colour is 2.3 off' => [$flaw(50, Zone::Focal, Side::Front, 2.3), 'major'];
        yield 'a criterion carries its own severity' => [new CriterionFault(Severity::Minor, Side::Back), 'minor'];
        yield 'a criterion seen from nowhere in particular' => [new CriterionFault(Severity::Critical), 'critical'];
        yield 'a criterion on a side that does not count' => [new CriterionFault(Severity::Critical, Side::Left), 'none'];
        yield 'something missing is critical' => [new MissingFault, 'critical'];
        yield 'something missing, said to be minor' => [new MissingFault(Severity::Minor), 'minor'];
        yield 'something missing on a side that does not count' => [new MissingFault(Severity::Critical, Side::Above), 'none'];
        yield 'a colour off by the tolerance' => [new ColourFault(5.0), 'none'];
        yield 'a colour off by a little more' => [new ColourFault(5.01), 'major'];
        yield 'a broken part' => [new BrokenFault, 'critical'];
    }

    #[DataProvider('severities')]
    public function test_severity(Fault $fault, string $severity): void
    {
        $weight = self::judge($fault)->weights[0];

        self::assertSame($severity, $weight->severity->value ?? 'none');
        self::assertStringEndsWith('.', $weight->sentence);
    }

    /** @return iterable<string, array{list<Fault>, string}> */
    public static function verdicts(): iterable
    {
        $minor = new CriterionFault(Severity::Minor);
        $major = new CriterionFault(Severity::Major);

        yield 'nothing wrong' => [[], 'accept'];
        yield 'two minor are borne' => [[$minor, $minor], 'accept'];
        yield 'three minor are not' => [[$minor, $minor, $minor], 'rework'];
        yield 'one major is borne' => [[$major], 'accept'];
        yield 'two major are not' => [[$major, $major], 'rework'];
        yield 'both limits reached at once' => [[$major, $minor, $minor], 'accept'];
        yield 'one critical is not borne' => [[new MissingFault], 'rework'];
        yield 'a waived critical is a concession' => [[new MissingFault(waived: true)], 'concession'];
        yield 'a waived fault beside one too many' => [[new MissingFault(waived: true), $major, $major], 'rework'];
        yield 'a waived fault that would not have counted' => [[new CriterionFault(Severity::Critical, Side::Below, true)], 'accept'];
        yield 'waiving one of two major' => [[$major, new CriterionFault(Severity::Major, null, true)], 'concession'];
    }

    /** @param  list<Fault>  $faults */
    #[DataProvider('verdicts')]
    public function test_verdict(array $faults, string $verdict): void
    {
        self::assertSame($verdict, self::judge(...$faults)->verdict->value);
    }

    public function test_a_waived_fault_has_no_severity_and_is_left_out_of_the_counts(): void
    {
        $judgement = self::judge(new CriterionFault(Severity::Major, null, true), new CriterionFault(Severity::Minor));

        self::assertNull($judgement->weights[0]->severity);
        self::assertSame(['critical' => 0, 'major' => 0, 'minor' => 1], $judgement->counts);
    }

    public function test_the_same_flaw_counts_near_and_does_not_count_far_away(): void
    {
        $flaw = new FlawFault(0.5, Zone::Plain, Side::Front);

        self::assertSame(Severity::Minor, $flaw->weigh(self::judging(700))->severity);
        self::assertNull($flaw->weigh(self::judging(900))->severity);
    }

    private static function judge(Fault ...$faults): Judgement
    {
        return (new Judge(self::judging(700)))->judge(array_values($faults));
    }

    private static function judging(float $distance): Judging
    {
        return new Judging($distance, [Side::Front, Side::Back], new FaultLimits(0, 1, 2), 5.0, 2.0);
    }
}
