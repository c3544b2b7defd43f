<?php

declare(strict_types=1);

namespace App\Log\Walk;

use App\Kitchen\Person;
use App\Log\Ledger\LedgerState;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final readonly class WalkController
{
    public function index(Request $request): JsonResponse
    {
        $period = Period::asked($request->query->all());
        $person = Person::of($request);
        // A quarter of a busy house is thousands of fish. What became of their trays is in no row of the ledger.
        $asked = json_encode(['walk', $period->days(), $person->units, $person->seesPrices(), Fates::known()]);

        $walk = fn (): array => WalkView::of($period, $person);

        return new JsonResponse(LedgerState::remembered((string) $asked, $walk));
    }

    public function step(Request $request, string $step): JsonResponse
    {
        $species = $request->query->all()['species'] ?? null;

        return new JsonResponse(WalkView::step(
            Period::asked($request->query->all()),
            Person::of($request),
            $step,
            is_string($species) && $species !== '' ? $species : null,
        ));
    }
}
