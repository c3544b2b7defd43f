<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

// What is practised, what was signed for, and who worked beside whom.
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('drills', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('person_id')->constrained('people');
            $table->string('skill');
            $table->string('subject');
            $table->string('seed');
            $table->unsignedTinyInteger('level');
            $table->string('stamp');
            $table->boolean('counts');
            $table->string('drawn_at');
            $table->string('due_at');
            $table->string('answered_at')->nullable();
            $table->string('day')->nullable();
            $table->float('score_pct')->nullable();
            $table->text('answer')->nullable();
            $table->text('shown')->nullable();
            $table->unsignedInteger('bones')->nullable();
            $table->unsignedInteger('found')->nullable();
            $table->unique(['person_id', 'skill', 'seed']);
            $table->index(['person_id', 'answered_at']);
        });
        Schema::create('drill_moves', function (Blueprint $table): void {
            $table->id('seq');
            $table->foreignUlid('drill_id')->constrained('drills');
            $table->unsignedInteger('number');
            $table->text('move');
            $table->text('said');
            $table->string('made_at');
            $table->unique(['drill_id', 'number']);
        });
        Schema::create('drill_guesses', function (Blueprint $table): void {
            $table->id('seq');
            $table->foreignUlid('drill_id')->constrained('drills');
            $table->foreignUlid('person_id')->constrained('people');
            $table->string('kind');
            $table->string('shape');
            $table->string('size');
            $table->unsignedInteger('guess_mg');
            $table->unsignedInteger('true_mg');
            $table->string('said_at');
            $table->index(['person_id', 'said_at']);
        });
        Schema::create('learners', function (Blueprint $table): void {
            $table->foreignUlid('person_id')->primary()->constrained('people');
            $table->unsignedTinyInteger('level')->default(1);
            $table->boolean('bench')->default(false);
            $table->unsignedInteger('version')->default(1);
        });
        Schema::create('gate_signs', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('person_id')->constrained('people');
            $table->string('gate');
            $table->text('evidence');
            $table->foreignUlid('signed_by')->constrained('people');
            $table->string('signed_at');
            $table->string('taken_back_at')->nullable();
            $table->string('taken_back_by')->nullable();
            $table->string('why')->default('');
            $table->index(['person_id', 'gate']);
        });
        Schema::create('works_beside', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('fish_id')->constrained('fish');
            $table->foreignUlid('person_id')->constrained('people');
            $table->foreignUlid('beside_id')->constrained('people');
            $table->string('said_at');
            $table->index(['person_id', 'fish_id']);
        });
        Schema::table('bone_checks', function (Blueprint $table): void {
            $table->string('checked_with')->nullable();
        });
    }
};
