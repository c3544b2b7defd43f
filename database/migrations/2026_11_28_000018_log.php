<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

// What the log is asked about, kept beside the readings it was worked out from; saved searches.
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('logged_fish', function (Blueprint $table): void {
            $table->foreignUlid('fish_id')->primary()->constrained('fish');
            $table->unsignedInteger('version');
            $table->unsignedInteger('number')->unique();
            $table->foreignUlid('species_id')->constrained('species');
            $table->string('state');
            $table->string('step')->default('');
            $table->foreignUlid('supplier_id')->constrained('suppliers');
            $table->string('line_id')->nullable();
            $table->string('lot');
            $table->string('cutter_id')->nullable();
            $table->string('method')->default('');
            $table->string('answers')->default('');
            $table->string('dishes')->default('');
            $table->unsignedInteger('count');
            $table->string('received_on');
            $table->string('cut_on')->nullable();
            $table->unsignedInteger('whole_mg');
            $table->unsignedInteger('each_mg');
            $table->float('doublings')->nullable();
            $table->string('fat_grade')->nullable();
            $table->float('yield_pct')->nullable();
            $table->float('edible_pct')->nullable();
            $table->string('suspect')->nullable();
            $table->unsignedInteger('portions')->default(0);
            $table->integer('cost_minor')->nullable();
            $table->unsignedInteger('edible_mg')->default(0);
            $table->integer('back_minor')->default(0);
            $table->float('minutes')->nullable();
            $table->float('residual_z')->nullable();
            $table->text('steps')->default('{}');
            $table->text('trays')->default('{}');
            $table->string('entered_at')->default('');
            $table->index(['species_id', 'state', 'step']);
            $table->index('cut_on');
            $table->index(['cutter_id', 'cut_on']);
            $table->index(['supplier_id', 'received_on']);
            $table->index('lot');
        });
        Schema::create('logged_groups', function (Blueprint $table): void {
            $table->string('species_id');
            $table->string('state');
            $table->string('step');
            $table->unsignedInteger('records');
            $table->float('at_kilo');
            $table->float('slope');
            $table->float('scale');
            $table->primary(['species_id', 'state', 'step']);
        });
        Schema::create('log_views', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('person_id')->constrained('people');
            $table->string('name');
            $table->text('query');
            $table->string('retired_at')->nullable();
            $table->unsignedInteger('version')->default(1);
        });
        Schema::create('weeks', function (Blueprint $table): void {
            $table->string('monday')->primary();
            $table->binary('pdf');
            $table->string('made_at');
        });
        Schema::create('complaints', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->unsignedInteger('number')->unique();
            $table->string('kind');
            $table->string('said');
            $table->string('table_no')->default('');
            $table->unsignedInteger('guests')->default(1);
            $table->string('day');
            $table->foreignUlid('dish_id')->nullable()->constrained('dishes');
            $table->foreignUlid('tray_id')->nullable()->constrained('batches');
            $table->foreignUlid('fish_id')->nullable()->constrained('fish');
            $table->foreignUlid('written_by')->constrained('people');
            $table->string('written_at');
            $table->unsignedInteger('version')->default(1);
        });
        Schema::create('complaint_steps', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('complaint_id')->constrained('complaints');
            $table->string('what');
            $table->string('text')->default('');
            $table->foreignUlid('written_by')->constrained('people');
            $table->string('written_at');
            $table->index('complaint_id');
        });
        Schema::create('lot_holds', function (Blueprint $table): void {
            $table->id('seq');
            $table->foreignUlid('lot_id')->constrained('kept_lots');
            $table->string('why');
            $table->foreignUlid('held_by')->constrained('people');
            $table->string('held_at');
            $table->string('released_at')->nullable();
            $table->index('lot_id');
        });
        Schema::create('old_yields', function (Blueprint $table): void {
            $table->id('seq');
            $table->ulid('act');
            $table->string('file');
            $table->unsignedInteger('row');
            $table->foreignUlid('species_id')->constrained('species');
            $table->string('state');
            $table->string('step');
            $table->unsignedInteger('each_mg');
            $table->float('yield_pct');
            $table->string('cut_on')->default('');
            $table->string('cutter')->default('');
            $table->string('supplier')->default('');
            $table->string('method')->default('');
            $table->foreignUlid('taken_by')->constrained('people');
            $table->string('taken_at');
            $table->index(['species_id', 'state', 'step']);
            $table->index('act');
        });
        // Which fish the ledger has to enter anew, marked by the database itself: no bench waits for it, and whoever
        // opens the log looks at a short list, however many fish there are.
        Schema::create('log_stale', function (Blueprint $table): void {
            $table->string('fish_id')->primary();
        });
        DB::unprepared('insert into log_stale (fish_id) select id from fish');
        foreach (['insert on fish', 'update of version on fish'] as $i => $when) {
            DB::unprepared(
                "create trigger log_stale_{$i} after {$when} begin
                    insert or ignore into log_stale (fish_id) values (new.id);
                end",
            );
        }
    }
};
