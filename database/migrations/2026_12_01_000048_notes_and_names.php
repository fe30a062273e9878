<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What the studio notes of a job; what a single figure is called. Of what there is, nobody has said anything. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('jobs', static fn (Blueprint $table) => $table->string('notes', 2000)->default('')->after('client'));
        Schema::table('figures', static fn (Blueprint $table) => $table->string('name', 120)->default('')->after('number'));
    }

    public function down(): void
    {
        Schema::table('figures', static fn (Blueprint $table) => $table->dropColumn('name'));
        Schema::table('jobs', static fn (Blueprint $table) => $table->dropColumn('notes'));
    }
};
