<?php

declare(strict_types=1);

namespace App\Providers;

use App\Actions\Paints\PaintBook;
use App\Actions\Schemes\SchemeBook;
use App\Actions\Schemes\StudioRules;
use App\Actions\Standards\StandardLibrary;
use App\Http\StrictValidator;
use App\Models\CurrentStudio;
use App\Models\User;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Contracts\Translation\Translator;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Facades\Validator;
use Illuminate\Support\ServiceProvider;
use Symfony\Component\HttpFoundation\Response;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->scoped(CurrentStudio::class);
        $this->app->scoped(StandardLibrary::class);
        $this->app->scoped(PaintBook::class);
        $this->app->scoped(SchemeBook::class);
        $this->app->scoped(StudioRules::class);
    }

    public function boot(): void
    {
        JsonResource::withoutWrapping();
        Validator::resolver(static fn (Translator $translator, array $data, array $rules, array $messages, array $attributes): StrictValidator => new StrictValidator($translator, $data, $rules, $messages, $attributes));
        // An address names a row by its digits; what only begins with them names nothing.
        foreach (['job', 'unit', 'figure', 'check', 'fault', 'signOff', 'variation', 'paint', 'scheme', 'schemeArea', 'standardVersion', 'proposal'] as $row) {
            Route::pattern($row, '[0-9]{1,18}');
        }
        // What takes the server a second or more is asked so often and no more.
        RateLimiter::for('heavy', static fn (Request $request): Limit => Limit::perMinute(60)->by('heavy '.($request->user() instanceof User ? $request->user()->id : $request->ip())));
        // A relation loaded row by row, or an attribute that was never read, is an error at once and not a slow page later.
        Model::shouldBeStrict();
        // Only what failed is counted: whoever knows the password may come as often as they like.
        RateLimiter::for('sign-in', static fn (Request $request): Limit => Limit::perMinute(10)
            ->by($request->ip().' '.mb_strtolower($request->string('email')->toString()))
            ->after(static fn (Response $response): bool => ! $response->isSuccessful()));
    }
}
