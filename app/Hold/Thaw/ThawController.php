<?php

declare(strict_types=1);

namespace App\Hold\Thaw;

use App\Contract\Fields;
use App\Kitchen\Person;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final readonly class ThawController
{
    public function __construct(private ThawView $view, private ThawIt $thaw, private Packs $packs)
    {
    }

    public function index(Request $request): JsonResponse
    {
        return new JsonResponse($this->view->all(Person::of($request)));
    }

    public function plan(Request $request, string $thaw): JsonResponse
    {
        $this->thaw->plan($thaw, Fields::of($request), Person::of($request));

        return $this->index($request);
    }

    public function start(Request $request, string $thaw): JsonResponse
    {
        $this->thaw->start($thaw, Fields::of($request), Person::of($request));

        return $this->index($request);
    }

    public function finish(Request $request, string $thaw): JsonResponse
    {
        $this->thaw->finish($thaw, Fields::of($request), Person::of($request));

        return $this->index($request);
    }

    public function pack(Request $request, string $pack): JsonResponse
    {
        $this->packs->pack($pack, Fields::of($request), Person::of($request));

        return $this->index($request);
    }

    public function open(Request $request, string $pack): JsonResponse
    {
        $this->packs->open($pack, Person::of($request));

        return $this->index($request);
    }
}
