<?php

declare(strict_types=1);

namespace App\Portion\Servings;

use App\Contract\Fault;
use App\Fish\Piece;
use Illuminate\Support\Facades\DB;

/** A serving is taken apart again, as long as it is on no tray; taken apart twice is once. */
final readonly class TakeApart
{
    public function __invoke(string $plate): void
    {
        DB::connection()->transaction(function () use ($plate): void {
            $pieces = Piece::query()->where('serving_id', $plate)->get();
            foreach ($pieces as $piece) {
                $piece->batch_id === null ||
                    throw Fault::conflict("{$piece->name} lies on a labelled tray already.", [
                        'batch' => $piece->batch_id,
                    ]);
                $piece->update(['serving_id' => null]);
            }
            Serving::query()->whereKey($plate)->delete();
        });
    }
}
