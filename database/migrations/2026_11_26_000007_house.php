<?php

declare(strict_types=1);

use Database\Seed\Written;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** What is only ever added to. */
    private const KEPT = [
        'readings',
        'reading_voids',
        'bone_checks',
        'finds',
        'step_times',
        'cuts',
        'shape_resets',
        'printed',
        'bin_deposits',
        'bin_withdrawals',
        'cooling_readings',
        'supplier_prices',
    ];

    public function up(): void
    {
        DB::transaction(fn () => $this->all());
    }

    private function all(): void
    {
        DB::statement('pragma defer_foreign_keys = on');
        foreach (self::KEPT as $table) {
            foreach (['update', 'delete'] as $verb) {
                DB::unprepared("drop trigger {$table}_no_{$verb}");
            }
        }
        DB::unprepared('drop trigger bin_withdrawals_never_below_zero');
        Written::foldIds();
        Written::inUtc();
        $this->order();
        $this->people();
        $this->house();
        $this->guard();
    }

    /** Which of two readings came later is no question of what a clock said. */
    private function order(): void
    {
        Schema::table('readings', function (Blueprint $table): void {
            $table->unsignedInteger('seq')->default(0);
            $table->string('units')->nullable();
            $table->string('sent_at')->nullable();
        });
        DB::statement(
            'update readings set seq = (select n from (select id, row_number() over (order by rowid) as n from '.
                'readings) as placed where placed.id = readings.id)',
        );
        Schema::table('readings', fn (Blueprint $table) => $table->unique('seq'));
        foreach (
            [
                'activity_log' => "strftime('%Y-%m-%dT%H:%M:%fZ', created_at)",
                'reading_voids' => 'voided_at',
            ] as $name => $at
        ) {
            Schema::table($name, fn (Blueprint $table) => $table->unsignedInteger('after_seq')->nullable());
            DB::statement(
                "update {$name} set after_seq = (select coalesce(max(seq), 0) from readings where taken_at <= {$at})",
            );
        }
        Schema::create('sent', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('digest', 64);
        });
    }

    private function people(): void
    {
        Schema::table('people', function (Blueprint $table): void {
            $table->string('disabled_at')->nullable();
            $table->string('signed_in_at')->nullable();
            $table->boolean('shortcuts')->default(true);
            $table->unsignedInteger('version')->default(1);
        });
        Schema::create('sign_ins', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('person_id')->constrained('people');
            $table->string('tablet')->nullable();
            $table->string('began_at');
            $table->string('ended_at')->nullable();
            $table->index('person_id');
        });
        Schema::create('pin_tries', function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('person_id')->constrained('people');
            $table->string('address');
            $table->string('tablet')->nullable();
            $table->unsignedInteger('at_s');
            $table->boolean('failed')->default(true);
            $table->index(['person_id', 'at_s']);
            $table->index(['address', 'at_s']);
            $table->index(['tablet', 'at_s']);
        });
    }

    private function house(): void
    {
        Schema::table('settings', function (Blueprint $table): void {
            $table->string('changed_by')->nullable();
            $table->string('changed_at')->nullable();
        });
        Schema::create('backups', function (Blueprint $table): void {
            $table->id();
            $table->string('file');
            $table->unsignedInteger('bytes');
            $table->string('sha256', 64);
            $table->string('made_at');
        });
        Schema::create('computations', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('name');
            $table->foreignUlid('asked_by')->constrained('people');
            $table->string('asked_at');
            $table->string('state')->default('waiting');
            $table->unsignedInteger('progress_pct')->default(0);
            $table->text('request');
            $table->text('answer')->nullable();
            $table->index(['asked_by', 'state']);
        });
        Schema::create('jobs', function (Blueprint $table): void {
            $table->id();
            $table->string('queue')->index();
            $table->longText('payload');
            $table->unsignedTinyInteger('attempts');
            $table->unsignedInteger('reserved_at')->nullable();
            $table->unsignedInteger('available_at');
            $table->unsignedInteger('created_at');
        });
    }

    /** No statement changes what is kept, replacing it by the same name included. */
    private function guard(): void
    {
        foreach (self::KEPT as $table) {
            $kept = "begin select raise(abort, '{$table} are only ever added to'); end";
            $key = collect(Schema::getIndexes($table))->firstWhere('primary', true)['columns'][0] ?? 'id';
            DB::unprepared("create trigger {$table}_no_update before update on {$table} {$kept}");
            DB::unprepared("create trigger {$table}_no_delete before delete on {$table} {$kept}");
            // "insert or replace" deletes without asking the trigger above; by the key, by the row's own number, by
            // another unique column.
            $known = ["{$key} = new.{$key}", 'rowid = new.rowid'];
            foreach (Schema::getIndexes($table) as $index) {
                if ($index['unique'] && ! $index['primary']) {
                    $known[] =
                        '('.
                        implode(
                            ' and ',
                            array_map(fn (string $column): string => "{$column} = new.{$column}", $index['columns']),
                        ).
                        ')';
                }
            }
            DB::unprepared(
                "create trigger {$table}_no_replace before insert on {$table} when exists (select 1 from ".
                    "{$table} where ".
                    implode(' or ', $known).
                    ") {$kept}",
            );
        }
        DB::unprepared('create trigger bin_withdrawals_never_below_zero before insert on bin_withdrawals
            when new.mass_mg <= 0 or new.mass_mg
                + (select coalesce(sum(mass_mg), 0) from bin_withdrawals where deposit_id = new.deposit_id)
                > (select mass_mg from bin_deposits where id = new.deposit_id)
            begin select raise(abort, \'a bin never holds less than nothing\'); end');
    }
};
