<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

// Portions kept for service: what came in lies there until it leaves. Trays that are not past their date come in now.
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('kept_lots', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('tray_id')->nullable()->constrained('batches');
            $table->foreignUlid('from_id')->nullable();
            $table->foreignUlid('dish_id')->constrained('dishes');
            $table->string('state')->default('chilled');
            $table->unsignedInteger('count');
            $table->string('until');
            $table->string('why_then');
            $table->string('cut_on');
            $table->foreignUlid('put_by')->constrained('people');
            $table->string('put_at');
            $table->index('dish_id');
            $table->index('tray_id');
            $table->index('until');
        });
        Schema::create('kept_leavings', function (Blueprint $table): void {
            $table->id('seq');
            $table->ulid('act');
            $table->foreignUlid('lot_id')->constrained('kept_lots');
            $table->string('how');
            $table->integer('count');
            $table->ulid('undoes')->nullable();
            $table->string('service')->default('');
            $table->string('reason')->default('');
            $table->foreignUlid('left_by')->constrained('people');
            $table->string('left_at');
            $table->index('lot_id');
            $table->index('act');
            $table->index('left_at');
        });
        Schema::create('lot_moves', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('lot_id')->constrained('kept_lots');
            $table->foreignUlid('place_id')->constrained('places');
            $table->foreignUlid('moved_by')->constrained('people');
            $table->string('moved_at');
            $table->index(['lot_id', 'moved_at']);
        });
        Schema::create('closing_counts', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('day');
            $table->string('service');
            $table->string('note')->default('');
            $table->foreignUlid('counted_by')->constrained('people');
            $table->string('counted_at');
            $table->index('day');
        });
        $this->trays();
        foreach (['kept_lots', 'kept_leavings', 'lot_moves', 'closing_counts'] as $table) {
            foreach (['update', 'delete'] as $verb) {
                DB::unprepared(
                    "create trigger {$table}_no_{$verb} before {$verb} on {$table} ".
                        "begin select raise(abort, '{$table} are only ever added to'); end",
                );
            }
        }
        DB::unprepared('create trigger kept_leavings_within before insert on kept_leavings
            when new.count = 0 or new.count
                + (select coalesce(sum(count), 0) from kept_leavings where lot_id = new.lot_id)
                not between 0 and (select count from kept_lots where id = new.lot_id)
            begin select raise(abort, \'a tray never holds less than nothing, nor more than was put there\'); end');
    }

    private function trays(): void
    {
        $trays = DB::table('batches')
            ->where('use_by', '>=', date('Y-m-d'))
            ->get(['id', 'dish_id', 'use_by', 'why_then', 'made_by', 'made_at']);
        foreach ($trays as $tray) {
            $count = DB::table('pieces')
                ->where('batch_id', $tray->id)
                ->selectRaw('count(distinct coalesce(serving_id, id)) + sum(portions - 1) as n')
                ->value('n');
            DB::table('kept_lots')->insert([
                'id' => $tray->id,
                'tray_id' => $tray->id,
                'dish_id' => $tray->dish_id,
                'count' => max(1, (int) $count),
                'until' => $tray->use_by,
                'why_then' => $tray->why_then,
                'cut_on' => substr($tray->made_at, 0, 10),
                'put_by' => $tray->made_by,
                'put_at' => $tray->made_at,
            ]);
        }
    }
};
