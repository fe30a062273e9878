<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Actions\Composing\JobStandards;
use App\Models\Job;
use Core\School\SchoolBook;
use Core\School\SchoolChoice;
use Core\School\SchoolQuestion;
use Core\School\Schools;
use Core\Standard\Standard;

/** What each choice of a school would do to the sheets of a job, in a constant number of queries. */
final readonly class SchoolEffects
{
    public function __construct(
        private BenchSheets $sheets,
        private JobStandards $standards,
        private SharedSheets $shared,
    ) {
    }

    /** @return list<SchoolEffect> as it is now where nobody has chosen, then each choice of the question */
    public function of(Job $job, SchoolQuestion $question): array
    {
        $standard = $this->standards->of($job);
        $sheets = array_values(array_filter($this->sheets->ofJob($job), static fn (BenchSheet $sheet): bool => $sheet->asksSomething()));
        $now = $standard->schools->taken($question);
        $choices = [...$now === null ? [null] : [], ...SchoolBook::choices($question)];

        return array_map(fn (?SchoolChoice $choice): SchoolEffect => new SchoolEffect(
            $choice,
            $choice?->id === $now?->id,
            array_map(fn (BenchSheet $sheet): SheetOrder => $this->under($choice === null ? $standard : $standard->withSchools(new Schools([$question->value => $choice->id])), $sheet), $sheets),
        ), $choices);
    }

    private function under(Standard $standard, BenchSheet $sheet): SheetOrder
    {
        $ordered = array_map(static fn (array $one): BenchSheet => $sheet->inOrder($one[0], $one[1], $standard), $this->shared->of($sheet->alike, $standard));

        return new SheetOrder($sheet, $ordered === [] ? [$sheet] : $ordered);
    }
}
