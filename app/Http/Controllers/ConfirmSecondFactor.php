<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\People\SecondFactor;
use App\Http\Requests\CodeRequest;
use App\Http\Resources\RecoveryCodesResource;

/** Turns the second factor on. */
final readonly class ConfirmSecondFactor
{
    public function __construct(private SecondFactor $second)
    {
    }

    public function __invoke(CodeRequest $request): RecoveryCodesResource
    {
        return new RecoveryCodesResource($this->second->confirm($request->person(), $request->string('code')->toString()));
    }
}
