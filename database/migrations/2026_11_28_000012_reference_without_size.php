<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A reference figure may leave out its size; whether there is one is said by itself. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('standard_versions', function (Blueprint $table): void {
            $table->boolean('has_reference')->default(false);
        });
        DB::table('standard_versions')->whereNotNull('reference_size')->update(['has_reference' => true]);
    }

    public function down(): void
    {
        DB::table('standard_versions')->where('has_reference', true)->whereNull('reference_size')->update(['reference_size' => 1]);
        Schema::table('standard_versions', function (Blueprint $table): void {
            $table->dropColumn('has_reference');
        });
    }
};
