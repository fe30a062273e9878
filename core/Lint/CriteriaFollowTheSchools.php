<?php

declare(strict_types=1);

namespace Core\Lint;

use Core\Standard\Criterion;
use Core\Standard\SchoolQuestion;
use Core\Standard\Schools;
use Core\Standard\Standard;

/** A criterion presumes no school but the one that governs on its surface. */
final readonly class CriteriaFollowTheSchools implements LintRule
{
    public function findings(Standard $standard): iterable
    {
        foreach ($standard->requirements as $requirement) {
            $schools = $standard->schoolsOn($requirement->surface);
            foreach ($requirement->criteria as $criterion) {
                foreach (self::contradictions($criterion, $schools) as $arguments) {
                    yield new Finding(FindingCode::AgainstSchool, $requirement->tier, $requirement->surface, $criterion->id, $arguments);
                }
            }
        }
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
        foreach ($question->choices() as $one) {
            if ($one->id === $choice) {
                return $one->name;
            }
        }

        return $choice;
    }
}
