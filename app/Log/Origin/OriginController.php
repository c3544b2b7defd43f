<?php

declare(strict_types=1);

namespace App\Log\Origin;

use App\Contract\Fault;
use App\Kitchen\Format\Paper;
use App\Kitchen\Format\Pdf;
use App\Kitchen\Settings;
use App\Portion\Dish\Dish;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Where the fish on a plate comes from; no price is on any of it. */
final readonly class OriginController
{
    public function show(Request $request): JsonResponse
    {
        return new JsonResponse([
            'dishes' => array_map(
                fn (Dish $dish): array => ['id' => $dish->id, 'name' => $dish->name],
                array_values(Dish::onTheList()->all()),
            ),
            'cards' => array_map(fn (OriginOf $one): array => $one->shown(), $this->cards($request, [])),
        ]);
    }

    /** A card to stand on the table. */
    public function card(Request $request): Response
    {
        $cards = $this->cards($request);
        $paper = Paper::titled('Origin');
        foreach ($cards as $card) {
            $paper->page($card->title, 'Where it comes from.', 60 + 58 * count($card->lines));
            foreach ($card->lines as $line) {
                foreach (OriginOf::said($line) as $i => $said) {
                    $paper->line($said, $i === 0 ? 20 : 13, $i === 0 ? 'B' : '');
                }
                $paper->space(4);
            }
        }

        return Pdf::shown($paper->print(), 'origin');
    }

    /** A page of its own, with nothing beside it, to put wherever guests can reach it. */
    public function page(Request $request): Response
    {
        $settings = Settings::load();

        return new Response(view('origin', [
            'house' => $settings->onPaper(),
            'cards' => array_map(fn (OriginOf $card): array => [
                'title' => $card->title,
                'lines' => array_map(OriginOf::said(...), $card->lines),
            ], $this->cards($request)),
            'day' => $settings->now()->format('D j M Y, H:i'),
        ])->render(), 200, [
            'Content-Type' => 'text/html; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="origin.html"',
        ]);
    }

    /**
     * @param  list<OriginOf>|null  $none  what is shown when nothing is asked for; null where something has to be
     * @return list<OriginOf>
     */
    private function cards(Request $request, ?array $none = null): array
    {
        $asked = $request->query->all();
        $of = fn (string $name): string => is_string($asked[$name] ?? null) ? $asked[$name] : '';

        return match (true) {
            $of('tray') !== '' => OriginOf::tray($of('tray')),
            $of('dish') !== '' => OriginOf::dishes($of('dish')),
            default => $none ?? throw Fault::inField('/dish', 'Say of which dish or tray.'),
        };
    }
}
