<?php

declare(strict_types=1);

namespace App\Providers;

use App\Actions\Paints\PaintBook;
use App\Actions\Schemes\SchemeBook;
use App\Actions\Schemes\StudioRules;
use App\Actions\Standards\StandardLibrary;
use App\Models\CurrentStudio;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Illuminate\Support\Facades\RateLimiter;
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
        // A relation loaded row by row, or an attribute that was never read, is an error at once and not a slow page later.
        Model::shouldBeStrict();
        // Only what failed is counted: whoever knows the password may come as often as they like.
        RateLimiter::for('sign-in', static fn (Request $request): Limit => Limit::perMinute(10)
            ->by($request->ip().' '.mb_strtolower($request->string('email')->toString()))
            ->after(static fn (Response $response): bool => ! $response->isSuccessful()));
    }
}
