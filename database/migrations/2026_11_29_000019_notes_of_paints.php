<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What to know of a pot before it is opened: shake, stir, never with water. Paints that stand have none. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('paints', function (Blueprint $table): void {
            $table->string('note', 200)->default('')->after('stock_ml');
        });
    }

    public function down(): void
    {
        Schema::table('paints', fn (Blueprint $table) => $table->dropColumn('note'));
    }
};
