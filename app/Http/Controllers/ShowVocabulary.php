<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\AnybodyRequest;
use App\Http\Resources\VocabularyResource;

/** The words that a standard is written with. */
final readonly class ShowVocabulary
{
    public function __invoke(AnybodyRequest $request): VocabularyResource
    {
        return new VocabularyResource;
    }
}
