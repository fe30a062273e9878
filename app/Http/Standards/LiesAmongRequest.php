<?php

declare(strict_types=1);

namespace App\Http\Standards;

use App\Http\Shared\AnybodyRequest;
use App\Refusals\NotRight;
use Core\Standard\OverAll;
use Core\Standard\TechniqueGroup;

/** A use of the whole figure at a tier, as far as its place goes. */
final class LiesAmongRequest extends AnybodyRequest
{
    public function rules(): array
    {
        return [
            'tier' => ['required', 'string'],
            'technique' => ['required', 'string'],
            'stage' => ['nullable', 'string', 'max:40'],
            'except' => ['array', 'max:200'],
            'except.*' => ['required', 'string'],
        ];
    }

    public function tier(): string
    {
        return $this->string('tier')->toString();
    }

    public function technique(): string
    {
        return $this->string('technique')->toString();
    }

    public function overAll(): OverAll
    {
        /** @var array<array-key, string> $except */
        $except = $this->validated('except', []);

        return new OverAll($this->stage(), array_values($except));
    }

    private function stage(): ?TechniqueGroup
    {
        $stage = $this->string('stage')->toString();
        $groups = implode(', ', array_column(TechniqueGroup::cases(), 'value'));

        return $stage === '' ? null : TechniqueGroup::tryFrom($stage) ?? throw NotRight::at('/stage', 'unknown-stage', "\"{$stage}\" is no stage; there are {$groups}.");
    }
}
