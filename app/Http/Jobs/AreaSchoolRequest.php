<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Http\Shared\OneOf;
use App\Refusals\NotRight;
use Core\School\SchoolBook;
use Core\School\SchoolQuestion;

/** The school of one area in one question; null: as its surface. */
final class AreaSchoolRequest extends VariationRequest
{
    public function rules(): array
    {
        return [
            ...self::PLACE,
            'question' => ['bail', 'required', 'string', OneOf::of(SchoolQuestion::class)],
            'choice' => ['present', 'nullable', 'string', 'max:40'],
        ];
    }

    public function question(): SchoolQuestion
    {
        return SchoolQuestion::from($this->string('question')->toString());
    }

    /** @throws NotRight if the question has no such choice */
    public function choice(): ?string
    {
        $choice = $this->textOrNull('choice');
        $words = SchoolBook::words($this->question());

        return $choice === null || in_array($choice, $words, true) ? $choice : throw NotRight::at('/choice', 'unknown-value', 'Choose one of '.implode(', ', $words).', or null for that of its surface.');
    }
}
