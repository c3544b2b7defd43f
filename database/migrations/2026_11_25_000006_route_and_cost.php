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
        Schema::table('bins', function (Blueprint $table): void {
            $table->integer('room_mg')->nullable();
            $table->integer('batch_mg')->nullable();
            $table->unsignedInteger('days_cold')->nullable();
            $table->unsignedInteger('days_frozen')->nullable();
            $table->string('source')->default('estimate');
            $table->unsignedInteger('version')->default(1);
        });
        Schema::create('recipes', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('name')->unique();
            $table->string('bin');
            $table->boolean('one_kind');
            $table->boolean('litres');
            $table->json('ingredients');
            $table->json('marks');
            $table->float('yield_per_kg');
            $table->float('yield_sd');
            $table->unsignedInteger('minutes');
            $table->integer('value_minor');
            $table->unsignedInteger('days_kept');
            $table->boolean('hot');
            $table->boolean('raw');
            $table->string('caution');
            $table->string('source');
            $table->unsignedInteger('version')->default(1);
            $table->string('retired_at')->nullable();
        });
        Schema::create('makings', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->unsignedInteger('number')->unique();
            $table->foreignUlid('recipe_id')->constrained('recipes');
            // As the recipe stood when it was made.
            $table->json('recipe');
            $table->json('pots');
            $table->foreignUlid('made_by')->constrained('people');
            $table->string('made_at');
            $table->string('use_by');
            $table->string('why_then');
            $table->string('yield_milli')->nullable();
            $table->string('gone')->nullable();
            $table->string('gone_why')->nullable();
            $table->string('gone_at')->nullable();
            $table->unsignedInteger('version')->default(1);
            $table->index('made_at');
        });
        Schema::create('bin_deposits', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('piece_id')->constrained('pieces');
            $table->foreignUlid('fish_id')->constrained('fish');
            $table->foreignUlid('species_id')->constrained('species');
            $table->string('bin');
            $table->string('keeping');
            // The deposit it was moved out of, within the bin.
            $table->ulid('from_id')->nullable();
            $table->integer('mass_mg');
            $table->integer('value_per_kg_minor');
            $table->string('lot');
            $table->string('until');
            $table->string('why_then');
            $table->foreignUlid('put_by')->constrained('people');
            $table->string('put_at');
            $table->index('piece_id');
            $table->index('fish_id');
            $table->index(['bin', 'until']);
        });
        Schema::create('bin_withdrawals', function (Blueprint $table): void {
            $table->id();
            // One act may empty several deposits.
            $table->ulid('act')->index();
            $table->foreignUlid('deposit_id')->constrained('bin_deposits');
            $table->foreignUlid('making_id')->nullable()->constrained('makings');
            $table->string('how');
            $table->integer('mass_mg');
            $table->integer('minor');
            $table->string('reason');
            $table->foreignUlid('taken_by')->constrained('people');
            $table->string('taken_at');
            $table->index('deposit_id');
            $table->index('making_id');
        });
        Schema::create('cooling_readings', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('making_id')->constrained('makings');
            $table->integer('celsius_tenths');
            $table->string('measured');
            $table->foreignUlid('taken_by')->constrained('people');
            $table->string('taken_at');
            $table->index('making_id');
        });
        Schema::create('supplier_prices', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->ulid('list_id')->index();
            $table->foreignUlid('supplier_id')->constrained('suppliers');
            $table->foreignUlid('species_id')->constrained('species');
            $table->integer('price_per_kg_minor');
            $table->string('called');
            $table->foreignUlid('listed_by')->constrained('people');
            $table->string('listed_at');
            $table->index(['species_id', 'listed_at']);
        });
        foreach (['bin_deposits', 'bin_withdrawals', 'cooling_readings', 'supplier_prices'] as $table) {
            foreach (['update', 'delete'] as $verb) {
                DB::unprepared(
                    "create trigger {$table}_no_{$verb} before {$verb} on {$table} begin select raise(abort, ".
                        "'{$table} are only ever added to'); end",
                );
            }
        }
        // Whoever asks: no more leaves a deposit than was put in.
        DB::unprepared('create trigger bin_withdrawals_never_below_zero before insert on bin_withdrawals
            when new.mass_mg <= 0 or new.mass_mg
                + (select coalesce(sum(mass_mg), 0) from bin_withdrawals where deposit_id = new.deposit_id)
                > (select mass_mg from bin_deposits where id = new.deposit_id)
            begin select raise(abort, \'a bin never holds less than nothing\'); end');
    }
};
