<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
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
