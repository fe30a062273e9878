<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a painter may do unsupervised, by technique and up to which rank of tier. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('clearances', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained();
            $table->foreignId('user_id')->constrained();
            $table->string('technique', 120);
            $table->unsignedSmallInteger('up_to_rank');
            $table->foreignId('given_by')->constrained('users');
            $table->timestamps();
            $table->unique(['user_id', 'technique']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('clearances');
    }
};
