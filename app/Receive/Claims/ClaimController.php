<?php

declare(strict_types=1);

namespace App\Receive\Claims;

use App\Contract\Fields;
use App\Kitchen\Person;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The claim of a delivery, from the letter to the credit note. */
final readonly class ClaimController
{
    public function show(Request $request, string $delivery): JsonResponse
    {
        return new JsonResponse(ClaimView::of($delivery, Person::of($request)));
    }

    public function store(Request $request, StoreClaimStep $store, string $delivery, string $act): JsonResponse
    {
        $store($delivery, $act, Fields::of($request), Person::of($request));

        return $this->show($request, $delivery);
    }
}
