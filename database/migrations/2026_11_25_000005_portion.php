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
        Schema::table('dishes', function (Blueprint $table): void {
            $table->unsignedInteger('number')->default(0);
            $table->foreignUlid('species_id')->nullable()->constrained('species');
            $table->string('stretch')->default('anywhere');
            $table->boolean('skin_on')->default(true);
            $table->boolean('raw')->default(false);
            $table->unsignedInteger('slant_deg')->default(90);
            $table->float('thin_mm')->nullable();
            $table->float('thick_mm')->nullable();
            $table->float('evenness')->nullable();
            $table->integer('value_minor')->nullable();
            $table->string('priority')->default('usual');
            $table->string('retired_at')->nullable();
        });
        // What numbers the labels is the order in which dishes were written down.
        foreach (DB::table('dishes')->orderBy('id')->pluck('id') as $i => $id) {
            DB::table('dishes')
                ->where('id', $id)
                ->update(['number' => $i + 1]);
        }
        Schema::table('pieces', function (Blueprint $table): void {
            $table->foreignUlid('dish_id')->nullable()->constrained('dishes');
            $table->ulid('batch_id')->nullable()->index();
        });
        // A fillet as it was laid on the board: its size, how it is cut, and for what.
        Schema::create('boards', function (Blueprint $table): void {
            $table->foreignUlid('piece_id')->primary()->constrained('pieces');
            $table->foreignUlid('fish_id')->constrained('fish');
            $table->float('length_cm');
            $table->float('thickness_mm');
            $table->boolean('measured');
            $table->string('shape');
            $table->integer('square_mg');
            $table->float('tail_mm');
            $table->string('school');
            $table->boolean('aimed');
            $table->boolean('guess_first');
            $table->json('kinds');
            $table->json('marks_cm');
            $table->unsignedInteger('version')->default(1);
            $table->foreignUlid('laid_by')->constrained('people');
            $table->string('laid_at');
            $table->index('fish_id');
        });
        // Where on its fillet a piece was cut, and what was meant; the weight stands in its reading.
        Schema::create('cuts', function (Blueprint $table): void {
            $table->foreignUlid('reading_id')->primary()->constrained('readings');
            $table->foreignUlid('fillet_id')->constrained('pieces');
            $table->foreignUlid('cut_by')->constrained('people');
            $table->float('from_cm');
            $table->float('to_cm');
            $table->float('thin_mm');
            $table->float('thick_mm');
            $table->integer('aim_mg')->nullable();
            $table->integer('guess_mg')->nullable();
            $table->boolean('at_mark')->default(true);
            $table->index('fillet_id');
        });
        Schema::create('shape_resets', function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('species_id')->constrained('species');
            $table->string('shape');
            $table->foreignUlid('reset_by')->constrained('people');
            $table->string('reset_at');
            $table->unique(['species_id', 'shape', 'reset_at']);
        });
        Schema::create('wanted', function (Blueprint $table): void {
            $table->string('day');
            $table->foreignUlid('dish_id')->constrained('dishes');
            $table->unsignedInteger('need');
            $table->primary(['day', 'dish_id']);
        });
        Schema::create('batches', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->unsignedInteger('number')->unique();
            $table->foreignUlid('dish_id')->constrained('dishes');
            $table->foreignUlid('made_by')->constrained('people');
            $table->string('made_at');
            $table->string('use_by');
            $table->string('why_then');
            $table->index('made_at');
        });
        // What the label printer was given; the stand-in keeps it all.
        Schema::create('printed', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('batch_id')->constrained('batches');
            $table->string('title');
            $table->unsignedInteger('labels');
            $table->binary('pdf');
            $table->foreignUlid('printed_by')->constrained('people');
            $table->string('printed_at');
            $table->index('printed_at');
        });
        foreach (['cuts', 'shape_resets', 'printed'] as $table) {
            foreach (['update', 'delete'] as $verb) {
                DB::unprepared(
                    "create trigger {$table}_no_{$verb} before {$verb} on {$table} begin select raise(abort, ".
                        "'{$table} are only ever added to'); end",
                );
            }
        }
    }
};
