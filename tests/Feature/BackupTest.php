<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\SignOff;
use Illuminate\Foundation\Testing\RefreshDatabaseState;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use PDO;

/** A copy made while the application runs comes back into an empty place, with its chain whole. */
final class BackupTest extends CheckTestCase
{
    private const RESTORED = 'ordotype_test_restored';

    /** What is copied has to be stored for good, not in the transaction that other tests are undone with. */
    public function beginDatabaseTransaction(): void
    {
    }

    protected function tearDown(): void
    {
        RefreshDatabaseState::$migrated = false;
        parent::tearDown();
    }

    public function test_a_copy_is_restored_into_an_empty_place_and_its_chain_holds(): void
    {
        Artisan::call('migrate:fresh', ['--force' => true, '--seed' => true]);
        $this->app->make(\App\Models\CurrentStudio::class)->enter($this->lead()->studio_id);
        $sealed = $this->signed()->hash;
        $folder = RecordsFolder::make();
        $place = ['DB_DATABASE' => (string) getenv('DB_DATABASE'), 'RECORDS_FOLDER' => $this->recordsFolder, 'LARAVEL_STORAGE_PATH' => "{$folder->path}/from"];
        $to = [
            'DB_DATABASE' => self::RESTORED, 'DB_USERNAME' => 'ordotype_restored', 'DB_PASSWORD' => bin2hex(random_bytes(12)),
            'RECORDS_FOLDER' => "{$folder->path}/records", 'LARAVEL_STORAGE_PATH' => "{$folder->path}/to",
        ];
        mkdir("{$folder->path}/from/app/private/pictures", 0700, true);
        file_put_contents("{$folder->path}/from/app/private/pictures/one.jpg", 'a picture');
        foreach (['to/framework/cache/data', 'to/framework/views', 'to/logs'] as $needed) {
            mkdir("{$folder->path}/{$needed}", 0700, true);
        }
        try {
            self::assertSame(0, self::command("bin/backup {$folder->path}/copy.tar.gz", $place)[0]);
            self::assertSame('0600', substr(sprintf('%o', (int) fileperms("{$folder->path}/copy.tar.gz")), -4));

            [$status, $said] = self::command("bin/restore {$folder->path}/copy.tar.gz", $to);
            self::assertSame(0, $status, $said);
            self::assertStringContainsString('Kittiwake Row: 1 records, the chain holds.', $said);
            self::assertSame('a picture', file_get_contents("{$folder->path}/to/app/private/pictures/one.jpg"));
            self::assertSame($sealed, self::restored('SELECT hash FROM sign_offs'));
            self::assertSame(SignOff::query()->count(), self::restored('SELECT COUNT(*) FROM sign_offs'));

            [$status, $said] = self::command("bin/restore {$folder->path}/copy.tar.gz", $to);
            self::assertSame(1, $status);
            self::assertStringContainsString('into an empty place only', $said);
            file_put_contents("{$folder->path}/other.tar.gz", 'no copy at all');
            self::assertStringContainsString('no copy that ./bin/backup wrote', self::command("bin/restore {$folder->path}/other.tar.gz", $to)[1]);
        } finally {
            DB::statement('DROP DATABASE IF EXISTS '.self::RESTORED);
            self::command('rm -rf -- '.escapeshellarg($folder->path), []);
        }
    }

    /** The first value that a query of the restored database answers with. */
    private static function restored(string $query): mixed
    {
        $pdo = new PDO(sprintf('mysql:host=%s;port=%s;dbname=%s', getenv('DB_HOST'), getenv('DB_PORT'), self::RESTORED), (string) getenv('DB_USERNAME'), (string) getenv('DB_PASSWORD'));
        $rows = $pdo->query($query);

        return $rows === false ? null : $rows->fetchColumn();
    }

    /**
     * @param  array<string, string>  $environment beside that of the tests
     * @return array{int, string} status, and what was printed
     */
    private static function command(string $line, array $environment): array
    {
        $process = proc_open(['bash', '-c', "{$line} 2>&1"], [['file', '/dev/null', 'r'], ['pipe', 'w']], $pipes, dirname(__DIR__, 2), [...getenv(), ...$environment]);
        self::assertIsResource($process);
        $printed = (string) stream_get_contents($pipes[1]);

        return [proc_close($process), $printed];
    }
}
