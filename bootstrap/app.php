<?php

declare(strict_types=1);

use App\Http\ErrorResponses;
use App\Http\Middleware\ConfirmPassword;
use App\Http\Middleware\EnterStudio;
use App\Http\Middleware\HideDrafts;
use App\Http\Middleware\KeepNothing;
use App\Http\Middleware\SayWhatItTook;
use App\Http\Middleware\SetUpSecondFactor;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Routing\Middleware\SubstituteBindings;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        web: __DIR__.'/../routes/web.php',
        api: __DIR__.'/../routes/api.php',
        commands: __DIR__.'/../routes/console.php',
    )
    ->withCommands([__DIR__.'/../app/Console'])
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->statefulApi();
        // There is one page to sign in; whoever asks the API without being signed in is told so.
        $middleware->redirectGuestsTo('/sign-in');
        $middleware->alias(['studio' => EnterStudio::class, 'drafts' => HideDrafts::class, 'confirmed' => ConfirmPassword::class, 'second-factor' => SetUpSecondFactor::class]);
        $middleware->append(KeepNothing::class);
        $middleware->prepend(SayWhatItTook::class);
        // A row is looked for only within the studio of who asks, so the studio is known before rows are bound.
        $middleware->prependToPriorityList(SubstituteBindings::class, EnterStudio::class);
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        ErrorResponses::register($exceptions);
    })
    ->create();
