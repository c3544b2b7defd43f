<?php

declare(strict_types=1);

namespace App\Plan\Service;

use App\Kitchen\Database\WorkedOut;
use Sectum\Plan\Order\Demand;
use Sectum\Plan\Service\Covers;
use Sectum\Plan\Service\TakeUp;

/** How much of each dish a service wants: chosen beforehand, as the head chef says, or as was sold. */
final readonly class Menu
{
    public function __construct(private Service $service, private Learned $learned)
    {
    }

    public function takeUp(ServiceDish $dish): TakeUp
    {
        if ($dish->share_pct !== null) {
            return TakeUp::of($dish->share_pct, []);
        }

        return $this->learned->takeUp($dish->dish_id, $this->service->weekday(), $this->even());
    }

    public function demand(ServiceDish $dish): Demand
    {
        $takes = $this->takeUp($dish);

        $guests = $this->service->guests();

        return WorkedOut::of(
            Demand::class,
            [$guests, $takes->sharePct, $takes->sdPct, $dish->chosen],
            fn (): Demand => $guests->demand($takes->sharePct, $takes->sdPct, $dish->chosen),
        );
    }

    /**
     * Portions on average.
     *
     * @param  Covers|null  $guests  other ones than the service is cooked for
     */
    public function mean(ServiceDish $dish, ?Covers $guests = null): float
    {
        $takes = $this->takeUp($dish);

        return ($guests ?? $this->service->guests())->mean($takes->sharePct, $takes->sdPct, $dish->chosen);
    }

    /**
     * What several services want on average.
     *
     * @param  iterable<Service>  $services  with their dishes, in order
     * @return array<string, array<string, float>> portions by dish, by day
     */
    public static function wanted(iterable $services): array
    {
        $learned = Learned::here();
        $wanted = [];
        foreach ($services as $service) {
            $menu = new self($service, $learned);
            foreach ($service->dishes as $dish) {
                $mean = $menu->mean($dish);
                $day = $wanted[$dish->dish_id][$service->day] ?? 0.0;
                $wanted[$dish->dish_id][$service->day] = $day + $mean;
            }
        }

        return $wanted;
    }

    /** Where nobody knows better, every dish of the menu is taken alike. */
    private function even(): float
    {
        return 100 / max(1, $this->service->dishes->count());
    }
}
