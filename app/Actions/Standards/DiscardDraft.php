<?php

declare(strict_types=1);

namespace App\Actions\Standards;

use App\Actions\Transaction;
use App\Models\StandardVersion;
use Illuminate\Support\Facades\DB;

/** Throws a draft away, with everything in it. */
final readonly class DiscardDraft
{
    public function handle(StandardVersion $version): void
    {
        Transaction::run(static function () use ($version): void {
            $draft = Drafts::lock($version);
            foreach (['tiers', 'standard_pieces'] as $table) {
                DB::table($table)->where('standard_version_id', $draft->id)->delete();
            }
            $draft->delete();
        });
    }
}
