<?php

declare(strict_types=1);

use App\BreakDown\BreakDownController;
use App\BreakDown\CleanDown\CleanDownController;
use App\BreakDown\Method\MethodController;
use App\BreakDown\SetUp\SetUpController;
use App\BreakDown\Workmanship\WorkmanshipController;
use App\Catalogue\SpeciesController;
use App\Compute\ComputeController;
use App\Cost\CostController;
use App\Cost\PlateController;
use App\Devices\PrinterController;
use App\Devices\ProbeController;
use App\Devices\ScaleController;
use App\Devices\ScannerController;
use App\Kitchen\KitchenController;
use App\Kitchen\StillSignedIn;
use App\Kitchen\Tablets\TabletController;
use App\Kitchen\Tablets\TellOthers;
use App\Kitchen\Watch\Status;
use App\Plan\Calendar\CalendarController;
use App\Portion\CutPlan\FilletController;
use App\Portion\CutPlan\ShapeController;
use App\Portion\Dish\DishController;
use App\Portion\PortionController;
use App\Portion\Servings\ServingsController;
use App\Portion\Together\PatternController;
use App\Portion\Tonight\TonightController;
use App\Portion\Tray\TrayController;
use App\Practise\Person\TraineeStays;
use App\Receive\Claims\ClaimController;
use App\Receive\Delivery\DeliveryController;
use App\Receive\Inspection\InspectionController;
use App\Receive\Invoice\PaperController;
use App\Receive\ReceiveController;
use App\Receive\Sourcing\SourcingController;
use App\Route\Batches\FoodBatchController;
use App\Route\Bins\BinsController;
use App\Route\Sort\RouteController;
use Illuminate\Support\Facades\Route;

// For monitors: the computer itself, or whoever has the token.
Route::get('status', Status::class);

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
        'place',
        'freezing',
        'item',
        'lot',
        'thaw',
        'pack',
        'thing',
        'treatment',
        'treating',
        'service',
        'offer',
        'order',
        'mark',
        'person',
        'computation',
        'view',
        'supplier',
        'complaint',
        'drill',
        'tab',
    ] as $named
) {
    Route::pattern($named, '[0-7][0-9A-HJKMNP-TV-Za-hjkmnp-tv-z]{25}');
}

Route::pattern('method', '[0-9A-Za-z-]{3,60}');
Route::pattern('tray', '[^/]{1,60}');
Route::pattern('bin', '[a-z]{3,10}');
Route::pattern('shape', '[a-z-]{3,20}');
Route::pattern('rule', '[a-z_]{3,30}');
Route::pattern('gate', '[a-z-]{3,12}');

Route::middleware('web')->group(function (): void {
    Route::prefix('api')->group(function (): void {
        Route::get('kitchen', [KitchenController::class, 'show']);
        Route::post('kitchen/setup', [KitchenController::class, 'setup'])->middleware('takes:setup');
        Route::post('session', [KitchenController::class, 'signIn'])->middleware('takes:sign-in');

        $inside = ['auth', StillSignedIn::class, TraineeStays::class, TellOthers::class];
        Route::middleware($inside)->group(function (): void {
            Route::delete('session', [KitchenController::class, 'signOut']);
            Route::get('kitchen/people', [KitchenController::class, 'people']);
            Route::put('kitchen/people/{person}', [KitchenController::class, 'storePerson'])->middleware(
                'takes:person',
            );
            Route::put('kitchen/people/{person}/disabled', [KitchenController::class, 'disable'])->middleware(
                'takes:disabled',
            );
            Route::put('kitchen/people/{person}/anonymous', [KitchenController::class, 'anonymise']);
            Route::get('kitchen/audit', [KitchenController::class, 'audit']);
            Route::get('kitchen/audit.csv', [KitchenController::class, 'auditTable']);
            Route::get('kitchen/settings', [KitchenController::class, 'settings']);
            Route::put('kitchen/settings/{rule}', [KitchenController::class, 'storeSetting'])->middleware(
                'takes:setting',
            );
            Route::put('me/pin', [KitchenController::class, 'ownPin'])->middleware('takes:own-pin');
            Route::put('me/shortcuts', [KitchenController::class, 'shortcuts'])->middleware('takes:shortcuts');
            Route::put('me/hands-free', [KitchenController::class, 'handsFree'])->middleware('takes:hands-free');
            Route::put('here/{tab}', [TabletController::class, 'here'])->middleware('takes:here');
            Route::put('tablet/board', [TabletController::class, 'board'])->middleware('takes:board');
            Route::put('me/language', [KitchenController::class, 'language'])->middleware('takes:language');
            Route::put('me/units', [KitchenController::class, 'units'])->middleware('takes:units');
            Route::post('compute/{name}', [ComputeController::class, 'now']);
            Route::put('compute/{name}/jobs/{computation}', [ComputeController::class, 'later']);
            Route::get('compute/{name}/jobs/{computation}', [ComputeController::class, 'progress']);

            Route::get('scale', [ScaleController::class, 'show']);
            Route::post('scale/tare', [ScaleController::class, 'tare']);
            Route::post('scale/pan', [ScaleController::class, 'pan'])->middleware('takes:pan');

            Route::get('probe', [ProbeController::class, 'show']);
            Route::post('probe/fish', [ProbeController::class, 'stick'])->middleware('takes:stick');
            Route::get('scanner/labels', [ScannerController::class, 'labels']);

            Route::get('fish', [SpeciesController::class, 'index']);
            Route::get('fish/{species}', [SpeciesController::class, 'show']);
            Route::put('fish/{species}', [SpeciesController::class, 'store'])->middleware('takes:species');

            Route::get('spine', [ReceiveController::class, 'spine']);
            Route::get('receive', [ReceiveController::class, 'index']);
            Route::put('receive/fish/{fish}', [ReceiveController::class, 'store'])->middleware('takes:receive-fish');
            Route::get('receive/sourcing', [SourcingController::class, 'index']);
            Route::put('receive/sourcing/{act}', [SourcingController::class, 'store'])->middleware('takes:sourcing');
            Route::put('receive/sourcing/{act}/ended', [SourcingController::class, 'end']);
            Route::get('receive/cold-room', [DeliveryController::class, 'coldRoom']);
            Route::get('receive/deliveries', [DeliveryController::class, 'index']);
            Route::get('receive/deliveries/{delivery}', [DeliveryController::class, 'show']);
            Route::put('receive/deliveries/{delivery}', [DeliveryController::class, 'store'])->middleware(
                'takes:delivery',
            );
            Route::put('receive/deliveries/{delivery}/lines/{line}', [
                DeliveryController::class,
                'storeLine',
            ])->middleware('takes:delivery-line');
            Route::put('receive/deliveries/{delivery}/closed', [DeliveryController::class, 'close'])->middleware(
                'takes:version',
            );
            Route::get('receive/deliveries/{delivery}/claim', [ClaimController::class, 'show']);
            Route::put('receive/deliveries/{delivery}/claim/{act}', [ClaimController::class, 'store'])->middleware(
                'takes:claim-step',
            );
            Route::put('receive/deliveries/{delivery}/invoice', [PaperController::class, 'take'])->middleware(
                'takes:invoice',
            );
            Route::put('receive/lines/{line}/fish/{fish}', [DeliveryController::class, 'weighIn'])->middleware(
                'takes:weigh-in',
            );
            Route::put('receive/fish/{fish}/taken-back', [DeliveryController::class, 'sendBack'])->middleware(
                'takes:void',
            );
            Route::put('receive/fish/{fish}/decision', [DeliveryController::class, 'decide'])->middleware(
                'takes:decision',
            );
            Route::get('receive/lines/{line}/inspection', [InspectionController::class, 'show']);
            Route::post('receive/lines/{line}/inspection', [InspectionController::class, 'preview'])->middleware(
                'takes:inspection',
            );
            Route::put('receive/inspections/{inspection}', [InspectionController::class, 'store'])->middleware(
                'takes:inspection',
            );
            Route::put('receive/lines/{line}/photos/{photo}', [
                InspectionController::class,
                'storePhoto',
            ])->middleware('takes:photo');
            Route::get('receive/photos/{photo}', [InspectionController::class, 'photo']);
            Route::post('receive/scan', [PaperController::class, 'scan'])->middleware('takes:scan');
            Route::post('receive/invoice', [PaperController::class, 'preview'])->middleware('takes:invoice-file');

            Route::get('breakdown', [BreakDownController::class, 'index']);
            Route::get('breakdown/fish/{fish}', [BreakDownController::class, 'show']);
            Route::put('breakdown/fish/{fish}/readings/{reading}', [BreakDownController::class, 'read'])->middleware(
                'takes:reading',
            );
            Route::put('breakdown/fish/{fish}/readings/{reading}/taken-back', [
                BreakDownController::class,
                'takeBack',
            ])->middleware('takes:void');
            Route::put('breakdown/fish/{fish}/done', [BreakDownController::class, 'done'])->middleware(
                'takes:version',
            );

            Route::put('breakdown/fish/{fish}/readings/{reading}/on-tray', [
                BreakDownController::class,
                'onTray',
            ])->middleware('takes:tray-mend');
            Route::get('breakdown/methods/{method}', [MethodController::class, 'show']);
            Route::put('breakdown/methods/{method}', [MethodController::class, 'store'])->middleware(
                'takes:house-method',
            );
            Route::get('breakdown/made-from', [MethodController::class, 'made']);
            Route::get('breakdown/trays', [MethodController::class, 'trays']);
            Route::put('breakdown/trays/{tray}', [MethodController::class, 'storeTray'])->middleware('takes:tray');
            Route::put('breakdown/fish/{fish}/method', [BreakDownController::class, 'chooseMethod'])->middleware(
                'takes:method-choice',
            );
            Route::put('breakdown/fish/{fish}/step', [BreakDownController::class, 'step'])->middleware('takes:step');
            Route::put('breakdown/fish/{fish}/bones/{check}', [BreakDownController::class, 'bones'])->middleware(
                'takes:bone-check',
            );
            Route::put('breakdown/fish/{fish}/finds/{find}', [BreakDownController::class, 'find'])->middleware(
                'takes:find',
            );
            Route::put('breakdown/fish/{fish}/sample/{weighing}', [BreakDownController::class, 'sample'])->middleware(
                'takes:sample',
            );
            Route::get('breakdown/fish/{fish}/clean-down', [CleanDownController::class, 'show']);
            Route::put('breakdown/fish/{fish}/clean-downs/{act}', [CleanDownController::class, 'store'])->middleware(
                'takes:clean-down',
            );
            Route::get('breakdown/fish/{fish}/workmanship', [WorkmanshipController::class, 'show']);
            Route::put('breakdown/fish/{fish}/workmanship/{act}', [
                WorkmanshipController::class,
                'store',
            ])->middleware('takes:side-work');
            Route::get('breakdown/fish/{fish}/set-up', [SetUpController::class, 'show']);
            Route::put('breakdown/fish/{fish}/set-up/{act}', [SetUpController::class, 'store'])->middleware(
                'takes:set-up',
            );
            Route::get('breakdown/clean-downs.csv', [CleanDownController::class, 'table']);
            Route::put('breakdown/fish/{fish}/count', [BreakDownController::class, 'recount'])->middleware(
                'takes:count',
            );

            Route::get('portion', [PortionController::class, 'index']);
            Route::get('portion/dishes', [DishController::class, 'index']);
            Route::get('portion/dishes/{dish}', [DishController::class, 'show']);
            Route::put('portion/dishes/{dish}', [DishController::class, 'store'])->middleware('takes:dish');
            Route::put('portion/dishes/{dish}/retired', [DishController::class, 'retire'])->middleware(
                'takes:version',
            );
            Route::get('portion/tonight', [TonightController::class, 'show']);
            Route::put('portion/tonight/{dish}', [TonightController::class, 'want'])->middleware('takes:wanted');
            Route::post('portion/tonight/runs/{run}', [TonightController::class, 'deal']);
            Route::get('portion/tonight/runs/{run}', [TonightController::class, 'progress']);
            Route::get('portion/batches', [TrayController::class, 'index']);
            Route::get('portion/batches/{batch}', [TrayController::class, 'show']);
            Route::put('portion/batches/{batch}', [TrayController::class, 'make'])->middleware('takes:batch');
            Route::put('portion/batches/{batch}/labels/{job}', [TrayController::class, 'print'])->middleware(
                'takes:labels',
            );
            Route::get('portion/servings', [ServingsController::class, 'index']);
            Route::put('portion/dishes/{dish}/servings', [ServingsController::class, 'make'])->middleware(
                'takes:servings',
            );
            Route::put('portion/servings/{serving}/apart', [ServingsController::class, 'apart']);
            Route::put('portion/fish/{fish}/graded', [ServingsController::class, 'grade'])->middleware('takes:version');
            Route::get('portion/shapes', [ShapeController::class, 'index']);
            Route::put('portion/shapes/{species}/{shape}/reset', [ShapeController::class, 'reset']);
            Route::get('printer', [PrinterController::class, 'index']);
            Route::get('printer/{job}', [PrinterController::class, 'show']);
            Route::get('portion/fish/{fish}', [PortionController::class, 'show']);
            Route::put('portion/fish/{fish}/dish', [PortionController::class, 'chooseDish'])->middleware(
                'takes:dish-choice',
            );
            Route::put('portion/fish/{fish}/readings/{reading}', [PortionController::class, 'read'])->middleware(
                'takes:portion-reading',
            );
            Route::put('portion/fish/{fish}/readings/{reading}/taken-back', [
                PortionController::class,
                'takeBack',
            ])->middleware('takes:void');
            Route::get('portion/fish/{fish}/fillets/{piece}', [FilletController::class, 'show']);
            Route::post('portion/fish/{fish}/fillets/{piece}/pattern', [
                PatternController::class,
                'preview',
            ])->middleware('takes:pattern');
            Route::put('portion/fish/{fish}/fillets/{piece}/pattern', [PatternController::class, 'lay'])->middleware(
                'takes:pattern',
            );
            Route::get('portion/fish/{fish}/fillets/{piece}/zones', [FilletController::class, 'zones']);
            Route::post('portion/fish/{fish}/fillets/{piece}/slices', [FilletController::class, 'slices'])->middleware(
                'takes:slices',
            );
            Route::post('portion/fish/{fish}/fillets/{piece}', [FilletController::class, 'preview'])->middleware(
                'takes:fillet-on-board',
            );
            Route::put('portion/fish/{fish}/fillets/{piece}', [FilletController::class, 'lay'])->middleware(
                'takes:fillet-on-board',
            );
            Route::put('portion/fish/{fish}/pieces/{piece}/dish', [FilletController::class, 'give'])->middleware(
                'takes:given-dish',
            );
            Route::put('portion/fish/{fish}/done', [PortionController::class, 'done'])->middleware('takes:version');

            Route::get('route', [RouteController::class, 'index']);
            Route::get('route/fish/{fish}', [RouteController::class, 'show']);
            Route::put('route/fish/{fish}/pieces/{piece}', [RouteController::class, 'send'])->middleware(
                'takes:route',
            );
            Route::put('route/fish/{fish}/pieces/{piece}/sac', [RouteController::class, 'sac'])->middleware(
                'takes:sac',
            );
            Route::put('route/fish/{fish}/done', [RouteController::class, 'done'])->middleware('takes:version');

            Route::put('route/accepted/{act}', [RouteController::class, 'accept'])->middleware('takes:accept');
            Route::get('route/bins', [BinsController::class, 'index']);
            Route::get('route/bins/{bin}', [BinsController::class, 'show']);
            Route::put('route/bins/{bin}/out/{act}', [BinsController::class, 'takeOut'])->middleware(
                'takes:take-out',
            );
            Route::put('route/bins/{bin}/frozen/{act}', [BinsController::class, 'freezeToday']);
            Route::put('route/tubs/{deposit}/frozen/{new}', [BinsController::class, 'freeze']);
            Route::get('route/house', [BinsController::class, 'house']);
            Route::put('route/house/ways', [BinsController::class, 'storeWays'])->middleware('takes:ways');
            Route::put('route/house/bins/{bin}', [BinsController::class, 'storeBin'])->middleware('takes:house-bin');
            Route::get('route/batches', [FoodBatchController::class, 'index']);
            Route::get('route/batches/{making}', [FoodBatchController::class, 'show']);
            Route::put('route/batches/{making}', [FoodBatchController::class, 'start'])->middleware('takes:making');
            Route::put('route/batches/{making}/made', [FoodBatchController::class, 'measure'])->middleware(
                'takes:made',
            );
            Route::put('route/batches/{making}/cooling/{reading}', [FoodBatchController::class, 'cool'])->middleware(
                'takes:cooling',
            );
            Route::put('route/batches/{making}/draws/{act}', [FoodBatchController::class, 'draw'])->middleware(
                'takes:draw',
            );
            Route::put('route/batches/{making}/gone', [FoodBatchController::class, 'finish'])->middleware(
                'takes:gone',
            );
            Route::post('route/recipes/{recipe}/plan', [FoodBatchController::class, 'plan'])->middleware(
                'takes:batch-plan',
            );
            Route::put('route/recipes/{recipe}', [FoodBatchController::class, 'storeRecipe'])->middleware(
                'takes:recipe',
            );
            Route::put('route/recipes/{recipe}/retired', [FoodBatchController::class, 'retireRecipe'])->middleware(
                'takes:version',
            );

            require base_path('app/Hold/routes.php');
            require base_path('app/Plan/routes.php');

            Route::get('cost', [CostController::class, 'index']);
            Route::get('cost/plates', [PlateController::class, 'index']);
            Route::get('cost/plates/{dish}', [PlateController::class, 'show']);
            Route::post('cost/plates/{dish}/what-if', [PlateController::class, 'whatIf'])->middleware(
                'takes:what-if',
            );
            Route::get('cost/ready-cut', [PlateController::class, 'readyCut']);
            Route::post('cost/ready-cut', [PlateController::class, 'compare'])->middleware('takes:ready-cut');
            Route::get('cost/prices', [PlateController::class, 'prices']);
            Route::post('cost/prices', [PlateController::class, 'previewPrices'])->middleware('takes:price-list');
            Route::put('cost/prices/{list}', [PlateController::class, 'keepPrices'])->middleware('takes:price-list');
            Route::get('cost/house', [PlateController::class, 'house']);
            Route::put('cost/house', [PlateController::class, 'storeHouse'])->middleware('takes:cost-house');
            Route::get('cost/fish/{fish}', [CostController::class, 'show']);
            Route::put('cost/fish/{fish}', [CostController::class, 'store'])->middleware('takes:fish-cost');
            Route::put('cost/fish/{fish}/done', [CostController::class, 'done'])->middleware('takes:version');

            require base_path('app/Log/routes.php');
            require base_path('app/Practise/routes.php');
        });
    });

    // Read by calendars, which sign in nowhere: whoever knows the address reads it, until it is revoked.
    Route::get('calendar/{token}.ics', [CalendarController::class, 'feed'])->where('token', '[0-9A-Za-z]{40}');
    Route::view('{any}', 'app')->where('any', '^(?!api/|build/|status$).*$');
});
