<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** What a job mixes for a step holds for figures in one scheme: red shields are not painted with the white of the others. */
    public function up(): void
    {
        Schema::table('job_mixes', function (Blueprint $table): void {
            // Null: the common scheme of the job's force.
            $table->foreignId('scheme_id')->nullable()->constrained();
        });
        DB::statement('ALTER TABLE job_mixes ADD scheme_or_common BIGINT UNSIGNED AS (COALESCE(scheme_id, 0)) PERSISTENT, ADD UNIQUE job_mixes_once_a_scheme (job_id, type_or_any, scheme_or_common, area, `use`, step), DROP INDEX job_mixes_once');
        $this->letHoldInEach();
    }

    public function down(): void
    {
        DB::table('job_mix_parts')->whereIn('job_mix_id', DB::table('job_mixes')->whereNotNull('scheme_id')->select('id'))->delete();
        DB::table('job_mixes')->whereNotNull('scheme_id')->delete();
        DB::statement('ALTER TABLE job_mixes ADD UNIQUE job_mixes_once (job_id, type_or_any, area, `use`, step), DROP INDEX job_mixes_once_a_scheme, DROP COLUMN scheme_or_common');
        Schema::table('job_mixes', static fn (Blueprint $table) => $table->dropConstrainedForeignId('scheme_id'));
    }

    /** Until now a mix held for every figure of its type, so each scheme that such figures are painted in gets it. */
    private function letHoldInEach(): void
    {
        foreach (DB::table('job_mixes')->get() as $mix) {
            $schemes = DB::table('figures')->join('units', 'units.id', '=', 'figures.unit_id')->where('units.job_id', $mix->job_id)
                ->when($mix->figure_type_id !== null, static fn ($query) => $query->where('units.figure_type_id', $mix->figure_type_id))
                ->selectRaw('DISTINCT COALESCE(figures.scheme_id, units.scheme_id) AS scheme')->pluck('scheme')->filter();
            $parts = DB::table('job_mix_parts')->where('job_mix_id', $mix->id)->orderBy('position')->get();
            foreach ($schemes as $scheme) {
                $of = DB::table('job_mixes')->insertGetId([
                    'studio_id' => $mix->studio_id, 'job_id' => $mix->job_id, 'figure_type_id' => $mix->figure_type_id, 'scheme_id' => $scheme,
                    'area' => $mix->area, 'use' => $mix->use, 'step' => $mix->step, 'water' => $mix->water, 'version' => $mix->version,
                    'created_at' => $mix->created_at, 'updated_at' => $mix->updated_at,
                ]);
                foreach ($parts as $part) {
                    DB::table('job_mix_parts')->insert(['studio_id' => $part->studio_id, 'job_mix_id' => $of, 'paint_id' => $part->paint_id, 'parts' => $part->parts, 'position' => $part->position]);
                }
            }
        }
    }
};
