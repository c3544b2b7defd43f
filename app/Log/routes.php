<?php

declare(strict_types=1);

use App\Log\Complaint\ComplaintController;
use App\Log\Cutter\CutterController;
use App\Log\Drift\DriftController;
use App\Log\Effects\EffectsController;
use App\Log\Find\FindController;
use App\Log\Find\LogController;
use App\Log\House\HouseController;
use App\Log\Ledger\CaughtUp;
use App\Log\Origin\OriginController;
use App\Log\Season\SeasonController;
use App\Log\Supplier\SupplierController;
use App\Log\Walk\WalkController;
use App\Log\Week\WeekController;
use Illuminate\Support\Facades\Route;

// Everything that is over, and what is learned from it; read by the routes of the kitchen, behind their door. Only
// what reads is caught up before: a write that is refused has written nothing.
Route::middleware(CaughtUp::class)->group(function (): void {
    Route::get('log', [FindController::class, 'index']);
    Route::get('log/by/{by}', [FindController::class, 'by']);
    Route::get('log/table.{format}', [FindController::class, 'table'])->whereIn('format', ['csv', 'json']);
    Route::get('log/effects', [EffectsController::class, 'index']);
    Route::get('log/effects/pair', [EffectsController::class, 'pair']);
    Route::get('log/walk', [WalkController::class, 'index']);
    Route::get('log/walk/{step}', [WalkController::class, 'step']);
    Route::get('log/drift', [DriftController::class, 'index']);
    Route::get('log/suppliers', [SupplierController::class, 'index']);
    Route::get('log/suppliers/{supplier}', [SupplierController::class, 'show']);
    Route::get('log/suppliers/{supplier}/year.pdf', [SupplierController::class, 'letter']);
    Route::get('log/cutters', [CutterController::class, 'index']);
    Route::get('log/cutters/{person}', [CutterController::class, 'show']);
    Route::get('log/season', [SeasonController::class, 'index']);
    Route::get('log/week', [WeekController::class, 'show']);
    Route::get('log/week.pdf', [WeekController::class, 'paper']);
    Route::get('log/complaints/{complaint}', [ComplaintController::class, 'show']);
    Route::get('log/complaints/{complaint}/report.pdf', [ComplaintController::class, 'report']);
    Route::get('log/origin', [OriginController::class, 'show']);
    Route::get('log/origin/card.pdf', [OriginController::class, 'card']);
    Route::get('log/origin/page.html', [OriginController::class, 'page']);
});
Route::get('log/choices', [FindController::class, 'choices']);
Route::put('log/views/{view}', [FindController::class, 'keep'])->middleware('takes:log-view');
Route::put('log/views/{view}/retired', [FindController::class, 'retire'])->middleware('takes:version');
Route::get('log/complaints', [ComplaintController::class, 'index']);
Route::put('log/complaints/{complaint}', [ComplaintController::class, 'store'])->middleware('takes:complaint');
Route::put('log/complaints/{complaint}/steps/{act}', [ComplaintController::class, 'step'])->middleware(
    'takes:complaint-step',
);
Route::get('log/house', [HouseController::class, 'index']);
Route::get('log/house/tables/{table}.csv', [HouseController::class, 'table'])->where('table', '[a-z_]{2,40}');
Route::get('log/house/dictionary.csv', [HouseController::class, 'dictionary']);
Route::get('log/house/house.jsonl', [HouseController::class, 'lines']);
Route::get('log/house/house.zip', [HouseController::class, 'zip']);
Route::post('log/house/yields', [HouseController::class, 'preview'])->middleware('takes:old-yields');
Route::put('log/house/yields/{act}', [HouseController::class, 'take'])->middleware('takes:old-yields');
Route::put('log/house/yields/{act}/taken-back', [HouseController::class, 'takeBack']);
Route::get('log/recall', [LogController::class, 'recall']);
Route::get('log/trace/{format}', [LogController::class, 'trace'])->whereIn('format', ['csv', 'json', 'epcis']);
Route::put('log/fish/{fish}/reopened', [LogController::class, 'reopen'])->middleware('takes:reopen');
Route::get('log/fish/{fish}', [LogController::class, 'show']);
