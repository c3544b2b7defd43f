<?php

declare(strict_types=1);

namespace App\Log\Find;

use App\Catalogue\Methods;
use App\Contract\Fault;
use App\Contract\Fields;
use App\Kitchen\Person;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Sectum\Log\Find\SplitBy;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Fish sought, laid side by side, and handed over as they are sought. */
final readonly class FindController
{
    public function index(Request $request, LogList $list): JsonResponse
    {
        $person = Person::of($request);
        $sort = $request->string('sort', 'newest')->toString();

        return new JsonResponse(
            $list->page(FishQuery::of($request->query->all(), $person), $person, $request->integer('page', 1), $sort),
        );
    }

    /** What the log may be asked by, and the searches of whoever asks. */
    public function choices(Request $request): JsonResponse
    {
        $person = Person::of($request);

        return new JsonResponse([
            ...(new KnownNames($person))->choices(),
            'answer' => array_map(
                fn (string $id, string $name): array => ['id' => $id, 'name' => $name],
                array_keys(Methods::answers()),
                array_values(Methods::answers()),
            ),
            'views' => StoreView::of($person),
        ]);
    }

    public function by(Request $request, Multiples $multiples, string $by): JsonResponse
    {
        $person = Person::of($request);
        $split = SplitBy::tryFrom($by) ?? throw Fault::notThere('Fish are not laid out by that.');

        return new JsonResponse($multiples->of(FishQuery::of($request->query->all(), $person), $person, $split));
    }

    public function table(Request $request, string $format): StreamedResponse
    {
        $person = Person::of($request);

        return (new FishTable(FishQuery::of($request->query->all(), $person), $person))->download($format);
    }

    public function keep(Request $request, StoreView $store, string $view): JsonResponse
    {
        $store($view, Fields::of($request), Person::of($request));

        return new JsonResponse(StoreView::of(Person::of($request)));
    }

    public function retire(Request $request, StoreView $store, string $view): JsonResponse
    {
        $store->retire($view, Fields::of($request)->int('version'), Person::of($request));

        return new JsonResponse(StoreView::of(Person::of($request)));
    }
}
