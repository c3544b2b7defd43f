<?php

declare(strict_types=1);

namespace App\Portion\Tonight;

use App\Contract\Fault;
use App\Contract\Fields;
use App\Kitchen\Person;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cache;

final readonly class TonightController
{
    /** How long the progress of a run is remembered, seconds. */
    private const KEPT = 120;

    public function __construct(private Tonight $tonight)
    {
    }

    public function show(Request $request): JsonResponse
    {
        return new JsonResponse($this->tonight->of(Person::of($request)));
    }

    public function want(Request $request, StoreWanted $store, string $dish): JsonResponse
    {
        $store($dish, Fields::of($request)->int('need'), Fields::of($request)->bool('shared'));

        return new JsonResponse($this->tonight->of(Person::of($request)));
    }

    /** Deals the fillets out; how far that is can be asked meanwhile under the same run. */
    public function deal(Request $request, string $run): JsonResponse
    {
        $dealt = $this->tonight->of(Person::of($request), true, function (float $done) use ($run): void {
            Cache::put("run:{$run}", $done, self::KEPT);
        });
        Cache::put("run:{$run}", 1.0, self::KEPT);

        return new JsonResponse($dealt);
    }

    public function progress(string $run): JsonResponse
    {
        $done = Cache::get("run:{$run}");

        return new JsonResponse([
            'done' => is_numeric($done)
                ? (float) $done
                : throw Fault::notThere('Nothing is being allocated under this run.'),
        ]);
    }
}
