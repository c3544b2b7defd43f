<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

// People who left and were forgotten by name; what happened is found by when and by whom.
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('people', function (Blueprint $table): void {
            $table->string('anonymous_at')->nullable();
        });
        Schema::table('activity_log', function (Blueprint $table): void {
            $table->index('created_at');
        });
    }
};
