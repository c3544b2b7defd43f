<?php

declare(strict_types=1);

namespace App\Plan\Prep;

use App\Catalogue\Species;
use App\Fish\Fish;
use Sectum\Plan\Work\LotToCut;

/** Fish of a lot for the board, with what it is called. */
final readonly class LotHere
{
    /**
     * @param  int  $grams  of one fish, about
     * @param  Fish|null  $fish  one of them; null while they are on their way
     */
    public function __construct(
        public LotToCut $cut,
        public Species $species,
        public string $label,
        public int $grams,
        public ?Fish $fish = null,
    ) {
    }
}
