<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // The columns hold what counts; "shipped" what the catalogue came with, "house" what the head chef set instead.
        Schema::table('species', function (Blueprint $table): void {
            $table->string('other_names')->default('');
            $table->string('scales')->default('small');
            $table->string('usual_state')->default('gutted');
            $table->boolean('bled')->default(false);
            $table->string('pin_row')->default('short');
            $table->float('pin_count')->default(0);
            $table->float('pin_sd')->default(0);
            $table->string('hazards')->default('parasites');
            $table->string('raw_note')->default('');
            $table->string('keep')->default('');
            $table->string('size_grades_g')->default('');
            $table->json('shipped')->nullable();
            $table->json('house')->default('{}');
            $table->unsignedInteger('version')->default(1);
        });
        Schema::table('species_shares', function (Blueprint $table): void {
            $table->float('shipped_mean_pct')->nullable();
            $table->float('shipped_sd_pct')->nullable();
        });
        Schema::create('species_yields', function (Blueprint $table): void {
            $table->foreignUlid('species_id')->constrained('species');
            $table->string('state');
            $table->string('rung');
            $table->float('mean_pct');
            $table->float('sd_pct');
            $table->float('strength');
            $table->string('source');
            $table->float('shipped_mean_pct')->nullable();
            $table->float('shipped_sd_pct')->nullable();
            $table->primary(['species_id', 'state', 'rung']);
        });
        Schema::create('parts', function (Blueprint $table): void {
            $table->string('part')->primary();
            $table->string('name');
            $table->string('family');
            $table->string('default_bin')->nullable();
            $table->string('cut_from');
            $table->string('forms');
            $table->string('source');
        });
        Schema::create('methods', function (Blueprint $table): void {
            $table->string('method')->primary();
            $table->string('name');
            $table->string('form');
            $table->string('why');
            $table->string('source');
        });
        Schema::create('method_steps', function (Blueprint $table): void {
            $table->string('method');
            $table->unsignedInteger('step');
            $table->string('doing');
            $table->string('why');
            $table->string('parts');
            $table->string('tools');
            $table->string('caution');
            $table->string('inspect');
            $table->float('seconds_per_kg');
            $table->string('source');
            $table->primary(['method', 'step']);
            $table->foreign('method')->references('method')->on('methods');
        });
        Schema::create('deliveries', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('supplier_id')->constrained('suppliers');
            $table->string('number');
            $table->string('delivered_on');
            $table->boolean('open')->default(true);
            $table->unsignedInteger('version')->default(1);
            $table->foreignUlid('received_by')->constrained('people');
            $table->string('received_at');
            $table->unique(['supplier_id', 'number', 'delivered_on']);
            $table->index(['open', 'delivered_on']);
        });
        Schema::create('delivery_lines', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('delivery_id')->constrained('deliveries');
            $table->unsignedInteger('place');
            $table->foreignUlid('species_id')->constrained('species');
            $table->string('state');
            $table->unsignedInteger('count')->nullable();
            $table->unsignedInteger('boxes')->nullable();
            $table->integer('invoiced_mg')->nullable();
            $table->string('price_minor')->nullable();
            $table->string('price_unit')->default('kg');
            $table->unsignedInteger('grade_from_g')->nullable();
            $table->unsignedInteger('grade_to_g')->nullable();
            foreach (
                ['lot', 'area', 'gear', 'landed_on', 'harvested_on', 'vessel', 'production', 'proof', 'gtin'] as $trace
            ) {
                $table->string($trace)->nullable();
            }
            $table->unique(['delivery_id', 'place']);
            $table->index('lot');
        });
        Schema::table('fish', function (Blueprint $table): void {
            $table->ulid('line_id')->nullable()->index();
            $table->unsignedInteger('count')->default(1);
            $table->string('tag')->nullable();
            $table->integer('ice_mg')->default(0);
            $table->string('keeps_until')->nullable();
            $table->string('raw_until')->nullable();
            $table->string('rests_until')->nullable();
            $table->string('held')->nullable();
            $table->string('refused')->nullable();
            $table->string('verdict')->nullable();
            $table->index('species_id');
            $table->index('supplier_id');
            $table->index(['stage', 'number']);
        });
        Schema::create('inspections', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('line_id')->constrained('delivery_lines');
            $table->json('fish');
            $table->json('grades');
            $table->integer('celsius_tenths')->nullable();
            $table->string('measured')->nullable();
            $table->string('rigor');
            $table->string('note');
            $table->string('verdict');
            $table->integer('demerits');
            $table->integer('of_most');
            $table->json('reasons');
            $table->foreignUlid('inspected_by')->constrained('people');
            $table->string('inspected_at');
            $table->index('line_id');
        });
        Schema::create('photos', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('line_id')->constrained('delivery_lines');
            $table->unsignedInteger('width');
            $table->unsignedInteger('height');
            $table->unsignedInteger('bytes');
            $table->foreignUlid('taken_by')->constrained('people');
            $table->string('taken_at');
            $table->index('line_id');
        });
        Schema::create('invoice_maps', function (Blueprint $table): void {
            $table->foreignUlid('supplier_id')->primary()->constrained('suppliers');
            $table->json('map');
        });
    }
};
