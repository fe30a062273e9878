<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** How a sculpt takes the brush, beside its size. Those that are there take it as most do. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('figure_types', function (Blueprint $table): void {
            $table->string('difficulty', 20)->default('usual')->after('size_class');
        });
        DB::statement("ALTER TABLE figure_types ADD CONSTRAINT figure_types_difficulty CHECK (difficulty IN ('crisp', 'usual', 'runs-together'))");
    }

    public function down(): void
    {
        DB::statement('ALTER TABLE figure_types DROP CONSTRAINT figure_types_difficulty');
        Schema::table('figure_types', fn (Blueprint $table) => $table->dropColumn('difficulty'));
    }
};
