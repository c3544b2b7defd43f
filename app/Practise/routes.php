<?php

declare(strict_types=1);

use App\Practise\PractiseController;
use Illuminate\Support\Facades\Route;

// What is practised before a fish is spoilt, and who may do what alone; behind the kitchen's door.
Route::get('practise', [PractiseController::class, 'index']);
Route::put('practise/drills/{drill}', [PractiseController::class, 'draw'])->middleware('takes:drill');
Route::put('practise/drills/{drill}/moves/{number}', [PractiseController::class, 'move'])
    ->whereNumber('number')
    ->middleware('takes:drill-move');
Route::put('practise/drills/{drill}/answer', [PractiseController::class, 'answer'])->middleware('takes:drill-answer');
Route::get('practise/people/{person}', [PractiseController::class, 'person']);
Route::get('practise/people/{person}/certificate.pdf', [PractiseController::class, 'certificate']);
Route::put('practise/people/{person}', [PractiseController::class, 'set'])->middleware('takes:learner');
Route::put('practise/people/{person}/gates/{gate}/signed/{act}', [PractiseController::class, 'sign'])->middleware(
    'takes:gate-sign',
);
Route::put('practise/people/{person}/gates/{gate}/taken-back', [PractiseController::class, 'takeBack'])->middleware(
    'takes:gate-back',
);
Route::put('practise/beside/{act}', [PractiseController::class, 'beside'])->middleware('takes:beside');
Route::get('practise/{skill}/{seed}', [PractiseController::class, 'show'])->where([
    'skill' => '[a-z]{3,12}',
    'seed' => '[0-9a-z]{8}',
]);
