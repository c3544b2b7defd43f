<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

// How a dish is served and prepared, and what that takes off a portion. Known dishes keep their weights: a skin they
// went without came off the fillet, before portioning.
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('dishes', function (Blueprint $table): void {
            $table->string('service')->default('cooked');
            $table->string('preparations')->default('');
            $table->json('losses')->default('[]');
        });
        DB::table('dishes')->where('raw', true)->update(['service' => 'raw']);
        Schema::table('dishes', fn (Blueprint $table) => $table->dropColumn(['raw', 'skin_on']));
    }
};
