<?php

declare(strict_types=1);

namespace App\Log\Week;

use App\Fish\Stage;
use App\Hold\Kept\KeptLeaving;
use App\Kitchen\Database\Row;
use App\Kitchen\Format\Words;
use App\Kitchen\Moment;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use App\Log\Drift\DriftView;
use App\Log\Effects\EffectsView;
use App\Log\Find\FishQuery;
use App\Log\Ledger\LoggedFish;
use App\Log\Supplier\SupplierFigures;
use App\Log\Walk\Period;
use App\Log\Walk\WalkOf;
use App\Portion\Dish\Dish;
use App\Route\Bins\BinWithdrawal;
use Illuminate\Database\Query\Builder;
use Sectum\Hold\Kept\LeavesAs;
use Sectum\Log\Find\Level;
use Sectum\Log\Walk\WalkStep;
use Sectum\Log\Week\Matter;
use Sectum\Log\Week\Sentence;
use Sectum\Measure\Mass;
use Sectum\Measure\Money;
use Sectum\Route\Bins\Leaving;

/** What a week bought, cut, served and threw away, and the three sentences of it that matter. */
final readonly class WeekOf
{
    /** Weeks of a year, for what is reckoned a year. */
    private const WEEKS = 52.18;

    private Settings $settings;

    public WalkOf $walk;

    public function __construct(public Period $week, private Person $reader)
    {
        $this->settings = Settings::load();
        $this->walk = WalkOf::of($week);
    }

    /** @return list<Sentence> */
    public function sentences(): array
    {
        return Sentence::matter([
            ...$this->steps(),
            ...$this->drifts(),
            ...$this->best(),
            ...$this->short(),
            ...$this->thrownAway(),
        ]);
    }

    /** @return array{mass: Mass, paid: Money, fish: int} received in the week, and what was paid for each fish */
    public function bought(): array
    {
        $rows = Row::all(
            LoggedFish::rows()
                ->join('fish', 'fish.id', 'logged_fish.fish_id')
                ->whereBetween('received_on', $this->week->days())
                ->whereNotIn('fish.stage', [Stage::Refused->value, Stage::Withdrawn->value])
                ->get([
                    'whole_mg',
                    'logged_fish.count',
                    'fish.price_per_kg_minor',
                    'fish.delivery_minor',
                    'fish.credited_minor',
                ]),
        );

        return [
            'mass' => Mass::sum(
                array_map(fn (Row $row): Mass => Mass::ofMilligrams((int) $row->number('whole_mg')), $rows),
            ),
            'paid' => Money::sum(
                array_map(fn (Row $row): Money => WalkOf::paid($row, $this->settings), $rows),
                $this->settings->currency,
            ),
            'fish' => array_sum(array_map(fn (Row $row): int => (int) $row->number('count'), $rows)),
        ];
    }

    /** @return list<array{name: string, level: Level}> kinds cut in the week, against what is expected of them */
    public function yields(): array
    {
        $off = FishQuery::OFF;
        [$from, $until] = $this->week->days();
        $rows = FishQuery::of(['from' => $from, 'until' => $until], $this->reader)
            ->measured()
            ->join('species', 'species.id', 'logged_fish.species_id')
            ->groupBy('logged_fish.species_id')
            ->selectRaw('species.name as name, count(*) as many')
            ->selectRaw("sum({$off}) as sum, sum(({$off}) * ({$off})) as squares")
            ->orderByDesc('many')
            ->get();

        return array_map(fn (Row $row): array => [
            'name' => $row->text('name'),
            'level' => Level::of((int) $row->number('many'), $row->number('sum'), $row->number('squares')),
        ], Row::all($rows));
    }

    /** @return list<array{name: string, served: int, unserved: int, thrown: int}> by dish, those most served first */
    public function portions(): array
    {
        $by = [];
        foreach (Row::all($this->left()->groupBy('dish_id', 'how')->get()) as $row) {
            $dish = $row->text('dish_id');
            $by[$dish] ??= ['served' => 0, 'unserved' => 0, 'thrown' => 0];
            $as = match (LeavesAs::from($row->text('how'))) {
                LeavesAs::Served => 'served',
                LeavesAs::StaffMeal, LeavesAs::Missing => 'unserved',
                LeavesAs::Discarded => 'thrown',
                LeavesAs::Moved, LeavesAs::Frozen, LeavesAs::Thawed, LeavesAs::Treated => null,
            };
            if ($as !== null) {
                $by[$dish][$as] += (int) $row->number('many');
            }
        }
        $list = [];
        foreach ($by as $dish => $counts) {
            $list[] = ['name' => Dish::of($dish)->name ?? '', ...$counts];
        }
        usort($list, fn (array $a, array $b): int => $b['served'] <=> $a['served']);

        return $list;
    }

    /** @return array{Mass, Money} thrown out of bins and off trays: what it weighed, and what it was worth there */
    public function discarded(): array
    {
        [$from, $until] = $this->moments();
        $row = Row::maybe(
            BinWithdrawal::rows()
                ->where('how', Leaving::Discard->value)
                ->where('taken_at', '>=', $from)
                ->where('taken_at', '<', $until)
                ->selectRaw('sum(mass_mg) as mass, sum(minor) as minor')
                ->first(),
        );
        $trays = $this->walk->walk->at(WalkStep::Discarded);
        $mass = Mass::ofMilligrams((int) $row?->number('mass'))->plus($trays->mass ?? Mass::zero());

        return [$mass, $this->settings->money((int) $row?->number('minor'))->plus(
            $trays->paid ?? Money::zero($this->settings->currency),
        )];
    }

    /** @return list<Sentence> */
    private function steps(): array
    {
        $edible = $this->walk->edible();
        if ($edible === null) {
            return [];
        }
        $said = [];
        foreach ($this->walk->walk->lines as $line) {
            $saved = $line->saved();
            if ($saved->isPositive() && $line->step !== WalkStep::Discarded) {
                $said[] = new Sentence(Matter::Step, $edible->times($saved), [
                    'step' => $line->step->value,
                    'mass' => Words::ofReader()->text($line->mass),
                    'best' => $line->best === null ? null : Words::ofReader()->text($line->best),
                ]);
            }
        }

        return $said;
    }

    /**
     * A change is worth knowing for what a point of yield on the week's fish is worth.
     *
     * @return list<Sentence>
     */
    private function drifts(): array
    {
        $point = $this->walk->edible()?->times(
            Mass::ofMilligrams(intdiv($this->walk->walk->bought->milligrams, 100)),
        ) ?? Money::zero($this->settings->currency);
        $said = [];
        foreach ((new DriftView($this->reader))->charts() as $chart) {
            $since = $chart->since();
            if ($since !== null) {
                $said[] = new Sentence(Matter::Drift, $point, [
                    'of' => $chart->of,
                    'name' => $chart->name,
                    'up' => $chart->chart->isUp() ? 1 : 0,
                    'since' => $since->format('D j M'),
                ]);
            }
        }

        return $said;
    }

    /** @return list<Sentence> */
    private function best(): array
    {
        $said = [];
        foreach ((new EffectsView())->gains(FishQuery::of([], $this->reader), $this->reader) as $gain) {
            $week = $this->settings->money((int) round($gain->year->minor / self::WEEKS));
            $said[] = new Sentence(Matter::Best, $week, [
                'factor' => $gain->factor,
                'name' => $gain->name,
                'year' => $gain->year->rounded(),
            ]);
        }

        return $said;
    }

    /** @return list<Sentence> */
    private function short(): array
    {
        [$from, $until] = $this->week->days();
        $said = [];
        foreach (SupplierFigures::missing($from, $until) as $row) {
            $said[] = new Sentence(Matter::Short, $this->settings->money((int) round($row->number('worth'))), [
                'supplier' => $row->text('name'),
                'mass' => Words::ofReader()->text(Mass::ofMilligrams((int) $row->number('short'))),
                'lines' => (int) $row->number('many'),
            ]);
        }

        return $said;
    }

    /** @return list<Sentence> */
    private function thrownAway(): array
    {
        [$mass, $worth] = $this->discarded();

        return $mass->isPositive()
            ? [new Sentence(Matter::ThrownAway, $worth, ['mass' => Words::ofReader()->text($mass)])]
            : [];
    }

    private function left(): Builder
    {
        [$from, $until] = $this->moments();

        return KeptLeaving::rows()
            ->join('kept_lots', 'kept_lots.id', 'kept_leavings.lot_id')
            ->where('left_at', '>=', $from)
            ->where('left_at', '<', $until)
            ->selectRaw('dish_id, how, sum(kept_leavings.count) as many');
    }

    /** @return array{string, string} as they are kept */
    private function moments(): array
    {
        $ends = $this->settings->time->dayEnds;
        [$from, $until] = $this->week->days();

        return [
            Moment::written(Moment::at($from)->setTime($ends, 0)),
            Moment::written(Moment::at($until)->modify('+1 day')->setTime($ends, 0)),
        ];
    }
}
