<?php

declare(strict_types=1);

namespace App\Http\Session;

use App\Actions\People\OwnPassword;
use App\Http\Shared\PingResource;

/** Changes the own password. */
final readonly class ChangePassword
{
    public function __construct(private OwnPassword $own)
    {
    }

    public function __invoke(PasswordRequest $request): PingResource
    {
        $this->own->change($request->person(), $request->string('current_password')->toString(), $request->string('password')->toString(), $request->hasSession() ? $request->session()->getId() : null);

        return new PingResource;
    }
}
