<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Contract\Fault;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

final readonly class KitchenController
{
    public function show(Request $request): JsonResponse
    {
        return new JsonResponse(KitchenView::of($request));
    }

    public function setup(SetupRequest $request, SetUpKitchen $setUp): JsonResponse
    {
        Auth::login($setUp($request->fields()));
        $request->session()->regenerate();

        return new JsonResponse(KitchenView::of($request), 201);
    }

    public function signIn(SignInRequest $request): JsonResponse
    {
        $person = Person::query()->find($request->fields()->string('person'));
        $person instanceof Person || throw Fault::inField('/person', 'Choose your name.');
        Pin::check($person, $request->fields()->string('pin'), (string) $request->ip());
        Auth::login($person);
        $request->session()->regenerate();

        return new JsonResponse(KitchenView::of($request));
    }

    public function signOut(Request $request): JsonResponse
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return new JsonResponse(KitchenView::of($request));
    }

    public function units(UnitsRequest $request): JsonResponse
    {
        Person::of($request)->update(['units' => $request->fields()->string('units')]);

        return new JsonResponse(KitchenView::of($request));
    }
}
