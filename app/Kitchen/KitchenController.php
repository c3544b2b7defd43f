<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Contract\Fault;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final readonly class KitchenController
{
    public function show(Request $request): JsonResponse
    {
        return new JsonResponse(KitchenView::of($request));
    }

    public function setup(SetupRequest $request, SetUpKitchen $setUp): JsonResponse
    {
        SignIn::begin($request, $setUp($request->fields()), Tablet::remember($request));

        return new JsonResponse(KitchenView::of($request), 201);
    }

    public function signIn(SignInRequest $request): JsonResponse
    {
        $person = Person::query()->find($request->fields()->string('person'));
        ($person instanceof Person && $person->disabled_at === null) ||
            throw Fault::inField('/person', 'Choose your name.');
        Pin::check($person, $request->fields()->string('pin'), (string) $request->ip(), Tablet::of($request));
        SignIn::begin($request, $person, Tablet::remember($request));

        return new JsonResponse(KitchenView::of($request));
    }

    public function signOut(Request $request): JsonResponse
    {
        SignIn::end($request);

        return new JsonResponse(KitchenView::of($request));
    }

    public function people(Request $request): JsonResponse
    {
        Person::of($request)->mustBeHeadChef('The head chef looks after the people.');

        return new JsonResponse(PeopleView::of());
    }

    public function storePerson(PersonRequest $request, StorePerson $store, string $person): JsonResponse
    {
        $store($person, $request->fields(), Person::of($request));

        return new JsonResponse(PeopleView::of());
    }

    public function disable(DisabledRequest $request, StorePerson $store, string $person): JsonResponse
    {
        $store->disable(
            $person,
            $request->fields()->bool('disabled'),
            $request->fields()->int('version'),
            Person::of($request),
        );

        return new JsonResponse(PeopleView::of());
    }

    public function ownPin(OwnPinRequest $request, StorePerson $store): JsonResponse
    {
        $store->ownPin(
            $request->fields(),
            Person::of($request),
            (string) $request->ip(),
            Tablet::of($request),
            SignIn::current($request),
        );

        return new JsonResponse(KitchenView::of($request));
    }

    public function shortcuts(ShortcutsRequest $request): JsonResponse
    {
        Person::of($request)->update(['shortcuts' => $request->fields()->bool('on')]);

        return new JsonResponse(KitchenView::of($request));
    }

    public function settings(Request $request): JsonResponse
    {
        Person::of($request)->mustBeHeadChef('The head chef sets the rules of the house.');

        return new JsonResponse(SettingsView::of(Person::of($request)));
    }

    public function storeSetting(SettingRequest $request, StoreSetting $store, string $rule): JsonResponse
    {
        $store($rule, $request->fields(), Person::of($request));

        return new JsonResponse(SettingsView::of(Person::of($request)));
    }

    public function units(UnitsRequest $request): JsonResponse
    {
        Person::of($request)->update(['units' => $request->fields()->string('units')]);

        return new JsonResponse(KitchenView::of($request));
    }
}
