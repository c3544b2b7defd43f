<?php

declare(strict_types=1);

namespace App\Receive;

use App\Catalogue\Species;
use App\Contract\Fields;
use App\Fish\Fish;
use App\Fish\FishHead;
use App\Fish\Stage;
use App\Fish\Supplier;
use App\Kitchen\Format\Words;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Sectum\Fish\BodyForm;

final readonly class ReceiveController
{
    /** What can be chosen when a fish comes in, and what came in last. */
    public function index(Request $request): JsonResponse
    {
        $words = new Words(Person::of($request)->units, Settings::load()->scaleStep);

        return new JsonResponse([
            'species' => array_map(
                fn (Species $s): array => [
                    'id' => $s->id,
                    'name' => $s->name,
                    'scientific' => $s->scientific,
                    'form' => $s->form->value,
                ],
                array_values(Species::query()->orderBy('name')->get()->all()),
            ),
            'suppliers' => array_values(Supplier::query()->orderBy('name')->pluck('name')->all()),
            'states' => array_combine(
                array_column(BodyForm::cases(), 'value'),
                array_map(
                    fn (BodyForm $form): array => array_column($form->states(), 'value'),
                    BodyForm::cases(),
                ),
            ),
            'forms' => array_column(BodyForm::cases(), 'value'),
            'latest' => array_map(
                fn (Fish $fish): array => FishHead::of($fish, $words),
                array_values(Fish::forTheBench()->orderByDesc('number')->limit(6)->get()->all()),
            ),
        ]);
    }

    public function store(Request $request, ReceiveFish $receive, string $fish): JsonResponse
    {
        $person = Person::of($request);
        $received = $receive($fish, Fields::of($request), $person);

        return new JsonResponse(
            FishHead::of(Fish::onTheBench($received->id), new Words($person->units, Settings::load()->scaleStep)),
        );
    }

    /** How many fish wait at each stage. */
    public function spine(): JsonResponse
    {
        $counts = Fish::query()->selectRaw('stage, count(*) as n')->groupBy('stage')->pluck('n', 'stage');

        return new JsonResponse([
            'waiting' => array_map(
                fn (Stage $stage): array => [
                    'stage' => $stage->value,
                    'count' => (int) (is_numeric($counts[$stage->value] ?? 0) ? $counts[$stage->value] ?? 0 : 0),
                ],
                Stage::cases(),
            ),
        ]);
    }
}
