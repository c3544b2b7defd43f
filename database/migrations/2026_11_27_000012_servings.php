<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

// Dishes of several pieces to a plate, in several sizes, with allergens of their own; which pieces were put together,
// which fillets are cut by one pattern, when a belly comes off its side, and where its thickness was measured.
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('dishes', function (Blueprint $table): void {
            $table->unsignedTinyInteger('per_plate')->default(1);
            $table->foreignUlid('size_of')->nullable();
            $table->unsignedTinyInteger('share_pct')->default(0);
            $table->string('allergens')->default('');
        });
        Schema::create('servings', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('dish_id')->constrained('dishes');
            $table->foreignUlid('made_by')->constrained('people');
            $table->string('made_at');
            $table->index('dish_id');
        });
        Schema::create('patterns', function (Blueprint $table): void {
            $table->foreignUlid('piece_id')->primary()->constrained('pieces');
            $table->foreignUlid('fish_id')->constrained('fish');
            $table->foreignUlid('dish_id')->constrained('dishes');
            $table->unsignedInteger('fillets');
            $table->unsignedInteger('per_fillet');
            $table->unsignedBigInteger('sd_mg');
            $table->boolean('measured');
            $table->unsignedInteger('promised');
            $table->unsignedInteger('every');
            $table->foreignUlid('laid_by')->constrained('people');
            $table->string('laid_at');
            $table->unsignedInteger('version')->default(1);
        });
        Schema::table('boards', function (Blueprint $table): void {
            $table->string('belly')->default('on');
            $table->json('thick_at')->default('[]');
        });
        Schema::table('pieces', function (Blueprint $table): void {
            $table->ulid('serving_id')->nullable();
            $table->unsignedSmallInteger('portions')->default(1);
            $table->index('serving_id');
        });
    }
};
