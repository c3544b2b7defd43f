<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

// Questions belong to body forms: which answers make sense together, and which step comes before which, as data.
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('method_steps', function (Blueprint $table): void {
            $table->string('action')->default('');
            $table->string('cue')->default('');
            $table->string('mistake')->default('');
            $table->string('mistake_costs')->default('');
        });
        Schema::create('species_signs', function (Blueprint $table): void {
            $table->foreignUlid('species_id')->constrained('species');
            $table->unsignedInteger('place');
            $table->string('sign');
            $table->string('source');
            $table->primary(['species_id', 'place']);
        });
        Schema::table('species', function (Blueprint $table): void {
            $table->float('pin_reach_pct')->default(0);
            $table->string('look_alikes')->default('');
            $table->string('handling')->default('');
        });
        // Until the catalogue is laid anew, and for kinds the house added. Estimates.
        foreach (['short' => 55, 'long' => 70, 'many' => 95] as $row => $reach) {
            DB::table('species')->where('pin_row', $row)->update(['pin_reach_pct' => $reach]);
        }
        Schema::table('bone_checks', function (Blueprint $table): void {
            $table->json('marks')->default('[]');
        });
        Schema::table('fish', function (Blueprint $table): void {
            $table->string('not_it')->nullable();
            // What the supplier had not done, though it was sold so; what it was sold as stands on its line.
            $table->json('not_done')->default('[]');
        });
        Schema::table('inspections', function (Blueprint $table): void {
            $table->json('missing_signs')->default('[]');
        });
        Schema::create('sample_weighings', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('fish_id')->constrained('fish');
            $table->integer('mass_mg')->nullable();
            // One that takes another back has no mass of its own.
            $table->ulid('undoes')->nullable();
            $table->foreignUlid('taken_by')->constrained('people');
            $table->string('taken_at');
            $table->index('fish_id');
        });
        Schema::create('clean_downs', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('what');
            $table->float('sanitiser_ppm')->nullable();
            $table->foreignUlid('fish_id')->nullable()->constrained('fish');
            $table->foreignUlid('done_by')->constrained('people');
            $table->foreignUlid('written_by')->constrained('people');
            $table->string('done_at')->index();
        });
        foreach (['clean_downs', 'sample_weighings'] as $name) {
            foreach (['update', 'delete'] as $verb) {
                DB::unprepared(
                    "create trigger {$name}_no_{$verb} before {$verb} on {$name} begin select raise(abort, ".
                        "'{$name} are only ever added to'); end",
                );
            }
        }
        Schema::table('people', function (Blueprint $table): void {
            $table->boolean('hands_free')->default(false);
        });
        Schema::table('methods', function (Blueprint $table): void {
            $table->string('not_for')->default('');
        });
        // What makes no sense together ("exclusion": question, option), and what comes first ("order": kind, kind).
        Schema::create('method_rules', function (Blueprint $table): void {
            $table->id();
            $table->string('kind');
            $table->string('first');
            $table->string('second');
            $table->string('choices');
            $table->string('reason');
            $table->string('source');
        });
    }
};
