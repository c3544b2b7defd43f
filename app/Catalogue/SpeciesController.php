<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Contract\Fields;
use App\Kitchen\Person;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The fish the house knows, and what it knows better than the shipped catalogue. */
final readonly class SpeciesController
{
    public function index(Request $request): JsonResponse
    {
        return new JsonResponse(SpeciesView::all($request->string('q')->toString()));
    }

    public function show(string $species): JsonResponse
    {
        return new JsonResponse(SpeciesView::of(Species::inFull($species)));
    }

    public function store(Request $request, StoreSpecies $store, string $species): JsonResponse
    {
        $store($species, Fields::of($request), Person::of($request));

        return new JsonResponse(SpeciesView::of(Species::inFull($species)));
    }
}
