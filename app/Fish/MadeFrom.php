<?php

declare(strict_types=1);

namespace App\Fish;

use Sectum\Fish\Bin;

/** What the house makes of what lies in a bin; Route knows. */
interface MadeFrom
{
    /** @return list<string> the names of its recipes, those written first, three at most */
    public function bin(Bin $bin): array;
}
