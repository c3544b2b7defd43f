<?php

declare(strict_types=1);

namespace App\Hold\Kept;

use App\Fish\CostOfPortions;
use App\Fish\Fish;
use App\Kitchen\Settings;
use App\Portion\Tray\PortionTray;
use App\Route\Bins\Bins;
use DateTimeImmutable;
use Sectum\Measure\Mass;
use Sectum\Measure\Money;

/** Everything that lies there, in portions, mass and money: the stocktake at the end of a month. */
final readonly class StockTake
{
    public const COLUMNS = ['what', 'where it counts', 'count', 'kg', 'value', 'use by'];

    public function __construct(private CostOfPortions $costs)
    {
    }

    /** @return list<array{string, string, int|null, string, string, string}> a row a tray and a bin */
    public function rows(DateTimeImmutable $now): array
    {
        $settings = Settings::load();
        $rows = [];
        $trays = KeptTray::there()
            ->with(['dish', 'tray.pieces.readings.void', 'tray.pieces.parts.readings.void'])
            ->get();
        foreach ($trays as $tray) {
            [$mass, $value] = $this->worth($tray, $settings);
            $rows[] = [
                $tray->dish->name,
                $tray->state->value,
                $tray->left(),
                self::kilos($mass),
                $value?->print() ?? '',
                $tray->until,
            ];
        }
        foreach (Bins::now()->ledger->deposits as $deposit) {
            $rows[] = [
                "{$deposit->bin->spoken()}, {$deposit->kind}",
                $deposit->keeping->value,
                null,
                self::kilos($deposit->left),
                $deposit->leftWorth()->print(),
                $deposit->until->format('Y-m-d'),
            ];
        }

        return $rows;
    }

    /** @return array{Mass, Money|null} of what is left of a tray: an even share of what was put on it */
    private function worth(KeptTray $kept, Settings $settings): array
    {
        $tray = $kept->tray;
        if ($tray === null) {
            return [Mass::zero(), null];
        }
        $portions = $tray->portions();
        $all = Mass::sum(array_map(fn ($one): Mass => $one->net, $portions));
        $left = Mass::ofMilligrams(intdiv($all->milligrams * $kept->left(), max(1, count($portions))));
        $value = null;
        foreach ($tray->pieces->groupBy('fish_id') as $fish => $pieces) {
            $cost = $this->costs->of(Fish::onTheBench((string) $fish), $settings);
            $mass = Mass::sum(array_map(PortionTray::net(...), array_values($pieces->all())));
            if ($cost !== null) {
                $some = $cost->edible->times(
                    Mass::ofMilligrams(intdiv($mass->milligrams * $kept->left(), max(1, count($portions)))),
                );
                $value = $value === null ? $some : $value->plus($some);
            }
        }

        return [$left, $value];
    }

    private static function kilos(Mass $mass): string
    {
        return number_format($mass->milligrams / 1e6, 3, '.', '');
    }
}
