<?php

declare(strict_types=1);

use App\BreakDown\BreakDownController;
use App\BreakDown\MethodController;
use App\Compute\ComputeController;
use App\Cost\CostController;
use App\Cost\PlateController;
use App\Devices\PrinterController;
use App\Devices\ProbeController;
use App\Devices\ScaleController;
use App\Devices\ScannerController;
use App\Fish\SpeciesController;
use App\Kitchen\KitchenController;
use App\Kitchen\StillSignedIn;
use App\Log\LogController;
use App\Portion\BatchController;
use App\Portion\DishController;
use App\Portion\FilletController;
use App\Portion\PortionController;
use App\Portion\ShapeController;
use App\Portion\TonightController;
use App\Receive\DeliveryController;
use App\Receive\InspectionController;
use App\Receive\PaperController;
use App\Receive\ReceiveController;
use App\Route\BinsController;
use App\Route\MakingController;
use App\Route\RouteController;
use Illuminate\Support\Facades\Route;

// As bare as a route can be: what the benchmarks measure against, and what a watchdog may ask.
Route::get('up', fn (): string => 'up');

// Every id is a ULID made by the page or the server.
foreach (
    [
        'fish',
        'reading',
        'piece',
        'dish',
        'species',
        'delivery',
        'line',
        'inspection',
        'photo',
        'check',
        'find',
        'batch',
        'job',
        'run',
        'act',
        'deposit',
        'new',
        'recipe',
        'list',
        'making',
        'person',
        'computation',
    ] as $named
) {
    Route::pattern($named, '[0-7][0-9A-HJKMNP-TV-Za-hjkmnp-tv-z]{25}');
}

Route::pattern('method', '[0-9A-Za-z-]{3,60}');
Route::pattern('tray', '[^/]{1,60}');
Route::pattern('bin', '[a-z]{3,10}');
Route::pattern('shape', '[a-z-]{3,20}');
Route::pattern('rule', '[a-z_]{3,30}');

Route::middleware('web')->group(function (): void {
    Route::prefix('api')->group(function (): void {
        Route::get('kitchen', [KitchenController::class, 'show']);
        Route::post('kitchen/setup', [KitchenController::class, 'setup']);
        Route::post('session', [KitchenController::class, 'signIn']);

        Route::middleware(['auth', StillSignedIn::class])->group(function (): void {
            Route::delete('session', [KitchenController::class, 'signOut']);
            Route::get('kitchen/people', [KitchenController::class, 'people']);
            Route::put('kitchen/people/{person}', [KitchenController::class, 'storePerson']);
            Route::put('kitchen/people/{person}/disabled', [KitchenController::class, 'disable']);
            Route::get('kitchen/settings', [KitchenController::class, 'settings']);
            Route::put('kitchen/settings/{rule}', [KitchenController::class, 'storeSetting']);
            Route::put('me/pin', [KitchenController::class, 'ownPin']);
            Route::put('me/shortcuts', [KitchenController::class, 'shortcuts']);
            Route::put('me/units', [KitchenController::class, 'units']);
            Route::post('compute/{name}', [ComputeController::class, 'now']);
            Route::put('compute/{name}/jobs/{computation}', [ComputeController::class, 'later']);
            Route::get('compute/{name}/jobs/{computation}', [ComputeController::class, 'progress']);

            Route::get('scale', [ScaleController::class, 'show']);
            Route::post('scale/tare', [ScaleController::class, 'tare']);
            Route::post('scale/pan', [ScaleController::class, 'pan']);

            Route::get('probe', [ProbeController::class, 'show']);
            Route::post('probe/fish', [ProbeController::class, 'stick']);
            Route::get('scanner/labels', [ScannerController::class, 'labels']);

            Route::get('fish', [SpeciesController::class, 'index']);
            Route::get('fish/{species}', [SpeciesController::class, 'show']);
            Route::put('fish/{species}', [SpeciesController::class, 'store']);

            Route::get('spine', [ReceiveController::class, 'spine']);
            Route::get('receive', [ReceiveController::class, 'index']);
            Route::put('receive/fish/{fish}', [ReceiveController::class, 'store']);
            Route::get('receive/cold-room', [DeliveryController::class, 'coldRoom']);
            Route::get('receive/deliveries', [DeliveryController::class, 'index']);
            Route::get('receive/deliveries/{delivery}', [DeliveryController::class, 'show']);
            Route::put('receive/deliveries/{delivery}', [DeliveryController::class, 'store']);
            Route::put('receive/deliveries/{delivery}/lines/{line}', [DeliveryController::class, 'storeLine']);
            Route::put('receive/deliveries/{delivery}/closed', [DeliveryController::class, 'close']);
            Route::put('receive/deliveries/{delivery}/invoice', [PaperController::class, 'take']);
            Route::put('receive/lines/{line}/fish/{fish}', [DeliveryController::class, 'weighIn']);
            Route::put('receive/fish/{fish}/taken-back', [DeliveryController::class, 'sendBack']);
            Route::put('receive/fish/{fish}/decision', [DeliveryController::class, 'decide']);
            Route::get('receive/lines/{line}/inspection', [InspectionController::class, 'show']);
            Route::post('receive/lines/{line}/inspection', [InspectionController::class, 'preview']);
            Route::put('receive/inspections/{inspection}', [InspectionController::class, 'store']);
            Route::put('receive/lines/{line}/photos/{photo}', [InspectionController::class, 'storePhoto']);
            Route::get('receive/photos/{photo}', [InspectionController::class, 'photo']);
            Route::post('receive/scan', [PaperController::class, 'scan']);
            Route::post('receive/invoice', [PaperController::class, 'preview']);

            Route::get('breakdown', [BreakDownController::class, 'index']);
            Route::get('breakdown/fish/{fish}', [BreakDownController::class, 'show']);
            Route::put('breakdown/fish/{fish}/readings/{reading}', [BreakDownController::class, 'read']);
            Route::put('breakdown/fish/{fish}/readings/{reading}/taken-back', [
                BreakDownController::class,
                'takeBack',
            ]);
            Route::put('breakdown/fish/{fish}/done', [BreakDownController::class, 'done']);

            Route::put('breakdown/fish/{fish}/readings/{reading}/on-tray', [BreakDownController::class, 'onTray']);
            Route::get('breakdown/methods/{method}', [MethodController::class, 'show']);
            Route::put('breakdown/methods/{method}', [MethodController::class, 'store']);
            Route::get('breakdown/trays', [MethodController::class, 'trays']);
            Route::put('breakdown/trays/{tray}', [MethodController::class, 'storeTray']);
            Route::put('breakdown/fish/{fish}/method', [BreakDownController::class, 'chooseMethod']);
            Route::put('breakdown/fish/{fish}/step', [BreakDownController::class, 'step']);
            Route::put('breakdown/fish/{fish}/bones/{check}', [BreakDownController::class, 'bones']);
            Route::put('breakdown/fish/{fish}/finds/{find}', [BreakDownController::class, 'find']);
            Route::put('breakdown/fish/{fish}/count', [BreakDownController::class, 'recount']);

            Route::get('portion', [PortionController::class, 'index']);
            Route::get('portion/dishes', [DishController::class, 'index']);
            Route::get('portion/dishes/{dish}', [DishController::class, 'show']);
            Route::put('portion/dishes/{dish}', [DishController::class, 'store']);
            Route::put('portion/dishes/{dish}/retired', [DishController::class, 'retire']);
            Route::get('portion/tonight', [TonightController::class, 'show']);
            Route::put('portion/tonight/{dish}', [TonightController::class, 'want']);
            Route::post('portion/tonight/runs/{run}', [TonightController::class, 'deal']);
            Route::get('portion/tonight/runs/{run}', [TonightController::class, 'progress']);
            Route::get('portion/batches', [BatchController::class, 'index']);
            Route::get('portion/batches/{batch}', [BatchController::class, 'show']);
            Route::put('portion/batches/{batch}', [BatchController::class, 'make']);
            Route::put('portion/batches/{batch}/labels/{job}', [BatchController::class, 'print']);
            Route::get('portion/shapes', [ShapeController::class, 'index']);
            Route::put('portion/shapes/{species}/{shape}/reset', [ShapeController::class, 'reset']);
            Route::get('printer', [PrinterController::class, 'index']);
            Route::get('printer/{job}', [PrinterController::class, 'show']);
            Route::get('portion/fish/{fish}', [PortionController::class, 'show']);
            Route::put('portion/fish/{fish}/dish', [PortionController::class, 'chooseDish']);
            Route::put('portion/fish/{fish}/readings/{reading}', [PortionController::class, 'read']);
            Route::put('portion/fish/{fish}/readings/{reading}/taken-back', [PortionController::class, 'takeBack']);
            Route::get('portion/fish/{fish}/fillets/{piece}', [FilletController::class, 'show']);
            Route::post('portion/fish/{fish}/fillets/{piece}', [FilletController::class, 'preview']);
            Route::put('portion/fish/{fish}/fillets/{piece}', [FilletController::class, 'lay']);
            Route::put('portion/fish/{fish}/pieces/{piece}/dish', [FilletController::class, 'give']);
            Route::put('portion/fish/{fish}/done', [PortionController::class, 'done']);

            Route::get('route', [RouteController::class, 'index']);
            Route::get('route/fish/{fish}', [RouteController::class, 'show']);
            Route::put('route/fish/{fish}/pieces/{piece}', [RouteController::class, 'send']);
            Route::put('route/fish/{fish}/done', [RouteController::class, 'done']);

            Route::put('route/accepted/{act}', [RouteController::class, 'accept']);
            Route::get('route/bins', [BinsController::class, 'index']);
            Route::get('route/bins/{bin}', [BinsController::class, 'show']);
            Route::put('route/bins/{bin}/out/{act}', [BinsController::class, 'takeOut']);
            Route::put('route/bins/{bin}/frozen/{act}', [BinsController::class, 'freezeToday']);
            Route::put('route/tubs/{deposit}/frozen/{new}', [BinsController::class, 'freeze']);
            Route::get('route/house', [BinsController::class, 'house']);
            Route::put('route/house/ways', [BinsController::class, 'storeWays']);
            Route::put('route/house/bins/{bin}', [BinsController::class, 'storeBin']);
            Route::get('route/batches', [MakingController::class, 'index']);
            Route::get('route/batches/{making}', [MakingController::class, 'show']);
            Route::put('route/batches/{making}', [MakingController::class, 'start']);
            Route::put('route/batches/{making}/made', [MakingController::class, 'measure']);
            Route::put('route/batches/{making}/cooling/{reading}', [MakingController::class, 'cool']);
            Route::put('route/batches/{making}/gone', [MakingController::class, 'finish']);
            Route::post('route/recipes/{recipe}/plan', [MakingController::class, 'plan']);
            Route::put('route/recipes/{recipe}', [MakingController::class, 'storeRecipe']);
            Route::put('route/recipes/{recipe}/retired', [MakingController::class, 'retireRecipe']);

            Route::get('cost', [CostController::class, 'index']);
            Route::get('cost/plates', [PlateController::class, 'index']);
            Route::get('cost/plates/{dish}', [PlateController::class, 'show']);
            Route::post('cost/plates/{dish}/what-if', [PlateController::class, 'whatIf']);
            Route::get('cost/ready-cut', [PlateController::class, 'readyCut']);
            Route::post('cost/ready-cut', [PlateController::class, 'compare']);
            Route::get('cost/prices', [PlateController::class, 'prices']);
            Route::post('cost/prices', [PlateController::class, 'previewPrices']);
            Route::put('cost/prices/{list}', [PlateController::class, 'keepPrices']);
            Route::get('cost/house', [PlateController::class, 'house']);
            Route::put('cost/house', [PlateController::class, 'storeHouse']);
            Route::get('cost/fish/{fish}', [CostController::class, 'show']);
            Route::put('cost/fish/{fish}', [CostController::class, 'store']);
            Route::put('cost/fish/{fish}/done', [CostController::class, 'done']);

            Route::get('log', [LogController::class, 'index']);
            Route::get('log/recall', [LogController::class, 'recall']);
            Route::get('log/trace/{format}', [LogController::class, 'trace'])->whereIn('format', [
                'csv',
                'json',
                'epcis',
            ]);
            Route::put('log/fish/{fish}/reopened', [LogController::class, 'reopen']);
            Route::get('log/fish/{fish}', [LogController::class, 'show']);
        });
    });

    Route::view('{any}', 'app')->where('any', '^(?!api/|build/).*$');
});
