<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Http\Shared\Resource;
use App\Models\Job;
use Core\School\SchoolBook;
use Core\School\SchoolChoice;
use Core\School\SchoolQuestion;
use Core\Standard\Standard;
use Core\Standard\Surface;

/**
 * The schools that a job is painted by, as far as they decide the order of steps or its client has a say in them.
 *
 * @phpstan-type JobSchool array{
 *   id: string,
 *   name: string,
 *   own: string|null,
 *   standard: string|null,
 *   surfaces: list<array{name: string, choice: string}>,
 * }
 * @phpstan-type JobWish array{
 *   question: string,
 *   name: string,
 *   said: string|null,
 *   left: bool,
 *   standard: string|null,
 *   choices: list<array{choice: string, name: string, for: string}>,
 * }
 * @phpstan-type JobSchools array{
 *   job: array{id: int, name: string, version: int},
 *   questions: list<JobSchool>,
 *   wishes: list<JobWish>,
 * }
 */
final readonly class SchoolsResource extends Resource
{
    public function __construct(
        private Job $job,
        private Standard $standard,
    ) {
    }

    /** @return JobSchools */
    public function toArray(): array
    {
        return [
            'job' => ['id' => $this->job->id, 'name' => $this->job->name, 'version' => $this->job->version],
            'questions' => array_map($this->question(...), SchoolQuestion::thatDecideTheOrder()),
            'wishes' => array_map($this->wish(...), SchoolQuestion::ofTheClient()),
        ];
    }

    /** @return JobWish */
    private function wish(SchoolQuestion $question): array
    {
        return [
            'question' => $question->value,
            'name' => $question->inWords(),
            'said' => $this->job->schools->choice($question),
            'left' => in_array($question->value, $this->job->left_to_studio, true),
            'standard' => $this->standard->schools->taken($question)?->name,
            'choices' => self::choices($question),
        ];
    }

    /** @return list<array{choice: string, name: string, for: string}> */
    public static function choices(SchoolQuestion $question): array
    {
        return array_map(static fn (SchoolChoice $choice): array => ['choice' => $choice->id, 'name' => $choice->name, 'for' => $choice->for], SchoolBook::choices($question));
    }

    /** @return JobSchool */
    private function question(SchoolQuestion $question): array
    {
        // A path leads through a whole figure.
        $narrower = array_filter($this->standard->surfaces, static fn (Surface $surface): bool => $question !== SchoolQuestion::Path && $surface->schools->choice($question) !== null);

        return [
            'id' => $question->value,
            'name' => $question->inWords(),
            'own' => $this->job->schools->choice($question),
            'standard' => $this->standard->schools->choice($question),
            'surfaces' => array_values(array_map(static fn (Surface $surface): array => ['name' => $surface->name, 'choice' => $surface->schools->taken($question)->name ?? ''], $narrower)),
        ];
    }
}
