<?php

declare(strict_types=1);

use App\Hold\Checks\ChecksController;
use App\Hold\Exposure\OutController;
use App\Hold\Freezing\FreezingController;
use App\Hold\Kept\KeptController;
use App\Hold\Labels\LabelController;
use App\Hold\Labels\LabelKind;
use App\Hold\Now\NowController;
use App\Hold\Places\PlacesController;
use App\Hold\ReadyController;
use App\Hold\Thaw\ThawController;
use App\Hold\Treatment\TreatmentController;
use Illuminate\Support\Facades\Route;

// What is held between the board and the plate; read by the routes of the kitchen, behind their door.
Route::get('hold/kept', [KeptController::class, 'index']);
Route::put('hold/kept/dishes/{dish}/out/{act}', [KeptController::class, 'out'])->middleware(
    'takes:kept-out',
);
Route::put('hold/kept/undone/{act}', [KeptController::class, 'undo'])->middleware('takes:kept-undo');
Route::put('hold/kept/counted/{act}', [KeptController::class, 'count'])->middleware('takes:kept-count');
Route::put('hold/kept/trays/{lot}/place/{act}', [KeptController::class, 'move'])->middleware(
    'takes:kept-move',
);
Route::get('hold/stocktake.csv', [KeptController::class, 'stocktake']);
Route::get('hold/treatments', [TreatmentController::class, 'index']);
Route::put('hold/treatments/{treatment}', [TreatmentController::class, 'store'])->middleware(
    'takes:treatment',
);
Route::post('hold/treatments/{treatment}/plan', [TreatmentController::class, 'plan'])->middleware(
    'takes:treatment-plan',
);
Route::get('hold/treatings/{treating}', [TreatmentController::class, 'show']);
Route::put('hold/treatings/{treating}', [TreatmentController::class, 'begin'])->middleware(
    'takes:treating',
);
Route::put('hold/treatings/{treating}/marks/{mark}', [TreatmentController::class, 'mark'])->middleware(
    'takes:treating-mark',
);
Route::put('hold/treatings/{treating}/started', [TreatmentController::class, 'start'])->middleware(
    'takes:treating-clock',
);
Route::put('hold/treatings/{treating}/ended', [TreatmentController::class, 'end'])->middleware(
    'takes:treating-clock',
);
Route::put('hold/treatings/{treating}/weighed', [TreatmentController::class, 'weigh'])->middleware(
    'takes:treating-weight',
);
Route::get('hold/now', [NowController::class, 'index']);
Route::get('hold/out', [OutController::class, 'index']);
Route::get('hold/out/{fish}', [OutController::class, 'show']);
Route::put('hold/out/{fish}/moved/{act}', [OutController::class, 'move'])->middleware('takes:out-move');
Route::put('hold/out/{fish}/released/{act}', [OutController::class, 'release'])->middleware(
    'takes:release',
);
Route::get('hold/thaws', [ThawController::class, 'index']);
Route::put('hold/thaws/{thaw}', [ThawController::class, 'plan'])->middleware('takes:thaw');
Route::put('hold/thaws/{thaw}/started', [ThawController::class, 'start'])->middleware('takes:thaw-start');
Route::put('hold/thaws/{thaw}/finished', [ThawController::class, 'finish'])->middleware(
    'takes:thaw-finish',
);
Route::put('hold/packs/{pack}', [ThawController::class, 'pack'])->middleware('takes:pack');
Route::put('hold/packs/{pack}/opened', [ThawController::class, 'open']);
Route::get('hold/checks', [ChecksController::class, 'index']);
Route::put('hold/checks/{check}', [ChecksController::class, 'check'])->middleware(
    'takes:instrument-check',
);
Route::get('hold/day-file.pdf', [ChecksController::class, 'file']);
Route::get('hold/places', [PlacesController::class, 'index']);
Route::put('hold/places/{place}', [PlacesController::class, 'store'])->middleware('takes:place');
Route::put('hold/places/{place}/readings/{reading}', [PlacesController::class, 'read'])->middleware(
    'takes:place-reading',
);
Route::put('hold/places/{place}/acts/{act}', [PlacesController::class, 'act'])->middleware(
    'takes:place-act',
);
Route::put('hold/places/{place}/file/{act}', [PlacesController::class, 'take'])->middleware(
    'takes:logger-piece',
);
Route::post('hold/logger-file', [PlacesController::class, 'preview'])->middleware('takes:logger-lines');
Route::get('hold/temperatures.csv', [PlacesController::class, 'table']);
Route::get('hold/ready', [ReadyController::class, 'index']);
Route::get('hold/freezing', [FreezingController::class, 'index']);
Route::get('hold/freezing/{freezing}', [FreezingController::class, 'show']);
Route::put('hold/freezing/{freezing}', [FreezingController::class, 'begin'])->middleware('takes:freezing');
Route::put('hold/freezing/{freezing}/items/{item}', [FreezingController::class, 'add'])->middleware(
    'takes:freezing-item',
);
Route::put('hold/freezing/{freezing}/items/{item}/out', [
    FreezingController::class,
    'takeOut',
])->middleware('takes:freezing-out');
Route::put('hold/freezing/{freezing}/solid', [FreezingController::class, 'solid'])->middleware(
    'takes:freezing-solid',
);
Route::put('hold/freezing/{freezing}/ended', [FreezingController::class, 'end'])->middleware(
    'takes:version',
);
Route::get('hold/freezing/{freezing}/evidence.pdf', [FreezingController::class, 'evidence']);
Route::put('hold/labels/{job}', [LabelController::class, 'print'])->middleware('takes:house-label');
Route::get('hold/labels/{kind}/{thing}', [LabelController::class, 'open'])->whereIn(
    'kind',
    array_column(LabelKind::cases(), 'value'),
);
