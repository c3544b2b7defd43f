<?php

declare(strict_types=1);

namespace App\Portion\Dish;

use App\Contract\Fault;
use App\Kitchen\Moment;
use App\Kitchen\Person;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;

/** The head chef takes a dish off the list. What was cut for it stays its; nothing more is. */
final readonly class RetireDish
{
    public function __construct(private ClockInterface $clock)
    {
    }

    public function __invoke(string $id, int $version, Person $person): Dish
    {
        $person->mustSeePrices();

        return DB::connection()->transaction(function () use ($id, $version): Dish {
            $dish = Dish::query()->findOrFail($id);
            if ($dish->retired_at !== null) {
                return $dish;
            }
            if ($dish->version !== $version) {
                throw Fault::conflict("{$dish->name} was changed on another screen.", [
                    'yours' => $version,
                    'current' => $dish->version,
                ]);
            }
            $dish->update(['retired_at' => Moment::written($this->clock->now()), 'version' => $dish->version + 1]);

            return $dish;
        });
    }
}
