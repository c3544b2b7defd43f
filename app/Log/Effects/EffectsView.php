<?php

declare(strict_types=1);

namespace App\Log\Effects;

use App\Contract\Fault;
use App\Kitchen\Person;
use App\Kitchen\Role;
use App\Log\Find\FishQuery;
use App\Log\Ledger\HouseYear;
use App\Log\Ledger\LedgerState;
use Sectum\Log\Effects\BestLevel;
use Sectum\Log\Effects\Spreads;
use Sectum\Log\YearsMoney;
use Sectum\Math\StudentMixture;

/** Hand, supplier, method, season and size told apart, with what each is worth a year. */
final readonly class EffectsView
{
    /** Ends of what is shown: it lies between nine times in ten. */
    private const ENDS = [0.05, 0.95];

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
                    ...self::stroke($of),
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
                    ...self::stroke($of),
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
        $best = $factor === 'season' || $factor === 'fat' ? null : BestLevel::of($spreads, $counts);

        return $best === null
            ? null
            : [
                'level' => $best->level,
                'name' => $names->of($factor, $best->level),
                'fish' => $counts[$best->level],
                ...self::stroke($best->gain),
                'money' => self::money($best->gain, $year),
            ];
    }

    /** @return array{pct: float, low: float, high: float} */
    private static function stroke(StudentMixture $of): array
    {
        return [
            'pct' => round($of->mean, 2) + 0.0,
            'low' => round($of->quantile(self::ENDS[0]), 2),
            'high' => round($of->quantile(self::ENDS[1]), 2),
        ];
    }

    /** @return array{amount: string, low: string, high: string, minor: int, low_minor: int, high_minor: int}|null */
    private static function money(StudentMixture $of, ?YearsMoney $year): ?array
    {
        if ($year === null) {
            return null;
        }
        $worth = $year->worth($of->mean);
        [$low, $high] = array_map(fn (float $end) => $year->worth($of->quantile($end)), self::ENDS);

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
