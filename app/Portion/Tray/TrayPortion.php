<?php

declare(strict_types=1);

namespace App\Portion\Tray;

use App\Fish\Piece;
use Sectum\Measure\Mass;

/** What one guest gets off a tray: a piece, several put together, or one of those that were weighed together. */
final readonly class TrayPortion
{
    /**
     * @param  non-empty-list<Piece>  $pieces
     * @param  Mass  $board  as it was cut
     * @param  Mass  $net  as it is: what was weighed off it is gone
     */
    public function __construct(public array $pieces, public Mass $board, public Mass $net)
    {
    }
}
