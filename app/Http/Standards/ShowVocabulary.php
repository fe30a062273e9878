<?php

declare(strict_types=1);

namespace App\Http\Standards;

use App\Http\Shared\AnybodyRequest;

/** The words that a standard is written with. */
final readonly class ShowVocabulary
{
    public function __invoke(AnybodyRequest $request): VocabularyResource
    {
        return new VocabularyResource;
    }
}
