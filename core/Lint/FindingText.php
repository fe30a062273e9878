<?php

declare(strict_types=1);

namespace Core\Lint;

use Core\Standard\Standard;
use Core\Why;

/** The words of a finding. */
final readonly class FindingText
{
    public function __construct(private Standard $standard)
    {
    }

    public function sentence(Finding $finding): string
    {
        $tier = $this->standard->tier($finding->tier)->name;
        $surface = $finding->surface === null ? '' : $this->standard->surface($finding->surface)->name;
        $of = $finding->arguments;

        return match ($finding->code) {
            FindingCode::NoLayIn => "{$tier} asks for work on {$surface} but for no lay-in; add one, or say that the surface needs none.",
            FindingCode::StepDown => $this->stepDown($finding, $tier, $surface),
            FindingCode::Undecided => "{$tier} says nothing of {$surface}: write what it asks, or that it is not asked for.",
            FindingCode::FurtherAway => "{$tier} is judged from {$of['distance']} mm, further away than {$of['lower']} with {$of['lower distance']} mm.",
            FindingCode::Looser => "{$tier} bears more faults ({$of['limits']}) than {$of['lower']} ({$of['lower limits']}).",
            FindingCode::OverBudget => sprintf('%s takes %s minutes for the reference figure; its budget is %s.', $tier, self::number($of['minutes']), self::number($of['budget'])),
            FindingCode::LookTooShort => sprintf(
                '%s asks %s criteria of the reference figure, %s seconds each; its look of %s minutes is too short for them.',
                $tier, $of['items'], self::number($of['seconds']), self::number($of['look']),
            ),
            FindingCode::NoCriterion => "{$tier} asks for work on {$surface} that no criterion judges; write a sentence that can be true or false of it.",
            FindingCode::UnknownTechnique => "{$tier}, {$surface}: the use \"{$finding->use}\" names the technique \"{$of['technique']}\", which the standard has not.",
            FindingCode::DuplicateRequirement => "What {$tier} asks of {$surface} is written twice; keep one.",
            default => (new AdviceText($this->standard))->sentence($finding),
        };
    }

    public function why(Finding $finding): Why
    {
        $inputs = ['tier' => $this->standard->tier($finding->tier)->name];
        if ($finding->surface !== null) {
            $inputs['surface'] = $this->standard->surface($finding->surface)->name;
        }
        if ($finding->use !== null) {
            $inputs['use'] = $finding->use;
        }
        foreach ($finding->arguments as $name => $value) {
            $inputs[$name] = self::number($value);
        }

        return new Why($inputs, self::rule($finding->code), $finding->code === FindingCode::NotNoticed ? AdviceText::ANGLE : Why::COMMON_PRACTICE);
    }

    private function stepDown(Finding $finding, string $tier, string $surface): string
    {
        $lower = $finding->arguments['lower'];

        return $finding->arguments['how'] === 'gone'
            ? "{$lower} does \"{$finding->use}\" on {$surface}; nothing at {$tier} does the same work."
            : "{$lower} does more of \"{$finding->use}\" on {$surface} than {$tier}: more coats or steps, or a wider extent.";
    }

    private static function rule(FindingCode $code): string
    {
        return match ($code) {
            FindingCode::NoLayIn => 'Light and shade need an even colour under them: a surface that needs a lay-in has at least one use of that group.',
            FindingCode::StepDown => 'A client who pays for the higher tier gets at least what the lower one gives: each use is there again, is replaced by a technique that does its work, and has no fewer coats or steps and no narrower extent.',
            FindingCode::Undecided => 'Silence is a question, not a no: each tier says of each surface what it asks. By-agreement and retired tiers are left out.',
            FindingCode::FurtherAway => 'A higher tier is looked at from no further away than the next lower one.',
            FindingCode::Looser => 'A higher tier bears no more faults of any severity than the next lower one.',
            FindingCode::OverBudget => 'The minutes of all uses on the reference figure are no more than the tier allows.',
            FindingCode::LookTooShort => 'The criteria asked of the reference figure times the seconds for each fit into the time of the last look.',
            FindingCode::NoCriterion => 'What is asked for can be judged by at least one sentence.',
            FindingCode::UnknownTechnique => 'A use names a technique of this standard.',
            FindingCode::DuplicateRequirement => 'What a tier asks of a surface is written once.',
            default => AdviceText::rule($code),
        };
    }

    public static function number(string|int|float $value): string
    {
        return is_float($value) ? rtrim(rtrim(number_format($value, 1, '.', ''), '0'), '.') : (string) $value;
    }
}
