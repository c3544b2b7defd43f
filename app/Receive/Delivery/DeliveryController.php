<?php

declare(strict_types=1);

namespace App\Receive\Delivery;

use App\Contract\Fields;
use App\Fish\Delivery;
use App\Fish\DeliveryLine;
use App\Kitchen\Person;
use App\Receive\ColdRoom\ColdRoom;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The door: what stands there, what was invoiced, what is weighed in. */
final readonly class DeliveryController
{
    public function coldRoom(Request $request, ColdRoom $room): JsonResponse
    {
        return new JsonResponse($room->of(Person::of($request)));
    }

    public function index(Request $request, DeliveryList $list): JsonResponse
    {
        return new JsonResponse(
            $list->page(Person::of($request), $request->string('q')->toString(), $request->integer('page', 1)),
        );
    }

    public function show(Request $request, string $delivery): JsonResponse
    {
        return self::door($delivery, $request);
    }

    public function store(Request $request, StoreDelivery $store, string $delivery): JsonResponse
    {
        $store($delivery, Fields::of($request), Person::of($request));

        return self::door($delivery, $request);
    }

    public function storeLine(Request $request, StoreLine $store, string $delivery, string $line): JsonResponse
    {
        $store($delivery, $line, Fields::of($request), Person::of($request));

        return self::door($delivery, $request);
    }

    public function weighIn(Request $request, WeighIn $weighIn, string $line, string $fish): JsonResponse
    {
        $weighIn($line, $fish, Fields::of($request), Person::of($request));

        return self::door(DeliveryLine::query()->findOrFail($line)->delivery_id, $request);
    }

    public function sendBack(Request $request, SendBack $sendBack, string $fish): JsonResponse
    {
        $sent = $sendBack($fish, Fields::of($request)->string('reason'), Person::of($request));

        return self::door($sent->line->delivery_id ?? '', $request);
    }

    public function decide(Request $request, Decide $decide, string $fish): JsonResponse
    {
        $decide($fish, Fields::of($request), Person::of($request));

        return new JsonResponse(['done' => true]);
    }

    public function close(Request $request, CloseDelivery $close, string $delivery): JsonResponse
    {
        $close($delivery, Fields::of($request)->int('version'), Person::of($request));

        return self::door($delivery, $request);
    }

    /** What a delivery's screen shows now. */
    public static function door(string $delivery, Request $request): JsonResponse
    {
        return new JsonResponse(DeliveryView::of(Delivery::atTheDoor($delivery), Person::of($request)));
    }
}
