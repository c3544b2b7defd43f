<?php

declare(strict_types=1);

namespace App\Log\Supplier;

use App\Kitchen\Format\Pdf;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use App\Log\Ledger\LedgerState;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** What suppliers cost is for whoever buys. */
final readonly class SupplierController
{
    public function index(Request $request): JsonResponse
    {
        $person = Person::of($request)->mustSeePrices();

        return new JsonResponse(LedgerState::remembered(
            "suppliers:{$person->units->value}:".SupplierView::since(),
            fn (): array => (new SupplierView(Settings::load()))->all(),
        ));
    }

    public function show(Request $request, string $supplier): JsonResponse
    {
        $person = Person::of($request)->mustSeePrices();

        return new JsonResponse(LedgerState::remembered(
            "supplier:{$supplier}:{$person->units->value}:".SupplierView::since(),
            fn (): array => (new SupplierView(Settings::load()))->of($supplier),
        ));
    }

    /** The same on a page, to lay on the table when prices are spoken of. */
    public function letter(Request $request, string $supplier): Response
    {
        Person::of($request)->mustSeePrices();

        return Pdf::shown(SupplierLetter::of(new SupplierView(Settings::load()), $supplier), 'supplier');
    }
}
