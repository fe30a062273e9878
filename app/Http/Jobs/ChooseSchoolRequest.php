<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Http\Shared\ApiRequest;
use App\Refusals\NotRight;
use Core\School\SchoolBook;
use Core\School\SchoolQuestion;

/** Which school a job holds to in one question; null: that of its standard. */
final class ChooseSchoolRequest extends ApiRequest
{
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer'],
            'question' => ['required', 'string', 'max:40'],
            'choice' => ['present', 'nullable', 'string', 'max:40'],
        ];
    }

    /** @throws NotRight if it decides no order */
    public function question(): SchoolQuestion
    {
        $asked = SchoolQuestion::tryFrom($this->string('question')->toString());
        $known = implode(' or ', array_column(SchoolQuestion::thatDecideTheOrder(), 'value'));

        return $asked?->decidesOrder() === true ? $asked : throw NotRight::at('/question', 'unknown-value', "A job may choose for itself what decides the order of its steps: {$known}.");
    }

    /** @throws NotRight if the question has no such choice */
    public function choice(): ?string
    {
        $choice = $this->textOrNull('choice');
        $words = SchoolBook::words($this->question());

        return $choice === null || in_array($choice, $words, true) ? $choice : throw NotRight::at('/choice', 'unknown-value', 'Choose one of '.implode(', ', $words).', or null for that of the standard.');
    }
}
