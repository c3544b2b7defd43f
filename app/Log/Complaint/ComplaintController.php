<?php

declare(strict_types=1);

namespace App\Log\Complaint;

use App\Contract\Fields;
use App\Kitchen\Format\Pdf;
use App\Kitchen\Person;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Complaints name hands and checks: they are the head chef's. */
final readonly class ComplaintController
{
    public function index(Request $request): JsonResponse
    {
        self::chef($request);

        return new JsonResponse(ComplaintView::all());
    }

    public function show(Request $request, string $complaint): JsonResponse
    {
        self::chef($request);

        return new JsonResponse(ComplaintView::of($complaint));
    }

    public function store(Request $request, StoreComplaint $store, string $complaint): JsonResponse
    {
        $store($complaint, Fields::of($request), self::chef($request));

        return $this->show($request, $complaint);
    }

    public function step(Request $request, StoreComplaint $store, string $complaint, string $act): JsonResponse
    {
        $store->step($complaint, $act, Fields::of($request), self::chef($request));

        return $this->show($request, $complaint);
    }

    public function report(Request $request, string $complaint): Response
    {
        self::chef($request);

        return Pdf::shown(ComplaintPdf::of($complaint), 'complaint');
    }

    private static function chef(Request $request): Person
    {
        $person = Person::of($request);
        $person->mustBeHeadChef('The head chef looks into complaints.');

        return $person;
    }
}
