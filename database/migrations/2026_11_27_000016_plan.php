<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

// Services with what they want, what suppliers offer by size grade, and the orders that were placed.
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('services', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('day');
            $table->string('at');
            $table->string('kind');
            $table->string('name');
            $table->unsignedInteger('covers');
            $table->float('covers_sd')->default(0);
            $table->float('no_show_pct')->default(0);
            $table->float('no_show_sd_pct')->default(0);
            $table->float('spare_pct')->default(0);
            $table->unsignedInteger('guaranteed')->nullable();
            $table->string('note')->default('');
            $table->string('calendar_uid')->nullable()->unique();
            $table->unsignedInteger('sold_covers')->nullable();
            $table->string('dropped_at')->nullable();
            $table->unsignedInteger('version')->default(1);
            $table->foreignUlid('stored_by')->constrained('people');
            $table->index('day');
        });
        Schema::create('calendar_feeds', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('token')->unique();
            $table->foreignUlid('made_by')->constrained('people');
            $table->string('made_at');
            $table->string('ended_at')->nullable();
        });
        Schema::create('service_dishes', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('service_id')->constrained('services');
            $table->foreignUlid('dish_id')->constrained('dishes');
            $table->float('share_pct')->nullable();
            $table->unsignedInteger('chosen')->nullable();
            $table->unsignedInteger('sold')->nullable();
            $table->unique(['service_id', 'dish_id']);
            $table->index('dish_id');
        });
        Schema::create('offers', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('supplier_id')->constrained('suppliers');
            $table->foreignUlid('species_id')->constrained('species');
            $table->string('state');
            $table->unsignedInteger('from_g');
            $table->unsignedInteger('to_g');
            $table->unsignedInteger('price_per_kg_minor');
            $table->unsignedInteger('box')->default(1);
            $table->unsignedInteger('available')->nullable();
            $table->string('order_by')->default('');
            $table->string('retired_at')->nullable();
            $table->unsignedInteger('version')->default(1);
            $table->foreignUlid('listed_by')->constrained('people');
            $table->string('listed_at');
            $table->index('species_id');
        });
        Schema::create('orders', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->unsignedInteger('number')->unique();
            $table->foreignUlid('supplier_id')->constrained('suppliers');
            $table->string('for_day');
            $table->string('note')->default('');
            $table->string('dropped_at')->nullable();
            $table->foreignUlid('delivery_id')->nullable()->constrained('deliveries');
            $table->foreignUlid('placed_by')->constrained('people');
            $table->string('placed_at');
            $table->unsignedInteger('version')->default(1);
            $table->index('for_day');
        });
        Schema::create('order_lines', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('order_id')->constrained('orders');
            $table->foreignUlid('offer_id')->constrained('offers');
            $table->foreignUlid('species_id')->constrained('species');
            $table->string('state');
            $table->unsignedInteger('from_g');
            $table->unsignedInteger('to_g');
            $table->unsignedInteger('price_per_kg_minor');
            $table->unsignedInteger('fish');
            $table->float('short_pct')->nullable();
            $table->index('order_id');
        });
    }
};
