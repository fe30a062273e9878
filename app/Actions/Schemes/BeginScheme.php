<?php

declare(strict_types=1);

namespace App\Actions\Schemes;

use App\Actions\Transaction;
use App\Models\Force;
use App\Models\Scheme;
use App\Refusals\NotRight;

/** Begins a scheme: the common one of a force first, then others that differ from it. */
final readonly class BeginScheme
{
    /** @throws NotRight if the force has one of this name */
    public function handle(string $force, string $name): Scheme
    {
        return Transaction::run(static function () use ($force, $name): Scheme {
            $row = Force::query()->firstOrCreate(['name' => $force]);
            Force::query()->whereKey($row->id)->lockForUpdate()->firstOrFail();
            if (Scheme::query()->where('force_id', $row->id)->where('name', $name)->exists()) {
                throw NotRight::at('/name', 'scheme-exists', "\"{$force}\" has a scheme \"{$name}\" already; give this one another name.");
            }
            $common = Scheme::query()->where('force_id', $row->id)->whereNull('common_id')->first();

            return Scheme::query()->create(['force_id' => $row->id, 'name' => $name, 'common_id' => $common?->id, ...($common === null ? [] : self::light($common))])->refresh();
        });
    }

    /** @return array<string, mixed> what a scheme that differs begins with */
    private static function light(Scheme $common): array
    {
        return [
            'ground_paint_id' => $common->ground_paint_id, 'sketch_paint_id' => $common->sketch_paint_id, 'sketch_cover' => $common->sketch_cover, 'one_colour' => $common->one_colour,
            'light_paint_id' => $common->light_paint_id, 'light_own' => $common->light_own,
            'light_parts' => $common->light_parts, 'light_reach' => $common->light_reach, 'last_light' => $common->last_light, 'light_from' => $common->light_from,
        ];
    }
}
