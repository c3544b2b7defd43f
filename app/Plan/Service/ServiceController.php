<?php

declare(strict_types=1);

namespace App\Plan\Service;

use App\Contract\Fields;
use App\Kitchen\Person;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final readonly class ServiceController
{
    public function __construct(private ServicesView $view, private StoreService $store)
    {
    }

    public function index(Request $request): JsonResponse
    {
        return new JsonResponse($this->view->all(Person::of($request)));
    }

    public function store(Request $request, string $service): JsonResponse
    {
        ($this->store)($service, Fields::of($request), Person::of($request));

        return $this->index($request);
    }

    public function sold(Request $request, string $service): JsonResponse
    {
        $this->store->sold($service, Fields::of($request), Person::of($request));

        return $this->index($request);
    }
}
