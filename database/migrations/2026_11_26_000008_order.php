<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** What the history named its subjects, and what it names them now. */
    private const NAMED = [
        'App\Kitchen\Person' => 'person',
        'App\Receive\Fish' => 'fish',
        'App\Receive\Delivery' => 'delivery',
        'App\Fish\Species' => 'species',
    ];

    public function up(): void
    {
        DB::transaction(function (): void {
            foreach (self::NAMED as $before => $now) {
                DB::table('activity_log')->where('subject_type', $before)->update(['subject_type' => $now]);
                DB::table('activity_log')->where('causer_type', $before)->update(['causer_type' => $now]);
            }
            $this->index();
        });
    }

    /** What the screens look for: a dish's portions, a fish's cuts, the readings of a time, a cutter's hand. */
    private function index(): void
    {
        Schema::table('pieces', function (Blueprint $table): void {
            $table->index('dish_id');
            $table->index('parent_id');
        });
        Schema::table('fish', fn (Blueprint $table) => $table->index(['dish_id', 'received_at']));
        Schema::table('readings', fn (Blueprint $table) => $table->index('taken_at'));
        Schema::table('cuts', fn (Blueprint $table) => $table->index('cut_by'));
    }
};
