<?php

declare(strict_types=1);

namespace Tests\Core\Properties;

use Core\Check\BrokenFault;
use Core\Check\ColourFault;
use Core\Check\CriterionFault;
use Core\Check\Fault;
use Core\Check\FlawFault;
use Core\Check\Judge;
use Core\Check\MissingFault;
use Core\Check\Sight;
use Core\Check\Verdict;
use Core\Check\Zone;
use Core\Standard\FaultLimits;
use Core\Standard\Judging;
use Core\Standard\Severity;
use Core\Standard\Side;
use Core\Standard\VisualAngle;
use PHPUnit\Framework\TestCase;

/** What must hold of every judgement, on faults drawn by chance from a fixed start. */
final class JudgingPropertiesTest extends TestCase
{
    private const ROUNDS = 400;

    private const RANK = ['accept' => 0, 'concession' => 1, 'rework' => 2];

    protected function setUp(): void
    {
        mt_srand(1729);
    }

    public function test_another_fault_never_makes_a_verdict_better(): void
    {
        for ($i = 0; $i < self::ROUNDS; $i++) {
            $judge = new Judge(self::judging());
            $faults = self::faults(false);
            $before = $judge->judge($faults)->verdict;
            $after = $judge->judge([...$faults, self::fault(false)])->verdict;
            self::assertGreaterThanOrEqual(self::RANK[$before->value], self::RANK[$after->value]);
        }
    }

    public function test_with_everything_waived_there_is_nothing_to_rework(): void
    {
        for ($i = 0; $i < self::ROUNDS; $i++) {
            $faults = array_map(static fn (): Fault => self::fault(true), range(1, mt_rand(1, 6)));
            $judgement = (new Judge(self::judging()))->judge($faults);
            self::assertNotSame(Verdict::Rework, $judgement->verdict);
            self::assertSame(0, array_sum($judgement->counts));
        }
    }

    public function test_the_counts_are_the_severities(): void
    {
        for ($i = 0; $i < self::ROUNDS; $i++) {
            $judgement = (new Judge(self::judging()))->judge(self::faults(false));
            foreach (Severity::cases() as $severity) {
                $weights = array_filter($judgement->weights, static fn ($weight): bool => $weight->severity === $severity);
                self::assertCount($judgement->counts[$severity->value], $weights);
            }
        }
    }

    public function test_the_order_of_faults_does_not_matter(): void
    {
        for ($i = 0; $i < self::ROUNDS; $i++) {
            $judge = new Judge(self::judging());
            $faults = self::faults(mt_rand(0, 1) === 1);
            self::assertSame($judge->judge($faults)->verdict, $judge->judge(array_reverse($faults))->verdict);
        }
    }

    public function test_a_larger_flaw_is_never_less_severe_nor_a_nearer_look(): void
    {
        $rank = static fn (?Severity $severity): int => match ($severity) {
            null => 0, Severity::Minor => 1, Severity::Major => 2, Severity::Critical => 3,
        };
        for ($i = 0; $i < self::ROUNDS; $i++) {
            $judging = self::judging();
            $near = new Judging($judging->distanceMm / 2, $judging->sides, $judging->limits, $judging->colourTolerance, $judging->noticeArcmin);
            $size = mt_rand(0, 4000) / 1000;
            $zone = mt_rand(0, 1) === 1 ? Zone::Focal : Zone::Plain;
            $weigh = static fn (float $size, Judging $judging): int => $rank((new FlawFault($size, $zone, Side::Front))->weigh($judging)->severity);
            self::assertGreaterThanOrEqual($weigh($size, $judging), $weigh($size * 1.5, $judging));
            self::assertGreaterThanOrEqual($weigh($size, $judging), $weigh($size, $near));
        }
    }

    public function test_angle_and_size_are_each_others_inverse(): void
    {
        for ($i = 0; $i < self::ROUNDS; $i++) {
            $distance = mt_rand(100, 6000);
            $arcmin = mt_rand(10, 6000) / 100;
            self::assertEqualsWithDelta($arcmin, VisualAngle::of(VisualAngle::arcmin($arcmin)->sizeAt($distance), $distance)->arcmin, 1e-9);
        }
    }

    public function test_what_is_seen_from_afar_is_seen_from_near(): void
    {
        $sight = new Sight;
        for ($i = 0; $i < self::ROUNDS; $i++) {
            $size = mt_rand(1, 3000) / 1000;
            $far = mt_rand(200, 3000);
            if ($sight->sees(VisualAngle::of($size, $far), null)) {
                self::assertTrue($sight->sees(VisualAngle::of($size, $far / 2), null));
            }
            self::assertLessThan($sight->smallestAt($far), $sight->smallestAt($far / 2));
        }
    }

    private static function judging(): Judging
    {
        return new Judging(mt_rand(150, 900), [Side::Front, Side::Back], new FaultLimits(0, mt_rand(0, 2), mt_rand(0, 5)), mt_rand(20, 80) / 10, mt_rand(10, 30) / 10);
    }

    /** @return list<Fault> */
    private static function faults(bool $someWaived): array
    {
        return array_map(static fn (): Fault => self::fault($someWaived && mt_rand(0, 1) === 1), array_fill(0, mt_rand(0, 7), null));
    }

    private static function fault(bool $waived): Fault
    {
        $severity = Severity::cases()[mt_rand(0, 2)];
        $side = Side::cases()[mt_rand(0, 5)];

        return match (mt_rand(0, 4)) {
            0 => new CriterionFault($severity, mt_rand(0, 1) === 1 ? $side : null, $waived),
            1 => new MissingFault($severity, null, $waived),
            2 => new ColourFault(mt_rand(0, 120) / 10, $waived),
            3 => new FlawFault(mt_rand(0, 4000) / 1000, Zone::cases()[mt_rand(0, 1)], $side, null, $waived),
            default => new BrokenFault($waived),
        };
    }
}
