<?php

declare(strict_types=1);

namespace App\Http\Schemes;

use App\Actions\Schemes\FoundPlace;

/** Which finding about a scheme is meant, as the scheme's answer names it. */
trait NamesFinding
{
    /** @return array<string, list<mixed>> */
    private function ofFinding(): array
    {
        return [
            'figure_type' => ['nullable', 'string', 'max:120'],
            'code' => ['required', 'string', 'max:40'],
            'area' => ['nullable', 'string', 'max:120'],
            'place' => ['nullable', 'string', 'max:200'],
            'type' => ['nullable', 'string', 'max:120'],
            'tier' => ['nullable', 'string', 'max:120'],
        ];
    }

    public function place(): FoundPlace
    {
        return new FoundPlace($this->textOrNull('figure_type') ?? '', $this->string('code')->toString(), $this->textOrNull('area') ?? '', $this->textOrNull('place') ?? '');
    }
}
