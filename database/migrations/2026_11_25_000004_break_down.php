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
        // Shipped steps are laid anew by the seeder; their table grew.
        Schema::drop('method_steps');
        DB::table('methods')->delete();
        Schema::table('methods', function (Blueprint $table): void {
            $table->string('copied_from')->nullable();
            $table->unsignedInteger('version')->default(1);
        });
        Schema::create('method_steps', function (Blueprint $table): void {
            $table->string('method');
            $table->unsignedInteger('step');
            $table->string('choices')->default('');
            $table->string('doing');
            $table->string('why');
            $table->string('parts');
            $table->string('place')->default('');
            $table->string('tools');
            $table->string('caution');
            $table->string('inspect');
            $table->float('seconds');
            $table->float('seconds_per_kg');
            $table->string('source');
            $table->primary(['method', 'step']);
            $table->foreign('method')->references('method')->on('methods');
        });
        Schema::create('method_choices', function (Blueprint $table): void {
            $table->string('method');
            $table->string('question');
            $table->string('asks');
            $table->string('option');
            $table->string('name');
            $table->string('why');
            $table->string('part');
            $table->float('costs_pct');
            $table->string('usual');
            $table->string('source');
            $table->primary(['method', 'question', 'option']);
            $table->foreign('method')->references('method')->on('methods');
        });
        Schema::table('fish', function (Blueprint $table): void {
            $table->string('method')->nullable();
            $table->json('choices')->default('{}');
            $table->unsignedInteger('steps_said')->default(0);
            $table->string('begun_at')->nullable();
        });
        Schema::create('step_times', function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('fish_id')->constrained('fish');
            $table->unsignedInteger('step');
            $table->foreignUlid('said_by')->constrained('people');
            $table->string('said_at');
            $table->index('fish_id');
        });
        Schema::create('bone_checks', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('fish_id')->constrained('fish');
            $table->foreignUlid('piece_id')->constrained('pieces');
            $table->unsignedInteger('found');
            $table->boolean('second_pass');
            $table->string('waived')->nullable();
            $table->boolean('later')->default(false);
            $table->foreignUlid('checked_by')->constrained('people');
            $table->string('checked_at');
            $table->index('fish_id');
        });
        Schema::create('finds', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('fish_id')->constrained('fish');
            $table->string('kind');
            $table->integer('mass_mg')->nullable();
            $table->string('note');
            $table->boolean('claimed');
            $table->ulid('photo_id')->nullable();
            $table->foreignUlid('found_by')->constrained('people');
            $table->string('found_at');
            $table->index('fish_id');
        });
        // Worked out anew whenever a fish changes; never the only place anything stands.
        Schema::create('yield_records', function (Blueprint $table): void {
            $table->foreignUlid('fish_id')->constrained('fish');
            $table->foreignUlid('species_id')->constrained('species');
            $table->string('state');
            $table->string('method');
            $table->string('rung');
            $table->float('pct');
            $table->integer('each_mg');
            $table->primary(['fish_id', 'rung']);
            $table->index(['species_id', 'state', 'rung', 'method']);
        });
        foreach (['bone_checks', 'finds', 'step_times'] as $table) {
            foreach (['update', 'delete'] as $verb) {
                DB::unprepared(
                    "create trigger {$table}_no_{$verb} before {$verb} on {$table} begin select raise(abort, ".
                        "'{$table} are only ever added to'); end",
                );
            }
        }
    }
};
