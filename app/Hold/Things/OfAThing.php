<?php

declare(strict_types=1);

namespace App\Hold\Things;

use App\Fish\Piece;
use App\Portion\Tray\PortionTray;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A row about one thing that is held: about a piece, or about a tray.
 *
 * @property-read Piece|null $piece
 * @property-read PortionTray|null $tray
 */
trait OfAThing
{
    /** @return BelongsTo<Piece, $this> */
    public function piece(): BelongsTo
    {
        return $this->belongsTo(Piece::class);
    }

    /** @return BelongsTo<PortionTray, $this> */
    public function tray(): BelongsTo
    {
        return $this->belongsTo(PortionTray::class, 'batch_id');
    }

    public function thing(): HeldThing
    {
        return new HeldThing($this->piece, $this->tray);
    }
}
