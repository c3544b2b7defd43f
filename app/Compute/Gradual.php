<?php

declare(strict_types=1);

namespace App\Compute;

use App\Contract\Fields;
use Closure;

/** A computation that takes a while and says how far it is. */
interface Gradual extends Computation
{
    /**
     * @param  Fields  $request  already judged by the schema
     * @param  Closure(float): void  $progress  told how much is done, 0 to 1
     * @return Answer
     */
    public function answerWith(Fields $request, Closure $progress): array;
}
