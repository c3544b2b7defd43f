<?php

declare(strict_types=1);

namespace App\Compute;

use App\Contract\Fields;

/** One computation of the core, spoken to in JSON. */
interface Computation
{
    /** The name it is called by; its schema is contract/compute/NAME.schema.json. */
    public static function name(): string;

    /**
     * @param  Fields  $request  already judged by the schema
     * @return Answer
     */
    public function answer(Fields $request): array;
}
