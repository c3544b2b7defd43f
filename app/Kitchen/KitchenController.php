<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Contract\Fault;
use App\Contract\Fields;
use App\Kitchen\Watch\Audit;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

final readonly class KitchenController
{
    public function show(Request $request): JsonResponse
    {
        return new JsonResponse(KitchenView::of($request));
    }

    public function setup(Request $request, SetUpKitchen $setUp): JsonResponse
    {
        SignIn::begin($request, $setUp(Fields::of($request)), Tablet::remember($request));

        return new JsonResponse(KitchenView::of($request), 201);
    }

    public function signIn(Request $request): JsonResponse
    {
        $person = Person::query()->find(Fields::of($request)->string('person'));
        ($person instanceof Person && $person->disabled_at === null) ||
            throw Fault::inField('/person', 'Choose your name.');
        Pin::check($person, Fields::of($request)->string('pin'), (string) $request->ip(), Tablet::of($request));
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

    public function storePerson(Request $request, StorePerson $store, string $person): JsonResponse
    {
        $store($person, Fields::of($request), Person::of($request));

        return new JsonResponse(PeopleView::of());
    }

    public function disable(Request $request, StorePerson $store, string $person): JsonResponse
    {
        $store->disable(
            $person,
            Fields::of($request)->bool('disabled'),
            Fields::of($request)->int('version'),
            Person::of($request),
        );

        return new JsonResponse(PeopleView::of());
    }

    public function anonymise(Request $request, Anonymise $anonymise, string $person): JsonResponse
    {
        $anonymise($person, Person::of($request));

        return new JsonResponse(PeopleView::of());
    }

    public function audit(Request $request): JsonResponse
    {
        Person::of($request)->mustBeHeadChef('The head chef sees who did what.');

        return new JsonResponse(Audit::of($request->query->all())->page());
    }

    public function auditTable(Request $request): Response
    {
        Person::of($request)->mustBeHeadChef('The head chef sees who did what.');

        return new Response(Audit::of($request->query->all())->table(), 200, [
            'Content-Type' => 'text/csv; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="audit.csv"',
        ]);
    }

    public function ownPin(Request $request, StorePerson $store): JsonResponse
    {
        $store->ownPin(
            Fields::of($request),
            Person::of($request),
            (string) $request->ip(),
            Tablet::of($request),
            SignIn::current($request),
        );

        return new JsonResponse(KitchenView::of($request));
    }

    public function shortcuts(Request $request): JsonResponse
    {
        Person::of($request)->update(['shortcuts' => Fields::of($request)->bool('on')]);

        return new JsonResponse(KitchenView::of($request));
    }

    public function handsFree(Request $request): JsonResponse
    {
        Person::of($request)->update(['hands_free' => Fields::of($request)->bool('on')]);

        return new JsonResponse(KitchenView::of($request));
    }

    public function settings(Request $request): JsonResponse
    {
        Person::of($request)->mustBeHeadChef('The head chef sets the rules of the house.');

        return new JsonResponse(SettingsView::of(Person::of($request)));
    }

    public function storeSetting(Request $request, StoreSetting $store, string $rule): JsonResponse
    {
        $store($rule, Fields::of($request), Person::of($request));

        return new JsonResponse(SettingsView::of(Person::of($request)));
    }

    public function language(Request $request): JsonResponse
    {
        Person::of($request)->update(['language' => Fields::of($request)->string('language')]);

        return new JsonResponse(KitchenView::of($request));
    }

    public function units(Request $request): JsonResponse
    {
        Person::of($request)->update(['units' => Fields::of($request)->string('units')]);

        return new JsonResponse(KitchenView::of($request));
    }
}
