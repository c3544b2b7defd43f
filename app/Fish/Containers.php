<?php

declare(strict_types=1);

namespace App\Fish;

use App\Kitchen\Database\Remembered;
use App\Kitchen\Database\SmallTables;
use Sectum\BreakDown\Container;
use Sectum\Measure\Mass;

/** The tray register: what lies under the fish, and what it weighs. */
final readonly class Containers
{
    /** @return list<Container> by name */
    public static function all(): array
    {
        return Remembered::of('containers', ['tares'], function (): array {
            $containers = [];
            foreach (SmallTables::all('tares') as $name => [$container]) {
                $containers[] = new Container((string) $name, Mass::ofMilligrams((int) $container['mass_mg']));
            }
            usort($containers, fn (Container $a, Container $b): int => strcmp($a->name, $b->name));

            return $containers;
        });
    }

    public static function mass(string $name): ?Mass
    {
        foreach (self::all() as $one) {
            if ($one->name === $name) {
                return $one->mass;
            }
        }

        return null;
    }

    /** A tray is weighed anew, or taken off the register with nothing; readings keep the tare they were taken with. */
    public static function store(string $name, ?Mass $mass): void
    {
        $mass === null
            ? Tare::rows()->where('name', $name)->delete()
            : Tare::rows()->updateOrInsert(['name' => $name], ['mass_mg' => $mass->milligrams]);
    }
}
