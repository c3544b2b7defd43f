<?php

declare(strict_types=1);

use App\Plan\Calendar\CalendarController;
use App\Plan\Event\EventController;
use App\Plan\Order\OrderController;
use App\Plan\Prep\PrepController;
use App\Plan\Service\ServiceController;
use App\Plan\Today\TodayController;
use App\Plan\Trim\TrimController;
use Illuminate\Support\Facades\Route;

// What is planned before anything is received; read by the routes of the kitchen, behind their door.
Route::get('plan/today', [TodayController::class, 'show']);
Route::get('plan/services', [ServiceController::class, 'index']);
Route::put('plan/services/{service}', [ServiceController::class, 'store'])->middleware('takes:service');
Route::put('plan/services/{service}/sold', [ServiceController::class, 'sold'])->middleware('takes:service-sold');
Route::get('plan/services/{service}/event', [EventController::class, 'show']);
Route::get('plan/services/{service}/production.pdf', [EventController::class, 'production']);
Route::post('plan/book', [CalendarController::class, 'preview'])->middleware('takes:book');
Route::put('plan/book/{act}', [CalendarController::class, 'take'])->middleware('takes:book');
Route::get('plan/calendar', [CalendarController::class, 'address']);
Route::put('plan/calendar/{act}', [CalendarController::class, 'renew']);
Route::put('plan/calendar-ended', [CalendarController::class, 'revoke']);
Route::get('plan/order', [OrderController::class, 'index']);
Route::post('plan/order/{species}', [OrderController::class, 'show'])->middleware('takes:order-question');
Route::put('plan/offers/{offer}', [OrderController::class, 'offer'])->middleware('takes:offer');
Route::get('plan/hands', [OrderController::class, 'hands']);
Route::put('plan/pars/{species}', [OrderController::class, 'par'])->middleware('takes:par');
Route::get('plan/orders', [OrderController::class, 'orders']);
Route::put('plan/orders/{order}', [OrderController::class, 'place'])->middleware('takes:order');
Route::put('plan/orders/{order}/dropped', [OrderController::class, 'drop'])->middleware('takes:version');
Route::put('plan/orders/{order}/came', [OrderController::class, 'came'])->middleware('takes:order-came');
Route::get('plan/orders/{order}/order.xml', [OrderController::class, 'xml']);
Route::get('plan/orders/{order}/order.pdf', [OrderController::class, 'sheet']);
Route::get('plan/orders/{order}/order.csv', [OrderController::class, 'csv']);
Route::get('plan/trim', [TrimController::class, 'show']);
Route::get('plan/prep', [PrepController::class, 'show']);
Route::get('plan/prep/{day}/list.pdf', [PrepController::class, 'list']);
Route::post('plan/prep/{day}', [PrepController::class, 'would'])->middleware('takes:prep-pin');
Route::put('plan/prep/{day}/pins', [PrepController::class, 'pin'])->middleware('takes:prep-pin');
Route::put('plan/prep/{day}/shifts/{person}', [PrepController::class, 'shift'])->middleware('takes:shift');
