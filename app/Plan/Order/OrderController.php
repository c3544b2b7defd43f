<?php

declare(strict_types=1);

namespace App\Plan\Order;

use App\Contract\Fields;
use App\Fish\Delivery;
use App\Kitchen\Format\Pdf;
use App\Kitchen\Format\Words;
use App\Kitchen\Moment;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use App\Plan\Prep\PrepView;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

final readonly class OrderController
{
    /** Orders shown. */
    private const SHOWN = 30;

    public function __construct(private OrderView $view)
    {
    }

    public function index(Request $request): JsonResponse
    {
        Person::of($request)->mustSeePrices();

        $until = $request->query('until');

        return new JsonResponse($this->view->all(is_string($until) ? $until : null));
    }

    public function show(Request $request, string $species): JsonResponse
    {
        Person::of($request)->mustSeePrices();

        return new JsonResponse($this->view->one($species, Fields::of($request)));
    }

    /** Minutes of a day's shifts that no task has yet. */
    public function hands(Request $request, HandsForIt $hands, PrepView $prep): JsonResponse
    {
        $day = $request->query('day');
        $free = $hands->free($prep->day(is_string($day) ? $day : null));

        return new JsonResponse(['free' => $free === null ? null : (int) round($free)]);
    }

    public function par(Request $request, string $species): JsonResponse
    {
        Par::store($species, Fields::of($request), Person::of($request));

        return $this->index($request);
    }

    public function offer(Request $request, StoreOffer $store, string $offer): JsonResponse
    {
        $store($offer, Fields::of($request), Person::of($request));

        return $this->index($request);
    }

    public function orders(Request $request): JsonResponse
    {
        Person::of($request)->mustSeePrices();
        $settings = Settings::load();
        $orders = PlacedOrder::query()
            ->with([
                'supplier',
                'placer',
                'lines.species',
                'delivery.lines.species',
                'delivery.lines.fish.pieces.readings.void',
            ])
            ->orderByDesc('number')
            ->limit(self::SHOWN)
            ->get();

        $deliveries = Delivery::query()
            ->whereIn('supplier_id', $orders->pluck('supplier_id'))
            ->orderByDesc('delivered_on')
            ->limit(self::SHOWN)
            ->get();

        return new JsonResponse(array_map(fn (PlacedOrder $one): array => [
            'id' => $one->id,
            'number' => $one->number,
            'version' => $one->version,
            'supplier' => $one->supplier->name,
            'for_day' => Moment::at($one->for_day)->format('D j M'),
            'placed' => Moment::at($one->placed_at)->format('D j M, H:i'),
            'by' => $one->placer->name,
            'dropped' => $one->dropped_at !== null,
            'total' => $one->total($settings)->print(),
            'text' => OrderPaper::text($one, Words::ofReader(), $settings),
            'delivery' => $one->delivery === null ? null : self::delivery($one->delivery),
            'deliveries' => self::mayBe($one, $deliveries),
            'gaps' => ArrivedOrder::gaps($one, Words::ofReader(), $settings),
        ], array_values($orders->all())));
    }

    /** @return Answer */
    private static function delivery(Delivery $one): array
    {
        return [
            'id' => $one->id,
            'number' => $one->number,
            'day' => Moment::at($one->delivered_on)->format('D j M'),
        ];
    }

    /**
     * @param  Collection<int, Delivery>  $deliveries
     * @return list<Answer>
     */
    private static function mayBe(PlacedOrder $order, Collection $deliveries): array
    {
        $of = $deliveries->filter(
            fn (Delivery $one): bool => $one->supplier_id === $order->supplier_id &&
                $one->delivered_on >= OrderedHere::earliest($order->for_day),
        );

        return $order->dropped_at === null ? array_map(self::delivery(...), array_values($of->all())) : [];
    }

    public function came(Request $request, string $order): JsonResponse
    {
        ArrivedOrder::say($order, Fields::of($request), Person::of($request));

        return $this->orders($request);
    }

    public function place(Request $request, PlaceOrder $place, string $order): JsonResponse
    {
        $place($order, Fields::of($request), Person::of($request));

        return $this->orders($request);
    }

    public function drop(Request $request, PlaceOrder $place, string $order): JsonResponse
    {
        $place->drop($order, Fields::of($request), Person::of($request));

        return $this->orders($request);
    }

    public function xml(Request $request, string $order): Response
    {
        Person::of($request)->mustSeePrices();

        $xml = UblOrder::write(PlacedOrder::inFull($order), Settings::load());

        return self::file($xml, 'application/xml', "{$order}.xml");
    }

    public function csv(Request $request, string $order): Response
    {
        Person::of($request)->mustSeePrices();

        $table = OrderPaper::table(PlacedOrder::inFull($order), Settings::load());

        return self::file($table, 'text/csv', "{$order}.csv");
    }

    public function sheet(Request $request, string $order): Response
    {
        Person::of($request)->mustSeePrices();

        $sheet = OrderPaper::sheet(PlacedOrder::inFull($order), Words::ofReader(), Settings::load());

        return Pdf::shown($sheet, 'order');
    }

    private static function file(string $content, string $type, string $name): Response
    {
        return new Response($content, 200, [
            'Content-Type' => "{$type}; charset=utf-8",
            'Content-Disposition' => "attachment; filename=\"order-{$name}\"",
        ]);
    }
}
