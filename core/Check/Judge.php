<?php

declare(strict_types=1);

namespace Core\Check;

use Core\Standard\Judging;
use Core\Standard\Severity;
use Core\Why;

/** Weighs faults against the limits of a tier. */
final readonly class Judge
{
    public function __construct(private Judging $judging)
    {
    }

    /** @param  list<Fault>  $faults */
    public function judge(array $faults): Judgement
    {
        $counts = ['critical' => 0, 'major' => 0, 'minor' => 0];
        $weights = [];
        $concession = false;
        foreach ($faults as $fault) {
            $weight = $fault->weigh($this->judging);
            if ($fault->isWaived()) {
                $concession = $concession || $weight->counts();
                $weight = self::waived($weight);
            }
            if ($weight->severity !== null) {
                $counts[$weight->severity->value]++;
            }
            $weights[] = $weight;
        }
        $verdict = $this->verdict($counts, $concession);

        return new Judgement($weights, $counts, $verdict, $this->why($counts, $verdict));
    }

    /** @param  array{critical: int, major: int, minor: int}  $counts */
    private function verdict(array $counts, bool $concession): Verdict
    {
        foreach (Severity::cases() as $severity) {
            if ($counts[$severity->value] > $this->judging->limits->of($severity)) {
                return Verdict::Rework;
            }
        }

        return $concession ? Verdict::Concession : Verdict::Accept;
    }

    private static function waived(Weight $weight): Weight
    {
        $was = $weight->severity === null ? 'It would not have counted.' : "It would have been {$weight->severity->value}.";

        return new Weight(null, "Waived by the lead. {$was} {$weight->sentence}", $weight->why);
    }

    /** @param  array{critical: int, major: int, minor: int}  $counts */
    private function why(array $counts, Verdict $verdict): Why
    {
        $inputs = [];
        foreach (Severity::cases() as $severity) {
            $inputs[$severity->value] = "{$counts[$severity->value]} of at most {$this->judging->limits->of($severity)}";
        }
        $inputs['so'] = $verdict->value;

        return new Why($inputs, 'Rework when a count is over its limit; else concession when a waived fault would have counted; else accept.', Why::STANDARD);
    }
}
