<?php

declare(strict_types=1);

namespace App\Http\Session;

use App\Actions\People\SecondFactor;

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
