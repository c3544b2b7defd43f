<?php

declare(strict_types=1);

namespace App\Plan\Prep;

use App\Plan\Service\Service;
use App\Portion\Dish\Dish;
use Sectum\Plan\Work\DishToServe;

/** A dish at a service, with what is still to be cut of it. */
final readonly class ServedDish
{
    /** @param  int  $wanted  portions in all */
    public function __construct(
        public DishToServe $serve,
        public Service $service,
        public Dish $dish,
        public int $wanted,
    ) {
    }
}
