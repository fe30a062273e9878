<?php

declare(strict_types=1);

namespace App\Http\Session;

use App\Actions\People\OwnPassword;
use App\Http\Middleware\ConfirmPassword;
use App\Http\Shared\PingResource;

/** Shows once more that it is they who are signed in. */
final readonly class ConfirmOwnPassword
{
    public function __construct(private OwnPassword $own)
    {
    }

    public function __invoke(OwnPasswordRequest $request): PingResource
    {
        $this->own->require($request->person(), $request->string('password')->toString(), '/password');
        ConfirmPassword::note($request);

        return new PingResource;
    }
}
