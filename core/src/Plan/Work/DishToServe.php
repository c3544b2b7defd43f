<?php

declare(strict_types=1);

namespace Sectum\Plan\Work;

use Sectum\Plan\BadPlan;

/** Portions a service still wants of a dish, and by when. */
final readonly class DishToServe
{
    /**
     * @param  string  $id  of this dish at this service
     * @param  string  $dish  which one
     * @param  float  $portions  that are not cut yet, 0 or more
     * @param  float|null  $due  minute of the day at which they are ready; null when any minute of the day does
     * @param  bool  $raw  for raw service
     *
     * @throws BadPlan when less than nothing is wanted
     */
    public function __construct(
        public string $id,
        public string $dish,
        public float $portions,
        public ?float $due,
        public bool $raw = false,
        public ?Standing $standing = null,
        public DoneOn $done = DoneOn::ThisDay,
    ) {
        $portions >= 0 || throw new BadPlan('Less than nothing cannot be wanted.', $portions, '/portions');
    }
}
