<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

// Who cuts when and what was given to whom; what a dish stands in; events; the year of a fish; what is always here.
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('shifts', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('day');
            $table->foreignUlid('person_id')->constrained('people');
            $table->unsignedInteger('from_minute');
            $table->unsignedInteger('to_minute');
            $table->boolean('off')->default(false);
            $table->unsignedInteger('version')->default(1);
            $table->foreignUlid('stored_by')->constrained('people');
            $table->unique(['day', 'person_id']);
        });
        Schema::create('prep_pins', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('day');
            $table->string('task');
            $table->foreignUlid('cutter_id')->nullable()->constrained('people');
            $table->unsignedInteger('at_minute')->nullable();
            $table->unsignedInteger('version')->default(1);
            $table->foreignUlid('stored_by')->constrained('people');
            $table->unique(['day', 'task']);
        });
        Schema::create('seasons', function (Blueprint $table): void {
            $table->foreignUlid('species_id')->constrained('species');
            $table->string('area')->default('');
            $table->unsignedInteger('from_month');
            $table->unsignedInteger('to_month');
            $table->string('fat')->default('');
            $table->float('yield_points');
            $table->boolean('roe');
            $table->string('supply');
            $table->string('why');
            $table->string('source');
            $table->unique(['species_id', 'area', 'from_month']);
        });
        Schema::create('pars', function (Blueprint $table): void {
            $table->foreignUlid('species_id')->primary()->constrained('species');
            $table->unsignedInteger('fish');
            $table->unsignedInteger('version')->default(1);
            $table->foreignUlid('stored_by')->constrained('people');
        });
        Schema::table('dishes', function (Blueprint $table): void {
            $table->string('treatment_id')->nullable();
        });
        Schema::table('service_dishes', function (Blueprint $table): void {
            $table->unsignedInteger('cut_before')->default(0);
            $table->string('course')->default('main');
        });
        Schema::table('services', function (Blueprint $table): void {
            $table->string('event')->default('');
            $table->unsignedInteger('quote_minor')->nullable();
            $table->text('allergies')->default('{}');
        });
    }
};
