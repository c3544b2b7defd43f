<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
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
        Schema::table('fish', function (Blueprint $table): void {
            $table->index(['version', 'id']);
        });
    }
};
