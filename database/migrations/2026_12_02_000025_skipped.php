<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

// Fish that the ledger could not work out: one of them never keeps the rest out of the log.
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('log_skipped', function (Blueprint $table): void {
            $table->foreignUlid('fish_id')->primary()->constrained('fish')->cascadeOnDelete();
            $table->string('at');
        });
    }
};
