<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\FigureTypes\StoreFigureType;
use App\Actions\Standards\PutInForce;
use App\Actions\Standards\StoreStandard;
use App\Models\CurrentStudio;
use App\Models\Paint;
use App\Models\Role;
use App\Models\Studio;
use App\Models\User;
use Document\Figure\FigureTypeFile;
use Document\Standard\StandardFile;
use Illuminate\Support\Facades\DB;

/**
 * Two invented studios: Kittiwake Row, whose lead, deputy and painters paint the harbour guard of Port
 * Ember, and Stack Skerry, which sees nothing of it.
 */
final readonly class DemoSeeder
{
    public const PEOPLE = [
        'Kittiwake Row' => [
            ['Marsali Teague', 'lead@kittiwake.example', Role::Lead, null],
            ['Ruan Petherick', 'deputy@kittiwake.example', Role::Deputy, 3],
            ['Isla Coade', 'isla@kittiwake.example', Role::Painter, null],
            ['Jory Vean', 'jory@kittiwake.example', Role::Painter, null],
        ],
        'Stack Skerry' => [
            ['Brenna Holm', 'lead@skerry.example', Role::Lead, null],
        ],
    ];

    public function __construct(
        private CurrentStudio $current,
        private StoreStandard $standards,
        private PutInForce $putInForce,
        private StoreFigureType $types,
        private DemoJob $job,
    ) {
    }

    public static function password(): string
    {
        $password = config('ordotype.demo_password');

        return is_string($password) ? $password : 'lamplight';
    }

    public function run(): void
    {
        DB::transaction(function (): void {
            foreach (self::PEOPLE as $name => $people) {
                $studio = Studio::query()->create(['name' => $name]);
                foreach ($people as [$person, $email, $role, $rank]) {
                    User::query()->create(['studio_id' => $studio->id, 'name' => $person, 'email' => $email, 'role' => $role, 'signing_rank' => $rank, 'password' => self::password()]);
                }
                $this->current->within($studio->id, fn () => $name === 'Kittiwake Row' ? $this->kittiwake($studio) : $this->standard());
            }
        });
    }

    private function kittiwake(Studio $studio): void
    {
        $this->standard();
        $maps = DemoMaps::read();
        foreach (FigureTypeFile::read(self::file('port-ember-figure-types.json')) as $key => $type) {
            $this->types->handle($type, $key, maps: $maps->of($key));
        }
        foreach (self::rows('kittiwake-paints.csv') as $row) {
            Paint::query()->create([...$row, 'hex' => strtolower($row['hex'])]);
        }
        $this->job->make($studio);
    }

    private function standard(): void
    {
        $this->putInForce->handle($this->standards->handle(StandardFile::read(self::file('kittiwake-standard.json'))), null);
    }

    public static function file(string $name): string
    {
        return (string) file_get_contents(database_path("demo/{$name}"));
    }

    /** @return list<array<string, string>> by column name */
    public static function rows(string $name): array
    {
        $lines = array_map(static fn (string $line): array => str_getcsv($line, ',', '"', ''), array_filter(explode("\n", self::file($name))));
        /** @var list<string> $header */
        $header = array_shift($lines);

        return array_values(array_map(static fn (array $cells): array => array_combine($header, array_map(strval(...), $cells)), $lines));
    }
}
