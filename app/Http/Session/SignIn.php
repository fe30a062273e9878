<?php

declare(strict_types=1);

namespace App\Http\Session;

use App\Actions\People\SecondFactor;
use App\Actions\People\SignInTry;
use App\Actions\Studios\Log;
use App\Models\LogKind;
use App\Refusals\NotRight;

/** Signs somebody in, with a session of its own. */
final readonly class SignIn
{
    public function __construct(
        private SessionStart $session,
        private SignInTry $trying,
        private SecondFactor $second,
    ) {
    }

    public function __invoke(SignInRequest $request): SessionResource
    {
        $user = $this->trying->handle($request->string('email')->toString(), $request->string('password')->toString(), $request->ip() ?? '');
        if ($user->asksSecondFactor()) {
            $code = $request->string('code')->toString();
            $this->trying->counting($user, $request->ip() ?? '', fn () => $code === ''
                ? throw NotRight::at('/code', 'needs-code', 'Type the code that your app shows now, or one of your recovery codes.')
                : $this->second->require($user, $code), counts: $code !== '');
        }
        Log::of($user, LogKind::SignedIn, 'from '.($request->ip() ?? 'somewhere'));

        return $this->session->of($user, $request);
    }
}
