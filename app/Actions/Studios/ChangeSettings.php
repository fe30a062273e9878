<?php

declare(strict_types=1);

namespace App\Actions\Studios;

use App\Actions\Transaction;
use App\Models\LogKind;
use App\Models\User;
use App\Refusals\NotAllowed;

/** Changes settings of the studio, and writes down which. */
final readonly class ChangeSettings
{
    /** @param  array<string, bool|string>  $settings */
    public function handle(User $by, array $settings): void
    {
        Transaction::run(static function () use ($by, $settings): void {
            $studio = $by->studio;
            if (($settings['requires_second_factor'] ?? false) === true && ! $studio->requires_second_factor && ! $by->asksSecondFactor()) {
                throw NotAllowed::because('second-factor-first', 'Turn your own second factor on first; then you know that it works before everybody needs it.');
            }
            $studio->fill($settings);
            $changed = array_map(static fn (string $name): string => str_replace('_', ' ', $name), array_keys($studio->getDirty()));
            $studio->save();
            if ($changed !== []) {
                Log::of($by, LogKind::SettingsChanged, implode(', ', $changed));
            }
        });
    }
}
