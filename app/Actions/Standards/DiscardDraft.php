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
            self::empty($draft);
            $draft->delete();
        });
    }

    private static function empty(StandardVersion $draft): void
    {
        $requirements = DB::table('requirements')->where('standard_version_id', $draft->id)->select('id');
        $uses = DB::table('requirement_uses')->whereIn('requirement_id', $requirements)->select('id');
        $criteria = DB::table('criteria')->whereIn('requirement_id', $requirements)->select('id');
        $techniques = DB::table('techniques')->where('standard_version_id', $draft->id)->select('id');
        DB::table('criterion_uses')->whereIn('criterion_id', $criteria)->delete();
        DB::table('criteria')->whereIn('requirement_id', $requirements)->delete();
        DB::table('requirement_use_techniques')->whereIn('requirement_use_id', $uses)->delete();
        DB::table('requirement_uses')->whereIn('requirement_id', $requirements)->delete();
        DB::table('technique_replacements')->whereIn('technique_id', $techniques)->delete();
        foreach (['requirements', 'reference_areas', 'tiers', 'techniques', 'surfaces'] as $table) {
            DB::table($table)->where('standard_version_id', $draft->id)->delete();
        }
    }
}
