<?php

declare(strict_types=1);

namespace App\Portion\CutPlan;

use App\Contract\Fields;
use App\Fish\Fish;
use App\Fish\FishHead;
use App\Kitchen\Format\Words;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use App\Portion\Dish\Dish;
use App\Portion\Dish\GiveToDish;
use App\Portion\PortionBench;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final readonly class FilletController
{
    public function show(Request $request, string $fish, string $piece): JsonResponse
    {
        return $this->answer($fish, $piece, null, Person::of($request));
    }

    /** What it would be, without laying it there. */
    public function preview(Request $request, string $fish, string $piece): JsonResponse
    {
        return $this->answer($fish, $piece, Fields::of($request), Person::of($request));
    }

    /** What it gives in slices; nothing is kept. */
    public function slices(Request $request, string $fish, string $piece): JsonResponse
    {
        $onBoard = Fish::onTheBench($fish);

        return new JsonResponse(
            SlicesView::of(
                $onBoard,
                LayFillet::fillet($onBoard, $piece),
                Fields::of($request),
                Person::of($request),
            ),
        );
    }

    /** Its zones, and what treating them in other ways would give; nothing is kept. */
    public function zones(Request $request, string $fish, string $piece): JsonResponse
    {
        $onBoard = Fish::onTheBench($fish);

        return new JsonResponse(
            ZonesView::of($onBoard, LayFillet::fillet($onBoard, $piece), Person::of($request)),
        );
    }

    public function lay(Request $request, LayFillet $lay, string $fish, string $piece): JsonResponse
    {
        $lay($fish, $piece, Fields::of($request), Person::of($request));

        return $this->answer($fish, $piece, null, Person::of($request));
    }

    public function give(Request $request, GiveToDish $give, string $fish, string $piece): JsonResponse
    {
        $give($fish, $piece, Fields::of($request)->string('dish'), Person::of($request));

        return new JsonResponse(PortionBench::atTheKnife(Fish::onTheBench($fish), Person::of($request)));
    }

    private function answer(string $fish, string $piece, ?Fields $asked, Person $person): JsonResponse
    {
        $onBoard = Fish::onTheBench($fish);
        $fillet = LayFillet::fillet($onBoard, $piece);
        $settings = Settings::load();
        $words = new Words($person->units, $settings->scaleStep);
        $laying = $asked === null ? Laying::of($onBoard, $fillet) : Laying::asked($asked, $onBoard, $fillet, $person);

        return new JsonResponse([
            'fish' => FishHead::of($onBoard, $words),
            'on_the_board' => BoardFillet::under($fillet) !== null,
            'dishes' => array_map(
                fn (Dish $dish): array => [
                    'id' => $dish->id,
                    'name' => $dish->name,
                    'target' => $words->mass($dish->each()->target),
                    'stretch' => $dish->stretch->spoken(),
                ],
                array_values(Dish::cutFor($onBoard->species_id)->all()),
            ),
            'plan' => FilletPlanView::of(
                FilletPlan::of($onBoard, $fillet, $laying, $person),
                $words,
                $person->seesPrices() ? $settings : null,
            ),
        ]);
    }
}
