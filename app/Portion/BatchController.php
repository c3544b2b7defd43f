<?php

declare(strict_types=1);

namespace App\Portion;

use App\Kitchen\Person;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final readonly class BatchController
{
    public function index(Request $request, BatchView $view): JsonResponse
    {
        return new JsonResponse($view->all(Person::of($request)));
    }

    public function show(Request $request, string $batch): JsonResponse
    {
        return new JsonResponse(BatchView::one(Batch::inFull()->findOrFail($batch), Person::of($request)));
    }

    public function make(BatchRequest $request, MakeBatch $make, string $batch): JsonResponse
    {
        $make($batch, $request->fields(), Person::of($request));

        return $this->show($request, $batch);
    }

    public function print(LabelsRequest $request, PrintLabels $print, string $batch, string $job): JsonResponse
    {
        $print(Batch::inFull()->findOrFail($batch), $job, $request->fields()->string('for'), Person::of($request));

        return $this->show($request, $batch);
    }
}
