<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

// Cold places and what their probes said; freezing runs with the fish in them. What a probe said stays as it was said.
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('places', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('name')->unique();
            $table->string('kind');
            $table->integer('lowest_tenths')->nullable();
            $table->integer('highest_tenths')->nullable();
            $table->unsignedInteger('every_minutes');
            $table->unsignedInteger('trays')->nullable();
            $table->unsignedInteger('litres')->nullable();
            $table->string('surroundings')->nullable();
            $table->string('house_factor')->default('1');
            $table->string('channel')->default('');
            $table->unsignedTinyInteger('battery_pct')->nullable();
            $table->unsignedBigInteger('heard_s')->nullable();
            $table->string('source');
            $table->string('retired_at')->nullable();
            $table->unsignedInteger('version')->default(1);
        });
        Schema::create('temperatures', function (Blueprint $table): void {
            $table->id('seq');
            $table->foreignUlid('place_id')->constrained('places');
            $table->string('probe');
            $table->unsignedBigInteger('at_s');
            $table->integer('tenths');
            $table->string('source');
            $table->foreignUlid('taken_by')->nullable()->constrained('people');
            $table->unique(['place_id', 'probe', 'at_s', 'tenths']);
        });
        Schema::create('probe_faults', function (Blueprint $table): void {
            $table->id('seq');
            $table->foreignUlid('place_id')->constrained('places');
            $table->string('probe');
            $table->unsignedBigInteger('at_s');
            $table->string('said');
            $table->string('why');
            $table->unique(['place_id', 'probe', 'at_s', 'why']);
        });
        Schema::create('place_acts', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('place_id')->constrained('places');
            $table->string('what');
            $table->foreignUlid('done_by')->constrained('people');
            $table->string('done_at');
            $table->index(['place_id', 'done_at']);
        });
        Schema::create('logger_maps', function (Blueprint $table): void {
            $table->string('header')->primary();
            $table->json('map');
        });
        Schema::create('freezing_runs', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->unsignedInteger('number')->unique();
            $table->string('purpose');
            $table->foreignUlid('place_id')->constrained('places');
            $table->string('rules');
            $table->boolean('core_probe');
            $table->unsignedInteger('accuracy_tenths');
            $table->unsignedInteger('max_gap_minutes');
            $table->float('thick_mm')->nullable();
            $table->string('wrap')->default('none');
            $table->foreignUlid('started_by')->constrained('people');
            $table->string('loaded_at');
            $table->string('due_at')->nullable();
            $table->string('solid_at')->nullable();
            $table->foreignUlid('solid_by')->nullable()->constrained('people');
            $table->string('ended_at')->nullable();
            $table->foreignUlid('ended_by')->nullable()->constrained('people');
            $table->unsignedInteger('version')->default(1);
            $table->index('ended_at');
            $table->index('place_id');
        });
        Schema::create('run_items', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('run_id')->constrained('freezing_runs');
            $table->foreignUlid('piece_id')->nullable()->constrained('pieces');
            $table->foreignUlid('batch_id')->nullable()->constrained('batches');
            $table->string('added_at');
            $table->foreignUlid('added_by')->constrained('people');
            $table->string('out_at')->nullable();
            $table->string('out_why')->nullable();
            $table->foreignUlid('out_by')->nullable()->constrained('people');
            $table->string('rule_met')->nullable();
            $table->string('met_at')->nullable();
            $table->index('run_id');
            $table->index('piece_id');
            $table->index('batch_id');
        });
        foreach (['temperatures' => 'a temperature is kept', 'place_acts' => 'what was done stays'] as $table => $why) {
            foreach (['update', 'delete'] as $verb) {
                DB::unprepared(
                    "create trigger {$table}_no_{$verb} before {$verb} on {$table} ".
                        "begin select raise(abort, '{$why}'); end",
                );
            }
        }
    }
};
