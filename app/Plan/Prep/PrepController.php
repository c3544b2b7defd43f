<?php

declare(strict_types=1);

namespace App\Plan\Prep;

use App\Contract\Fields;
use App\Kitchen\Format\Pdf;
use App\Kitchen\Person;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

final readonly class PrepController
{
    public function __construct(private PrepView $view)
    {
    }

    public function show(Request $request): JsonResponse
    {
        $day = $request->query('day');

        return new JsonResponse($this->view->of(is_string($day) ? $day : null, Person::of($request)));
    }

    /** Prep lists to print, a page for everybody who cuts. */
    public function list(string $day): Response
    {
        return Pdf::shown($this->view->printed($day), 'prep-list');
    }

    public function would(Request $request, string $day): JsonResponse
    {
        return new JsonResponse($this->view->would($day, Fields::of($request), Person::of($request)));
    }

    public function pin(Request $request, StorePin $store, string $day): JsonResponse
    {
        $store($this->view->day($day), Fields::of($request), Person::of($request));

        return new JsonResponse($this->view->of($day, Person::of($request)));
    }

    public function shift(Request $request, StoreShift $store, string $day, string $person): JsonResponse
    {
        $store($this->view->day($day), $person, Fields::of($request), Person::of($request));

        return new JsonResponse($this->view->of($day, Person::of($request)));
    }
}
