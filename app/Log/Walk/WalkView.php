<?php

declare(strict_types=1);

namespace App\Log\Walk;

use App\Contract\Fault;
use App\Fish\Fish;
use App\Fish\Stage;
use App\Kitchen\Database\Row;
use App\Kitchen\Format\Words;
use App\Kitchen\Moment;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use App\Log\Ledger\LoggedFish;
use Sectum\Log\Walk\Walk;
use Sectum\Log\Walk\WalkLine;
use Sectum\Log\Walk\WalkStep;
use Sectum\Measure\Mass;
use Sectum\Measure\Money;
use Sectum\Measure\Percent;
use Sectum\Measure\PricePerKg;

/** From kilos bought to kilos on plates, over a period; and of one step, the kinds and the fish it is the sum of. */
final readonly class WalkView
{
    private function __construct(
        private WalkOf $of,
        private Words $words,
        private bool $priced,
        private ?PricePerKg $edible,
    ) {
    }

    /** @return Answer */
    public static function of(Period $period, Person $person): array
    {
        $of = WalkOf::of($period);
        $view = new self($of, self::words($person), $person->seesPrices(), $of->edible());

        return [
            'from' => $period->days()[0],
            'until' => $period->days()[1],
            'period' => $period->said(),
            'fish' => self::count($of),
            'bought' => $view->words->mass($of->walk->bought),
            'paid' => $view->money($of->walk->paid),
            'steps' => array_map($view->line(...), $of->walk->lines),
            'uncut' => self::uncut($period, $view->words),
            'suspect' => count(array_filter($of->rows, fn (Row $row): bool => $row->text('suspect') !== '')),
        ];
    }

    /** @return Answer a step by kind, or by the fish of a kind */
    public static function step(Period $period, Person $person, string $code, ?string $species): array
    {
        $step = WalkStep::tryFrom($code) ?? throw Fault::notThere('There is no such step.');
        $of = WalkOf::of($period, $species);
        $view = new self($of, self::words($person), $person->seesPrices(), $of->edible());
        $line = $of->walk->at($step);

        return [
            'from' => $period->days()[0],
            'until' => $period->days()[1],
            'period' => $period->said(),
            'step' => $step->value,
            'species' => $species,
            'name' => $species === null ? null : ([...array_values($of->rows)][0] ?? null)?->text('name'),
            'bought' => $view->words->mass($of->walk->bought),
            'mass' => $view->words->mass($line->mass ?? Mass::zero()),
            'paid' => $line === null ? null : $view->money($line->paid),
            'best' => $line?->best === null ? null : $view->words->mass($line->best),
            'kinds' => $species === null ? $view->kinds($step) : [],
            'fish' => $species === null ? [] : $view->fish($step),
        ];
    }

    /** @return Answer */
    private function line(WalkLine $line): array
    {
        $saved = $line->saved();

        return [
            'step' => $line->step->value,
            'mass' => $this->words->mass($line->mass),
            'share' => $this->of->walk->bought->isPositive()
                ? Percent::share($line->mass, $this->of->walk->bought)?->print()
                : null,
            'paid' => $this->money($line->paid),
            'best' => $line->best === null ? null : $this->words->mass($line->best),
            'saved' => $saved->isPositive() ? $this->words->mass($saved) : null,
            'worth' => $saved->isPositive() && $this->edible !== null && $this->priced
                ? $this->edible->times($saved)->print()
                : null,
        ];
    }

    /** @return list<Answer> */
    private function kinds(WalkStep $step): array
    {
        $kinds = [];
        foreach ($this->of->fish as $id => $one) {
            $kinds[$this->of->rows[$id]->text('species_id')][$id] = $one;
        }
        $list = [];
        foreach ($kinds as $species => $fish) {
            $walk = Walk::of(array_values($fish), $this->of->best, Settings::load()->currency);
            $line = $walk->at($step);
            if ($line !== null) {
                $list[] = [
                    'species' => $species,
                    'name' => $this->of->rows[array_key_first($fish)]->text('name'),
                    'fish' => count($fish),
                    'bought' => $this->words->mass($walk->bought),
                    'mass' => $this->words->mass($line->mass),
                    'share' => Percent::share($line->mass, $walk->bought)?->print(),
                    'paid' => $this->money($line->paid),
                    'best' => $line->best === null ? null : $this->words->mass($line->best),
                ];
            }
        }
        usort($list, fn (array $a, array $b): int => $b['mass']['mg'] <=> $a['mass']['mg']);

        return $list;
    }

    /** @return list<Answer> the fish of a kind, those in which most went first */
    private function fish(WalkStep $step): array
    {
        $list = [];
        foreach ($this->of->fish as $id => $one) {
            $row = $this->of->rows[$id];
            $list[] = [
                'fish' => $id,
                'number' => (int) $row->number('number'),
                'name' => $row->text('name'),
                'cut_on' => Moment::at($row->text('cut_on'))->format('D j M'),
                'whole' => $this->words->mass($one->walk->whole),
                'mass' => $this->words->mass($one->walk->at($step)),
                'share' => Percent::share($one->walk->at($step), $one->walk->whole)?->print(),
                'paid' => $this->money($one->paidBySteps()[$step->value]),
                'suspect' => $row->text('suspect') !== '',
            ];
        }
        usort(
            $list,
            fn (array $a, array $b): int => [$b['mass']['mg'], $a['number']] <=> [$a['mass']['mg'], $b['number']],
        );

        return $list;
    }

    private function money(Money $money): ?string
    {
        return $this->priced ? $money->print() : null;
    }

    private static function words(Person $person): Words
    {
        return new Words($person->units, Settings::load()->scaleStep);
    }

    private static function count(WalkOf $of): int
    {
        return array_sum(array_map(fn (Row $row): int => (int) $row->number('count'), $of->rows));
    }

    /** @return array{fish: int, mass: array{mg: int, text: string}} received in the period and still whole */
    private static function uncut(Period $period, Words $words): array
    {
        $rows = Row::all(
            LoggedFish::rows()
                ->where('step', '')
                ->whereIn('fish_id', Fish::rows()->select('id')->whereIn('stage', [
                    Stage::Receive->value,
                    Stage::BreakDown->value,
                ]))
                ->whereBetween('received_on', $period->days())
                ->get(['whole_mg', 'count']),
        );
        $mass = Mass::sum(
            array_map(fn (Row $row): Mass => Mass::ofMilligrams((int) $row->number('whole_mg')), $rows),
        );
        $fish = array_sum(array_map(fn (Row $row): int => (int) $row->number('count'), $rows));

        return ['fish' => $fish, 'mass' => $words->mass($mass)];
    }
}
