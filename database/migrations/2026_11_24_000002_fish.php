<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('species', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('name')->unique();
            $table->string('scientific')->nullable();
            $table->string('code', 3)->nullable()->unique();
            $table->string('form');
            $table->string('fat');
            $table->string('source');
        });
        Schema::create('species_shares', function (Blueprint $table): void {
            $table->foreignUlid('species_id')->constrained('species');
            $table->string('state');
            $table->string('part');
            $table->float('mean_pct');
            $table->float('sd_pct');
            $table->string('source');
            $table->primary(['species_id', 'state', 'part']);
        });
        Schema::create('suppliers', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('name')->unique();
        });
        Schema::create('dishes', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('name')->unique();
            $table->integer('target_mg');
            $table->integer('minus_mg');
            $table->integer('plus_mg');
            $table->integer('sides_minor')->default(0);
            $table->string('surcharge_pct')->default('0');
            $table->integer('price_minor')->nullable();
            $table->string('target_cost_pct')->nullable();
            $table->unsignedInteger('version')->default(1);
        });
        Schema::create('fish', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->unsignedInteger('number')->unique();
            $table->foreignUlid('species_id')->constrained('species');
            $table->foreignUlid('supplier_id')->constrained('suppliers');
            $table->string('state');
            $table->string('stage')->index();
            $table->unsignedInteger('version')->default(1);
            $table->integer('price_per_kg_minor')->nullable();
            $table->integer('delivery_minor')->default(0);
            $table->string('labour_minutes')->nullable();
            $table->boolean('broken_down')->default(false);
            $table->foreignUlid('dish_id')->nullable()->constrained('dishes');
            $table->foreignUlid('received_by')->constrained('people');
            $table->string('received_at');
        });
        Schema::create('pieces', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('fish_id')->constrained('fish');
            $table->ulid('parent_id')->nullable();
            $table->string('part');
            $table->string('name');
            $table->string('bin')->nullable();
            $table->unsignedInteger('place');
            $table->unique(['fish_id', 'place']);
        });
        Schema::create('readings', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('piece_id')->constrained('pieces');
            $table->integer('mass_mg');
            $table->integer('tare_mg');
            $table->integer('resolution_mg');
            $table->string('source');
            $table->string('typed')->nullable();
            $table->foreignUlid('taken_by')->constrained('people');
            $table->string('taken_at');
            $table->index('piece_id');
        });
        Schema::create('reading_voids', function (Blueprint $table): void {
            $table->foreignUlid('reading_id')->primary()->constrained('readings');
            $table->string('reason');
            $table->foreignUlid('voided_by')->constrained('people');
            $table->string('voided_at');
        });
        // A reading once taken is never changed or lost, whoever asks.
        foreach (['readings', 'reading_voids'] as $table) {
            foreach (['update', 'delete'] as $verb) {
                DB::unprepared(
                    "create trigger {$table}_no_{$verb} before {$verb} on {$table} begin select raise(abort, ".
                        "'{$table} are only ever added to'); end",
                );
            }
        }
    }
};
