<?php

declare(strict_types=1);

namespace Core\Lint;

use Core\School\SchoolBook;
use Core\School\SchoolQuestion;
use Core\School\Schools;
use Core\Standard\Criterion;
use Core\Standard\Standard;
use Core\Why;

/** A criterion presumes no school but the one that governs on its surface. */
final readonly class CriteriaFollowTheSchools implements LintRule
{
    public const CODE = 'against-school';

    public function findings(Standard $standard): iterable
    {
        foreach ($standard->requirements as $requirement) {
            $schools = $standard->schoolsOn($requirement->surface);
            foreach ($requirement->criteria as $criterion) {
                foreach (self::contradictions($criterion, $schools) as $arguments) {
                    yield new Finding(self::CODE, $requirement->tier, $requirement->surface, $criterion->id, $arguments);
                }
            }
        }
    }

    public function code(): string
    {
        return self::CODE;
    }

    public function sentence(Finding $finding, string $tier, string $surface): string
    {
        $of = $finding->arguments;

        return "\"{$of['text']}\" holds for {$of['question']}: {$of['presumed']}; here it is {$of['chosen']}.";
    }

    public function rule(): string
    {
        return 'A criterion that presumes one school cannot judge the work of another. The choice for the surface goes before the studio\'s.';
    }

    public function source(): string
    {
        return Why::COMMON_PRACTICE;
    }

    /** @return iterable<array<string, string>> */
    private static function contradictions(Criterion $criterion, Schools $schools): iterable
    {
        foreach (SchoolQuestion::cases() as $question) {
            $presumed = $criterion->presumes->choice($question);
            $chosen = $schools->choice($question);
            if ($presumed !== null && $chosen !== null && $presumed !== $chosen) {
                yield [
                    'text' => $criterion->text,
                    'question' => mb_strtolower($question->inWords()),
                    'presumed' => self::name($question, $presumed),
                    'chosen' => self::name($question, $chosen),
                ];
            }
        }
    }

    private static function name(SchoolQuestion $question, string $choice): string
    {
        foreach (SchoolBook::choices($question) as $one) {
            if ($one->id === $choice) {
                return $one->name;
            }
        }

        return $choice;
    }
}
