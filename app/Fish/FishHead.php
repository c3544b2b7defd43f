<?php

declare(strict_types=1);

namespace App\Fish;

use App\Kitchen\Format\Words;
use App\Kitchen\Moment;

/** The lines that name a fish wherever it is shown. */
final readonly class FishHead
{
    /** @return Answer */
    public static function of(Fish $fish, Words $words): array
    {
        return [
            'id' => $fish->id,
            'number' => $fish->number,
            'count' => $fish->count,
            'version' => $fish->version,
            'title' => $fish->species->name,
            'form' => $fish->species->form->value,
            'supplier' => $fish->supplier_name,
            'state' => $fish->state->value,
            'stage' => $fish->stage->value,
            'received' => Moment::at($fish->received_at)->format('D j M Y, H:i'),
            'whole' => $words->mass($fish->mass()),
            'out_since' => $fish->out_since === null ? null : Moment::at($fish->out_since)->getTimestamp(),
        ];
    }
}
