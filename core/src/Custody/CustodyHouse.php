<?php

declare(strict_types=1);

namespace Sectum\Custody;

/** The limits a house sets for itself, within what its code allows. All in minutes. */
final readonly class CustodyHouse
{
    /**
     * @param  int  $thawWindow  a thaw counts no longer than this from its beginning
     * @param  int  $thawKeeps  what was thawed keeps no longer than this
     * @param  int  $out  fish without histamine may be out of the cold for so long in all
     */
    public function __construct(
        public int $thawWindow = 1440,
        public int $thawKeeps = 1440,
        public int $out = 120,
    ) {
    }
}
