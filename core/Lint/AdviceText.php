<?php

declare(strict_types=1);

namespace Core\Lint;

use Core\Standard\Standard;

/** The words of advice. */
final readonly class AdviceText
{
    public const ANGLE = 'published: ISO 8596 for the angle that sight parts; the noticing angle is a studio setting';

    public function __construct(private Standard $standard)
    {
    }

    public function sentence(Finding $finding): string
    {
        $tier = $this->standard->tier($finding->tier)->name;
        $surface = $finding->surface === null ? '' : $this->standard->surface($finding->surface)->name;
        $of = $finding->arguments;

        return match ($finding->code) {
            FindingCode::NotNoticed => sprintf('"%s" speaks of %s mm; %s notices nothing under %s mm. Leave it out here, or judge from closer.', $of['text'], FindingText::number($of['size']), $tier, number_format((float) $of['smallest'], 2)),
            FindingCode::BeyondMinutes => sprintf('%d steps take %s of the %s min left; %d fit.', $of['steps'], FindingText::number($of['minutes']), FindingText::number($of['left']), $of['fitting']),
            FindingCode::MinutesFall => sprintf('%s gives %s %s minutes, %s gives it %s.', $tier, $surface, FindingText::number($of['minutes']), $of['lower'], FindingText::number($of['lower minutes'])),
            FindingCode::UnjudgedUse => "No criterion judges \"{$finding->use}\" on {$surface}: bind one to it, or write one for the whole area.",
            FindingCode::UndecidedInUse => "Running jobs have {$surface}, and {$tier} says nothing of it.",
            FindingCode::AgainstSchool => "\"{$of['text']}\" holds for {$of['question']}: {$of['presumed']}; here it is {$of['chosen']}.",
            FindingCode::MissingBefore => "{$of['name']} needs {$of['needed']} before it, because {$of['why']}; none is asked here.",
            FindingCode::WrongOrder => "{$of['name']} stands before {$of['needed']}, which comes first because {$of['why']}.",
            default => '',
        };
    }

    public static function rule(FindingCode $code): string
    {
        return match ($code) {
            FindingCode::NotNoticed => 'What a criterion speaks of must fill the noticing angle at the viewing distance: size = 2·distance·tan(angle / 2).',
            FindingCode::BeyondMinutes => 'Where the reference figure takes more than the budget, the light whose last steps would bring it back is named: minutes of the use against what all else leaves.',
            FindingCode::MinutesFall => 'A higher tier does at least what the lower one does, so it needs at least its minutes: fixed + one piece + minutes for one figure wholly of this surface.',
            FindingCode::UnjudgedUse => 'A use that nobody judges is a promise that nobody keeps. A criterion without uses judges its whole area.',
            FindingCode::UndecidedInUse => 'A surface on the bench waits for an answer.',
            FindingCode::AgainstSchool => 'A criterion that presumes one school cannot judge the work of another. The choice for the surface goes before the studio\'s.',
            FindingCode::MissingBefore, FindingCode::WrongOrder => 'What a technique needs before it is laid on the area, or on the figure as a whole, before it. Another technique may do its work.',
            default => '',
        };
    }
}
