<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

// The latest of a kind are found without looking through all there ever were: its yields by step, and how far its bones
// ran in the sides that were marked, which a trigger keeps beside the passes.
return new class extends Migration
{
    private const LAST_MARKED = 'insert or replace into marked_sides (piece_id, species_id, farthest, pass)';

    private const FARTHEST = '(select max(value) from json_each(';

    public function up(): void
    {
        Schema::table('yield_records', function (Blueprint $table): void {
            $table->index(['species_id', 'state', 'rung', 'fish_id', 'method'], 'yield_records_latest');
            $table->dropIndex('yield_records_species_id_state_rung_method_index');
        });
        Schema::create('marked_sides', function (Blueprint $table): void {
            $table->string('piece_id')->primary();
            $table->string('species_id');
            $table->float('farthest');
            $table->integer('pass');
            $table->index(['species_id', 'pass']);
        });
        DB::statement(self::LAST_MARKED.' select piece_id, fish.species_id, '.self::FARTHEST.'marks)), bone_checks.rowid
            from bone_checks join fish on fish.id = bone_checks.fish_id
            where marks != \'[]\' order by bone_checks.rowid');
        DB::unprepared('create trigger bone_checks_marked after insert on bone_checks when new.marks != \'[]\' begin '.
            self::LAST_MARKED.' select new.piece_id, fish.species_id, '.self::FARTHEST.'new.marks)), new.rowid
            from fish where fish.id = new.fish_id; end');
        DB::unprepared('create trigger fish_marked after update of species_id on fish
            when old.species_id != new.species_id begin update marked_sides set species_id = new.species_id
            where piece_id in (select id from pieces where fish_id = new.id); end');
    }
};
