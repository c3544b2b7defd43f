<?php

declare(strict_types=1);

namespace App\Portion\Tray;

use App\Contract\Fields;
use App\Kitchen\Person;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final readonly class TrayController
{
    public function index(Request $request, TrayView $view): JsonResponse
    {
        return new JsonResponse($view->all(Person::of($request)));
    }

    public function show(Request $request, string $batch): JsonResponse
    {
        return new JsonResponse(TrayView::one(PortionTray::inFull()->findOrFail($batch), Person::of($request)));
    }

    public function make(Request $request, MakeTray $make, string $batch): JsonResponse
    {
        $make($batch, Fields::of($request), Person::of($request));

        return $this->show($request, $batch);
    }

    public function print(Request $request, PrintLabels $print, string $batch, string $job): JsonResponse
    {
        $print(
            PortionTray::inFull()->findOrFail($batch),
            $job,
            Fields::of($request)->string('for'),
            Person::of($request),
        );

        return $this->show($request, $batch);
    }
}
