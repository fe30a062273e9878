<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Http\Shared\ApiRequest;
use App\Refusals\NotRight;
use Core\School\SchoolBook;
use Core\School\SchoolQuestion;

/** A choice in one question of the schools. */
abstract class SchoolRequest extends ApiRequest
{
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer'],
            'question' => ['required', 'string', 'max:40'],
            'choice' => ['present', 'nullable', 'string', 'max:40'],
        ];
    }

    /** @throws NotRight if it is none of those that are asked here */
    public function question(): SchoolQuestion
    {
        $asked = SchoolQuestion::tryFrom($this->string('question')->toString());

        return $asked !== null && in_array($asked, $this->asked(), true)
            ? $asked
            : throw NotRight::at('/question', 'unknown-value', $this->refusal().': '.implode(' or ', array_column($this->asked(), 'value')).'.');
    }

    /** @throws NotRight if the question has no such choice */
    public function choice(): ?string
    {
        $choice = $this->textOrNull('choice');
        $words = SchoolBook::words($this->question());

        return $choice === null || in_array($choice, $words, true) ? $choice : throw NotRight::at('/choice', 'unknown-value', 'Choose one of '.implode(', ', $words).", or null {$this->otherwise()}.");
    }

    /** @return list<SchoolQuestion> */
    abstract protected function asked(): array;

    /** What may be chosen here, before the list of it. */
    abstract protected function refusal(): string;

    /** What no choice means. */
    abstract protected function otherwise(): string;
}
