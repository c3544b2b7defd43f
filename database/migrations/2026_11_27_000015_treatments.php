<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

// Treatments as the house does them, and each time one is done: what was weighed in, when it ran, what it did to the
// weight. Thawing, packing, time out of the cold, and the checks of instruments.
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('treatments', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('name')->unique();
            $table->string('kind');
            $table->string('aims');
            $table->string('not_for');
            foreach (['strength_pct', 'brine_ratio', 'salt_pct', 'sugar_pct', 'target_pct', 'turn_every'] as $column) {
                $table->float($column)->nullable();
            }
            $table->float('minutes_from');
            $table->float('minutes');
            $table->float('minutes_to');
            $table->boolean('rinse');
            $table->boolean('dry');
            $table->json('aromatics');
            $table->float('change_pct');
            $table->float('change_sd');
            $table->unsignedInteger('uses')->default(1);
            $table->string('service')->nullable();
            $table->string('caution');
            $table->string('source');
            $table->string('retired_at')->nullable();
            $table->unsignedInteger('version')->default(1);
        });
        Schema::create('treatings', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->unsignedInteger('number')->unique();
            $table->foreignUlid('treatment_id')->constrained('treatments');
            $table->json('made_as');
            $table->unsignedBigInteger('before_mg');
            $table->float('thick_mm')->nullable();
            $table->unsignedTinyInteger('faces');
            $table->float('measured_pct')->nullable();
            $table->foreignUlid('brine_of')->nullable();
            $table->string('begun_by');
            $table->string('begun_at');
            $table->string('started_at')->nullable();
            $table->string('ended_at')->nullable();
            $table->foreignUlid('ended_by')->nullable()->constrained('people');
            $table->string('ended_why')->default('');
            $table->unsignedBigInteger('after_mg')->nullable();
            $table->string('weighed_at')->nullable();
            $table->unsignedInteger('version')->default(1);
            $table->index('ended_at');
        });
        Schema::create('treated_things', function (Blueprint $table): void {
            $table->foreignUlid('treating_id')->constrained('treatings');
            $table->foreignUlid('piece_id')->nullable()->constrained('pieces');
            $table->foreignUlid('batch_id')->nullable()->constrained('batches');
            $table->index('treating_id');
            $table->index('piece_id');
            $table->index('batch_id');
        });
        Schema::create('treating_marks', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('treating_id')->constrained('treatings');
            $table->string('what');
            $table->unsignedBigInteger('mass_mg')->nullable();
            $table->foreignUlid('done_by')->constrained('people');
            $table->string('done_at');
            $table->index('treating_id');
        });
        Schema::create('thaws', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->unsignedInteger('number')->unique();
            $table->foreignUlid('item_id')->constrained('run_items');
            $table->string('how');
            $table->float('thick_mm')->nullable();
            $table->integer('ambient_tenths');
            $table->string('needed_at')->nullable();
            $table->foreignUlid('planned_by')->constrained('people');
            $table->string('planned_at');
            $table->string('started_at')->nullable();
            $table->boolean('opened')->default(false);
            $table->unsignedBigInteger('before_mg')->nullable();
            $table->string('finished_at')->nullable();
            $table->integer('core_tenths')->nullable();
            $table->string('measured')->nullable();
            $table->unsignedBigInteger('after_mg')->nullable();
            $table->foreignUlid('finished_by')->nullable()->constrained('people');
            $table->unsignedInteger('version')->default(1);
            $table->index('item_id');
            $table->index('finished_at');
        });
        Schema::create('packs', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->unsignedInteger('number')->unique();
            $table->foreignUlid('piece_id')->nullable()->constrained('pieces');
            $table->foreignUlid('batch_id')->nullable()->constrained('batches');
            $table->string('how');
            $table->boolean('frozen');
            $table->string('use_by');
            $table->string('why_then');
            $table->string('cloth_due')->nullable();
            $table->foreignUlid('packed_by')->constrained('people');
            $table->string('packed_at');
            $table->string('opened_at')->nullable();
            $table->foreignUlid('opened_by')->nullable()->constrained('people');
            $table->index('opened_at');
        });
        Schema::create('times_out', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('fish_id')->constrained('fish');
            $table->string('out_at');
            $table->foreignUlid('out_by')->constrained('people');
            $table->string('in_at');
            $table->foreignUlid('in_by')->nullable()->constrained('people');
            $table->integer('room_tenths')->nullable();
            $table->index(['fish_id', 'out_at']);
        });
        Schema::table('fish', function (Blueprint $table): void {
            $table->string('out_since')->nullable();
            $table->ulid('out_by')->nullable();
            $table->index('out_since');
        });
        Schema::create('releases', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('fish_id')->constrained('fish');
            $table->string('reason');
            $table->foreignUlid('released_by')->constrained('people');
            $table->string('released_at');
            $table->index('fish_id');
        });
        Schema::create('instrument_checks', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('instrument');
            $table->bigInteger('expected');
            $table->bigInteger('measured');
            $table->bigInteger('within');
            $table->boolean('good');
            $table->string('note')->default('');
            $table->foreignUlid('checked_by')->constrained('people');
            $table->string('checked_at');
            $table->index(['instrument', 'checked_at']);
        });
        $this->labelsOfOtherThings();
        foreach (['treating_marks', 'times_out', 'releases', 'instrument_checks'] as $table) {
            foreach (['update', 'delete'] as $verb) {
                DB::unprepared(
                    "create trigger {$table}_no_{$verb} before {$verb} on {$table} ".
                        "begin select raise(abort, '{$table} are only ever added to'); end",
                );
            }
        }
    }

    /** The printer prints for more than trays; what it printed stays as it was, by the same guards as before. */
    private function labelsOfOtherThings(): void
    {
        $guards = DB::table('sqlite_master')->where('type', 'trigger')->where('tbl_name', 'printed')->pluck('sql');
        Schema::table('printed', function (Blueprint $table): void {
            $table->ulid('batch_id')->nullable()->change();
        });
        foreach ($guards as $guard) {
            DB::unprepared($guard);
        }
    }
};
