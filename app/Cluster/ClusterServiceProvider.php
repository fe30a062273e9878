<?php

declare(strict_types=1);

namespace App\Cluster;

use App\Actions\People\OpenSessions;
use App\Actions\People\SessionRows;
use App\Actions\SignOffs\HeadFile;
use App\Actions\SignOffs\HeadStore;
use App\Actions\SignOffs\KeyFiles;
use App\Actions\SignOffs\KeySettings;
use App\Actions\SignOffs\KeyStore;
use Illuminate\Contracts\Database\LostConnectionDetector;
use Illuminate\Contracts\Filesystem\Factory;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Http\Middleware\TrustProxies;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Redis;
use Illuminate\Support\Facades\Session;
use Illuminate\Support\ServiceProvider;

/** What is another where the application, its database or what it keeps is more than one machine. */
final class ClusterServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        ClusterConnection::register();
        $this->app->singleton(LostConnectionDetector::class, LostNode::class);
        $this->app->bind(KeyStore::class, static fn (Application $app): KeyStore => $app->make(config()->string('records.key') === '' ? KeyFiles::class : KeySettings::class));
        $this->app->bind(HeadStore::class, static fn (Application $app): HeadStore => config()->boolean('records.shared') ? new HeadObjects($app->make(Factory::class)->disk('records')) : $app->make(HeadFile::class));
        $this->app->singleton(SessionsInRedis::class, static fn (Application $app): SessionsInRedis => new SessionsInRedis(Redis::connection('sessions'), self::whoIsSignedIn(...), config()->integer('session.lifetime') * 60));
        $this->app->bind(OpenSessions::class, static fn (Application $app): OpenSessions => $app->make(config('session.driver') === 'listed' ? SessionsInRedis::class : SessionRows::class));
    }

    public function boot(): void
    {
        /** @var list<string> $proxies */
        $proxies = config()->array('ordotype.trusted_proxies');
        TrustProxies::at($proxies);
        Session::extend('listed', static fn (Application $app): SessionsInRedis => $app->make(SessionsInRedis::class));
    }

    /** @return array{int, string, string}|null */
    private static function whoIsSignedIn(): ?array
    {
        $id = Auth::guard('web')->id();

        return is_numeric($id) ? [(int) $id, (string) request()->ip(), (string) request()->userAgent()] : null;
    }
}
