<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

// What is left in each tub, and what a fish cost, kept beside its readings. Whatever may change it throws it away, by
// the database itself: a figure that stands here is the one that would be worked out.
return new class extends Migration
{
    /** Which fish's cost is old after what. */
    private const CHANGES = [
        'insert on pieces' => 'new.fish_id',
        'update on pieces' => 'new.fish_id',
        'delete on pieces' => 'old.fish_id',
        'insert on readings' => '(select fish_id from pieces where id = new.piece_id)',
        'insert on reading_voids' => '(select fish_id from readings join pieces on pieces.id = piece_id
            where readings.id = new.reading_id)',
        'update on fish' => 'new.id',
        'insert on bin_deposits' => 'new.fish_id',
    ];

    /** The fish of a batch: what goes into it shares what it brings. */
    private const OF_BATCH = '(select fish_id from bin_withdrawals join bin_deposits on bin_deposits.id = deposit_id
        where making_id = %s)';

    private const LEFT = 'select id from bin_deposits where id = %s and mass_mg > coalesce((select sum(mass_mg)
        from bin_withdrawals where deposit_id = bin_deposits.id), 0)';

    public function up(): void
    {
        Schema::create('cost_summaries', function (Blueprint $table): void {
            $table->string('fish_id')->primary();
            // What the house counts by, digested: another school, another cost.
            $table->string('counted_by');
            $table->unsignedBigInteger('bought_mg');
            // Nothing while it has no price or no portion.
            $table->unsignedBigInteger('served_mg')->nullable();
            $table->bigInteger('price_minor');
            $table->bigInteger('work_minor');
            $table->bigInteger('back_minor');
            $table->json('dishes');
        });
        // The tubs that are not empty: a house of years finds the few by them.
        Schema::create('bins_left', function (Blueprint $table): void {
            $table->string('deposit_id')->primary();
        });
        DB::unprepared('insert into bins_left '.sprintf(self::LEFT, 'id'));
        $puts = ['insert on bin_deposits' => 'new.id', 'insert on bin_withdrawals' => 'new.deposit_id'];
        foreach ($puts as $when => $id) {
            $name = 'left_'.str_replace(' ', '_', $when);
            $left = sprintf(self::LEFT, $id);
            DB::unprepared("create trigger {$name} after {$when} begin
                delete from bins_left where deposit_id = {$id};
                insert into bins_left {$left};
            end");
        }
        Schema::table('bin_deposits', function (Blueprint $table): void {
            $table->index(['bin', 'put_at']);
        });
        Schema::table('logged_fish', function (Blueprint $table): void {
            $table->index('version');
            $table->index('entered_at');
        });
        Schema::table('boards', function (Blueprint $table): void {
            $table->index('laid_at');
            $table->index(['shape', 'laid_at']);
        });
        foreach (self::CHANGES as $when => $fish) {
            $this->after($when, "fish_id = {$fish}");
        }
        $this->after('insert on bin_withdrawals', 'fish_id = (select fish_id from bin_deposits
            where id = new.deposit_id) or fish_id in '.sprintf(self::OF_BATCH, 'new.making_id'));
        $this->after('update on makings', 'fish_id in '.sprintf(self::OF_BATCH, 'new.id'));
        $treated = '(select fish_id from treated_things join pieces on pieces.id = piece_id
            or pieces.batch_id = treated_things.batch_id where treating_id = %s)';
        $this->after('update on treatings', 'fish_id in '.sprintf($treated, 'new.id'));
        $this->after('insert on treated_things', 'fish_id in '.sprintf($treated, 'new.treating_id'));
    }

    private function after(string $when, string $which): void
    {
        $name = 'costs_'.str_replace(' ', '_', $when);
        DB::unprepared("create trigger {$name} after {$when} begin delete from cost_summaries where {$which}; end");
    }
};
