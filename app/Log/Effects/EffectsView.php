<?php

declare(strict_types=1);

namespace App\Log\Effects;

use App\Contract\Fault;
use App\Kitchen\Person;
use App\Kitchen\Role;
use App\Log\Find\FishQuery;
use App\Log\Ledger\HouseYear;
use App\Log\Ledger\LedgerState;
use App\Log\Ledger\Stroke;
use Sectum\Log\Effects\BestLevel;
use Sectum\Log\Effects\Spreads;
use Sectum\Log\YearsMoney;
use Sectum\Math\StudentMixture;

/** Hand, supplier, method, season and size told apart, with what each is worth a year. */
final readonly class EffectsView
{
    /** What no kitchen can choose. */
    private const NOBODYS_CHOICE = ['season', 'fat'];

    /** A factor whose likeliest spread is less than this, points, shows nothing. */
    private const NOTHING = 0.05;

    /** @return Answer */
    public function of(FishQuery $query, Person $person): array
    {
        return LedgerState::remembered(
            'effects:'.json_encode([$query->said(), $query->asked->rest, $person->id, $person->units]),
            fn (): array => $this->found($query, $person),
        );
    }

    /** @return list<Gain> what all fish as the best level has them would bring a year, where that is sure */
    public function gains(FishQuery $query, Person $person): array
    {
        if (! $person->seesPrices()) {
            return [];
        }

        return LedgerState::remembered(
            'gains:'.json_encode($query->said()),
            fn (): array => $this->sureGains($query),
        );
    }

    /** @return list<Gain> */
    private function sureGains(FishQuery $query): array
    {
        $told = Told::of($query);
        $year = HouseYear::of($query->measured());
        $names = new LevelNames($query->known());
        if ($year === null) {
            return [];
        }
        $gains = [];
        foreach ($told->spreads() as $factor => $spreads) {
            $best = $spreads->likeliest() < self::NOTHING || in_array($factor, self::NOBODYS_CHOICE, true)
                ? null
                : BestLevel::of($spreads, $told->linked($factor));
            if ($best !== null && $best->gain->quantile(Stroke::LOW) > 0) {
                $gains[] = new Gain($factor, $names->of($factor, $best->level), $year->worth($best->gain->mean));
            }
        }

        return $gains;
    }

    /** @return Answer two levels of a factor against each other */
    public function pair(FishQuery $query, Person $person, string $factor, string $a, string $b): array
    {
        if ($factor === 'cutter') {
            $person->mustBeHeadChef('The head chef sees two hands beside each other.');
        }

        return LedgerState::remembered(
            'pair:'.json_encode([$query->said(), $query->asked->rest, $factor, $a, $b]),
            function () use ($query, $factor, $a, $b): array {
                $told = Told::of($query);
                $spreads = in_array($factor, $told->factors, true) ? $told->spreads()[$factor] ?? null : null;
                if ($spreads === null || ! isset($spreads->levels()[$a], $spreads->levels()[$b])) {
                    throw Fault::notThere('These two cannot be told apart: one of them has no fish.');
                }
                $of = $spreads->combined([$a => 1.0, $b => -1.0]);
                $names = new LevelNames($query->known());

                return [
                    'a' => $names->of($factor, $a),
                    'b' => $names->of($factor, $b),
                    ...Stroke::of($of, 2),
                    'above' => round(1 - $of->below(0.0), 3),
                    'fish' => [$spreads->levels()[$a], $spreads->levels()[$b]],
                ];
            },
        );
    }

    /** @return Answer */
    private function found(FishQuery $query, Person $person): array
    {
        $told = Told::of($query);
        $year = $person->seesPrices() ? HouseYear::of($query->measured()) : null;
        $factors = [];
        foreach ($told->spreads() as $factor => $spreads) {
            $factors[] = $this->factor($query, $person, $told, $factor, $spreads, $year);
        }

        return [
            'asked' => $query->said(),
            'fish' => count($told->records),
            'suspect' => $query->rows()->whereNotNull('suspect')->count(),
            'factors' => $factors,
            'alone' => array_map(
                fn (string $one): array => ['factor' => $one, 'question' => LevelNames::question($one)],
                $factors === [] ? [] : $told->alone,
            ),
            'kilos' => $year === null ? null : (int) round($year->aYear->grams() / 1000),
        ];
    }

    /** @return Answer */
    private function factor(
        FishQuery $query,
        Person $person,
        Told $told,
        string $factor,
        Spreads $spreads,
        ?YearsMoney $year,
    ): array {
        $names = new LevelNames($query->known());
        $counts = $told->linked($factor);
        $all = max(1, array_sum($counts));
        $hidden = $factor === 'cutter' && $person->role !== Role::HeadChef;
        $levels = [];
        foreach ($counts as $level => $count) {
            if (! $hidden || $level === $person->id) {
                $of = BestLevel::againstAll($spreads, $counts, $level);
                $levels[] = [
                    'level' => $level,
                    'name' => $names->of($factor, $level),
                    'fish' => $count,
                    ...Stroke::of($of, 2),
                    'money' => self::money($of, $year?->ofShare($count / $all)),
                ];
            }
        }
        usort($levels, fn (array $a, array $b): int => [$b['pct'], $a['name']] <=> [$a['pct'], $b['name']]);

        return [
            'factor' => $factor,
            'question' => LevelNames::question($factor),
            'sd' => round($spreads->likeliest(), 3),
            'nothing' => $spreads->likeliest() < self::NOTHING,
            'levels' => $levels,
            'unlinked' => $hidden
                ? []
                : array_map(fn (string $level): string => $names->of($factor, $level), $told->unlinked($factor)),
            'best' => $hidden || $spreads->likeliest() < self::NOTHING
                ? null
                : self::best($spreads, $counts, $factor, $names, $year),
        ];
    }

    /**
     * All fish as the best level has them. Season and fat are nobody's choice.
     *
     * @param  array<string, int>  $counts
     * @return Answer|null
     */
    private static function best(
        Spreads $spreads,
        array $counts,
        string $factor,
        LevelNames $names,
        ?YearsMoney $year,
    ): ?array {
        $best = in_array($factor, self::NOBODYS_CHOICE, true) ? null : BestLevel::of($spreads, $counts);

        return $best === null
            ? null
            : [
                'level' => $best->level,
                'name' => $names->of($factor, $best->level),
                'fish' => $counts[$best->level],
                ...Stroke::of($best->gain, 2),
                'money' => self::money($best->gain, $year),
            ];
    }

    /** @return array{amount: string, low: string, high: string, minor: int, low_minor: int, high_minor: int}|null */
    private static function money(StudentMixture $of, ?YearsMoney $year): ?array
    {
        if ($year === null) {
            return null;
        }
        $worth = $year->worth($of->mean);
        $low = $year->worth($of->quantile(Stroke::LOW));
        $high = $year->worth($of->quantile(Stroke::HIGH));

        return [
            'amount' => $worth->rounded(),
            'low' => $low->rounded(),
            'high' => $high->rounded(),
            'minor' => $worth->minor,
            'low_minor' => $low->minor,
            'high_minor' => $high->minor,
        ];
    }
}
