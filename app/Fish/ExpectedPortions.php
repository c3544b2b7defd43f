<?php

declare(strict_types=1);

namespace App\Fish;

use Sectum\Measure\Mass;

/** How many portions a fish should give, asked wherever it lies uncut and answered where dishes are known. */
interface ExpectedPortions
{
    /**
     * @param  Mass  $fillets  what it should give to cut portions from
     * @return string|null "about 8 × Hake, parsley sauce"; null when nobody knows what it is cut for
     */
    public function of(Fish $fish, Mass $fillets): ?string;
}
