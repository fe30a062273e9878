<?php

declare(strict_types=1);

namespace App\Cluster;

use App\Actions\People\OpenSessions;
use App\Actions\People\SessionSeen;
use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Redis\Connections\Connection;
use SessionHandlerInterface;

/** Sessions in Redis, where those of a person are not found by asking: beside them stands a list of whose they are. */
final readonly class SessionsInRedis implements OpenSessions, SessionHandlerInterface
{
    /**
     * @param  Closure(): (array{int, string, string}|null)  $who signed in, from where and with what; null: nobody is
     * @param  int  $seconds after which a session that nobody uses ends
     */
    public function __construct(
        private Connection $redis,
        private Closure $who,
        private int $seconds,
    ) {
    }

    public function open(string $path, string $name): bool
    {
        return true;
    }

    public function close(): bool
    {
        return true;
    }

    public function read(string $id): string
    {
        $data = $this->redis->command('get', [self::session($id)]);

        return is_string($data) ? $data : '';
    }

    public function write(string $id, string $data): bool
    {
        $this->redis->command('setex', [self::session($id), $this->seconds, $data]);
        $who = ($this->who)();
        if ($who !== null) {
            [$user, $from, $agent] = $who;
            $this->redis->command('hset', [self::list($user), $id, json_encode([$from, mb_scrub($agent), time()], JSON_THROW_ON_ERROR)]);
            $this->redis->command('expire', [self::list($user), $this->seconds]);
        }

        return true;
    }

    public function destroy(string $id): bool
    {
        $this->redis->command('del', [self::session($id)]);

        return true;
    }

    /** What ended by its time is gone without being asked. */
    public function gc(int $max_lifetime): int
    {
        return 0;
    }

    public function of(int $user): array
    {
        $sessions = [];
        $listed = $this->redis->command('hgetall', [self::list($user)]);
        foreach (is_array($listed) ? $listed : [] as $id => $seen) {
            $id = (string) $id;
            if ($this->redis->command('exists', [self::session($id)]) !== 1) {
                $this->redis->command('hdel', [self::list($user), $id]);

                continue;
            }
            [$from, $agent, $at] = [...(array) json_decode(is_string($seen) ? $seen : '', true), '', '', 0];
            $sessions[] = new SessionSeen($id, is_string($from) ? $from : '', is_string($agent) ? $agent : '', CarbonImmutable::createFromTimestamp(is_int($at) ? $at : 0, 'UTC'));
        }

        return $sessions;
    }

    public function end(int $user, string $id): bool
    {
        $this->redis->command('hdel', [self::list($user), $id]);

        return $this->redis->command('del', [self::session($id)]) === 1;
    }

    private static function session(string $id): string
    {
        return "session:{$id}";
    }

    private static function list(int $user): string
    {
        return "sessions-of:{$user}";
    }
}
