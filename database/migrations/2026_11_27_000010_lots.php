<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

// What belongs to a lot and to each side, and claims to their end.
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('method_steps', fn (Blueprint $table) => $table->string('drawing')->default(''));
        Schema::table('pieces', function (Blueprint $table): void {
            $table->boolean('broken')->default(false);
            $table->string('scraped_off')->nullable()->index();
        });
        $this->freshness();
        $this->claims();
        $this->draws();
        $this->workmanship();
        $this->setUps();
    }

    private function claims(): void
    {
        Schema::table('fish', function (Blueprint $table): void {
            $table->integer('credited_minor')->default(0);
        });
        Schema::create('claim_steps', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('delivery_id')->constrained('deliveries');
            $table->string('step')->nullable();
            $table->string('answer')->nullable();
            $table->string('number')->default('');
            $table->text('text')->default('');
            $table->json('items')->default('[]');
            $table->integer('minor')->default(0);
            // One that takes another back says only which.
            $table->ulid('undoes')->nullable()->unique();
            $table->foreignUlid('written_by')->constrained('people');
            $table->string('written_at');
            $table->index(['delivery_id', 'written_at']);
        });
        $this->onlyEverAdded('claim_steps');
    }

    private function freshness(): void
    {
        Schema::create('freshness_weights', function (Blueprint $table): void {
            $table->string('fat');
            $table->string('form');
            $table->string('attribute');
            $table->float('weight');
            $table->string('source');
            $table->primary(['fat', 'form', 'attribute']);
        });
        foreach (['delivery_lines', 'fish'] as $graded) {
            Schema::table($graded, fn (Blueprint $table) => $table->string('fat_grade')->nullable());
        }
        Schema::table('dishes', fn (Blueprint $table) => $table->string('fat_grades')->default(''));
        Schema::table('bin_withdrawals', fn (Blueprint $table) => $table->string('cause')->nullable());
        Schema::table('species', fn (Blueprint $table) => $table->string('size_names')->default(''));
        Schema::create('sourcing_rules', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('species_id')->nullable()->constrained('species');
            $table->string('area')->default('');
            $table->string('gear')->default('');
            $table->foreignUlid('supplier_id')->nullable()->constrained('suppliers');
            $table->string('reason');
            $table->foreignUlid('written_by')->constrained('people');
            $table->string('written_at');
            $table->string('ended_at')->nullable();
        });
    }

    private function draws(): void
    {
        Schema::create('batch_draws', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->ulid('act')->index();
            $table->foreignUlid('making_id')->constrained('makings');
            $table->integer('milli');
            $table->integer('minor');
            $table->string('how');
            $table->foreignUlid('dish_id')->nullable()->constrained('dishes');
            $table->foreignUlid('into_id')->nullable()->constrained('makings');
            $table->ulid('undoes')->nullable();
            $table->foreignUlid('drawn_by')->constrained('people');
            $table->string('drawn_at');
            $table->index('making_id');
            $table->index('into_id');
        });
        $this->onlyEverAdded('batch_draws');
    }

    private function workmanship(): void
    {
        Schema::create('side_works', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('fish_id')->constrained('fish');
            $table->foreignUlid('piece_id')->constrained('pieces');
            $table->foreignUlid('cut_by')->nullable()->constrained('people');
            $table->json('marks')->default('{}');
            $table->foreignUlid('written_by')->constrained('people');
            $table->string('written_at');
            $table->index('fish_id');
        });
        $this->onlyEverAdded('side_works');
    }

    private function setUps(): void
    {
        Schema::create('board_setups', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('lot')->index();
            $table->string('laid');
            $table->string('knife');
            $table->string('sharpened_on')->nullable();
            $table->foreignUlid('done_by')->constrained('people');
            $table->string('done_at');
            $table->index(['done_by', 'done_at']);
        });
        $this->onlyEverAdded('board_setups');
    }

    private function onlyEverAdded(string $name): void
    {
        foreach (['update', 'delete'] as $verb) {
            DB::unprepared(
                "create trigger {$name}_no_{$verb} before {$verb} on {$name} begin select raise(abort, ".
                    "'{$name} are only ever added to'); end",
            );
        }
    }
};
