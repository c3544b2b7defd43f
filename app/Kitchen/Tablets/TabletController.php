<?php

declare(strict_types=1);

namespace App\Kitchen\Tablets;

use App\Contract\Fault;
use App\Contract\Fields;
use App\Kitchen\KitchenView;
use App\Kitchen\Person;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final readonly class TabletController
{
    /** Where this tab is, and what happened elsewhere meanwhile. */
    public function here(Request $request, string $tab): JsonResponse
    {
        $fields = Fields::of($request);

        return new JsonResponse(
            Together::here(Person::of($request), $tab, $fields->string('at'), $fields->maybeInt('since')),
        );
    }

    /** At which board, and so beside which scale, this tablet stands. */
    public function board(Request $request): JsonResponse
    {
        $board = Board::from(Fields::of($request)->string('board'));
        in_array($board, Board::all(), true) ||
            throw Fault::inField('/board', 'Only one scale has an address. The head chef sets the second in Settings.');
        $board->remember();

        return new JsonResponse(['boards' => KitchenView::boards($board)]);
    }
}
