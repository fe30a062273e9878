<?php

declare(strict_types=1);

namespace App\Providers;

use App\Actions\Composing\Fingerprints;
use App\Actions\Composing\JobStandards;
use App\Actions\Paints\PaintBook;
use App\Actions\ReadOnce;
use App\Actions\Schemes\SchemeBook;
use App\Actions\Schemes\StudioRules;
use App\Actions\Standards\StandardLibrary;
use App\Cluster\Tables;
use App\Export\PlatePictures;
use App\Http\StrictValidator;
use App\Models\CurrentStudio;
use App\Models\User;
use App\Papers\Worker;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Contracts\Translation\Translator;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Migrations\Migrator;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Facades\Validator;
use Illuminate\Support\ServiceProvider;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->scoped(CurrentStudio::class);
        $this->app->scoped(StandardLibrary::class);
        $this->app->scoped(Fingerprints::class);
        $this->app->scoped(JobStandards::class);
        $this->app->scoped(PlatePictures::class);
        $this->app->scoped(PaintBook::class);
        $this->app->scoped(SchemeBook::class);
        $this->app->scoped(StudioRules::class);
        $this->app->tag([StandardLibrary::class, JobStandards::class, PaintBook::class, SchemeBook::class, StudioRules::class], ReadOnce::class);
    }

    public function boot(): void
    {
        JsonResource::withoutWrapping();
        Validator::resolver(static fn (Translator $translator, array $data, array $rules, array $messages, array $attributes): StrictValidator => new StrictValidator($translator, $data, $rules, $messages, $attributes));
        // An address names a row by its digits; what only begins with them names nothing.
        foreach (['job', 'unit', 'figure', 'check', 'fault', 'signOff', 'variation', 'paint', 'scheme', 'schemeArea', 'standardVersion', 'proposal', 'invitation', 'user', 'paper'] as $row) {
            Route::pattern($row, '[0-9]{1,18}');
        }
        // People have no scope of their own, so an address binds them within the studio of who asks.
        Route::bind('user', static fn (string $id): User => User::query()->where('studio_id', app(CurrentStudio::class)->id())->findOrFail((int) $id));
        Queue::looping(static fn () => app(Worker::class)->isHere());
        $this->app->when(Tables::class)->needs(Migrator::class)->give('migrator');
        // Guessing a link, a password or a code is no use at ten a minute.
        RateLimiter::for('link', static fn (Request $request): Limit => Limit::perMinute(10)->by('link '.$request->ip()));
        // What takes the server a second or more is asked so often and no more.
        RateLimiter::for('heavy', static fn (Request $request): Limit => Limit::perMinute(60)->by('heavy '.($request->user() instanceof User ? $request->user()->id : $request->ip())));
        // A relation loaded row by row, or an attribute that was never read, is an error at once and not a slow page later.
        Model::shouldBeStrict();
    }
}
