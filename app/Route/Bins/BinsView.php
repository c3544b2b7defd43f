<?php

declare(strict_types=1);

namespace App\Route\Bins;

use App\Catalogue\HouseBin;
use App\Kitchen\Format\Words;
use App\Kitchen\Moment;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use App\Route\Batches\FoodBatch;
use App\Route\Recipes\Recipe;
use DateTimeImmutable;
use Psr\Clock\ClockInterface;
use Sectum\Fish\Bin;
use Sectum\Measure\Mass;
use Sectum\Measure\Money;
use Sectum\Message;
use Sectum\Route\Batches\EnoughSoon;
use Sectum\Route\Bins\Deposit;
use Sectum\Route\Bins\EndsSoon;
use Sectum\Route\Bins\Keeping;
use Sectum\Route\Bins\Leaving;

/** What lies in the bins: how much, since when, until when, and what to do about it this morning. */
final readonly class BinsView
{
    /** Days over which the flow into a bin is looked at. */
    private const FLOW = 14;

    private const SHOWN = 30;

    /** Tubs whose leavings are looked through for them. */
    private const LATELY = 400;

    public function __construct(private ClockInterface $clock)
    {
    }

    /** @return Answer */
    public function all(Person $person): array
    {
        $settings = Settings::load();
        $words = new Words($person->units, $settings->scaleStep);
        $bins = Bins::now();
        $shown = [];
        foreach (HouseBin::byName() as $house) {
            if ($house->bin !== Bin::Discard) {
                $shown[] = $this->bin($house, $bins, $words, $settings, $person);
            }
        }

        return ['bins' => $shown, 'morning' => $this->morning($bins, $words), 'ended' => $this->made()];
    }

    /** @return Answer */
    public function one(Bin $bin, Person $person): array
    {
        $settings = Settings::load();
        $words = new Words($person->units, $settings->scaleStep);
        $bins = Bins::now($bin);
        $house = HouseBin::of($bin);
        $order = array_map(fn (Deposit $one): string => $one->id, $bins->ledger->oldestFirst($bin));

        return [
            ...$this->bin($house, $bins, $words, $settings, $person),
            'ends_today' => $words->mass(
                Deposit::together(
                    array_filter(
                        $bins->ledger->oldestFirst($bin, Keeping::Cold),
                        fn (Deposit $one): bool => $one->daysLeft($this->today()) === 1,
                    ),
                ),
            ),
            'past_tubs' => count(
                array_filter(
                    $bins->ledger->oldestFirst($bin),
                    fn (Deposit $one): bool => $one->isPast($this->today()),
                ),
            ),
            'may_freeze' => $house->days()->frozen > 0,
            'deposits' => array_map(
                fn (string $id): array => $this->deposit($bins->deposits->firstOrFail('id', $id), $words),
                $order,
            ),
            'ledger' => $this->ledger($bin, $words),
            'recipes' => array_values(
                array_map(
                    fn (Recipe $recipe): array => ['recipe' => $recipe->id, 'name' => $recipe->name],
                    Recipe::query()
                        ->whereNull('retired_at')
                        ->where('bin', $bin->value)
                        ->orderBy('name')
                        ->get()
                        ->all(),
                ),
            ),
        ];
    }

    /** @return Answer */
    private function bin(HouseBin $house, Bins $bins, Words $words, Settings $settings, Person $person): array
    {
        $bin = $house->bin;
        $there = $bins->ledger->in($bin);
        $today = $this->today();
        $order = $bins->ledger->oldestFirst($bin);
        $good = $bins->ledger->eatable($bin, $today);
        $worth = Money::sum(array_map(fn (Deposit $one): Money => $one->leftWorth(), $order), $settings->currency);
        $eatable = Deposit::together($good);

        return [
            'bin' => $bin->value,
            'name' => $bin->spoken(),
            'family' => $bin->family()->value,
            'mass' => $words->mass($there),
            'cold' => $words->mass($bins->ledger->in($bin, Keeping::Cold)),
            'frozen' => $words->mass($bins->ledger->in($bin, Keeping::Frozen)),
            'past' => $words->mass($there->minus($eatable)),
            'room' => $house->room_mg === null ? null : $words->mass(Mass::ofMilligrams($house->room_mg)),
            'ends' => $good === [] ? null : self::day($good[0]->until, $today),
            'worth' => $person->seesPrices() && $there->isPositive()
                    ? $worth->print()
                    : null,
            'tubs' => array_map(
                fn (Deposit $one): array => [
                    'id' => $one->id,
                    'mg' => $one->left->milligrams,
                    'days' => $one->daysLeft($today),
                    'frozen' => $one->keeping === Keeping::Frozen,
                ],
                $order,
            ),
            'enough' => $house->enough() === null
                    ? null
                    : $this->enough(
                        $house,
                        $eatable,
                        $good === [] ? null : $good[0]->daysLeft($today),
                        $today,
                        $words,
                    ),
            'marks' => $house->enough() === null ? null : $words->mass($house->enough()),
        ];
    }

    private function enough(
        HouseBin $house,
        Mass $eatable,
        ?int $daysLeft,
        DateTimeImmutable $today,
        Words $words,
    ): string {
        $came = BinDeposit::rows()
            ->where('bin', $house->bin->value)
            ->whereNull('from_id')
            ->where('put_at', '>=', Moment::written($today->modify('-'.self::FLOW.' days')))
            ->sum('mass_mg');

        return $words->say(
            EnoughSoon::of(
                $eatable,
                $house->enough() ?? Mass::zero(),
                Mass::ofMilligrams(is_numeric($came) ? (int) $came : 0),
                self::FLOW,
                $daysLeft,
            )->said,
        );
    }

    /**
     * What ends today or has ended, the worst first.
     *
     * @return list<Answer>
     */
    private function morning(Bins $bins, Words $words): array
    {
        $today = $this->today();
        $lines = [];
        foreach (HouseBin::byName() as $house) {
            $order = $bins->ledger->oldestFirst($house->bin);
            $good = Deposit::together($bins->ledger->eatable($house->bin, $today));
            foreach ([true, false] as $past) {
                $some = array_values(
                    array_filter(
                        $order,
                        fn (Deposit $one): bool => $past ? $one->isPast($today) : $one->daysLeft($today) === 1,
                    ),
                );
                if ($some !== []) {
                    $lines[] = [
                        'bin' => $house->bin->value,
                        'name' => $house->bin->spoken(),
                        'family' => $house->bin->family()->value,
                        'past' => $past,
                        'mass' => $words->mass(Deposit::together($some)),
                        'tubs' => count($some),
                        'advice' => $words->say(
                            new Message(
                                EndsSoon::advice(
                                    $house->bin,
                                    $some[0]->keeping,
                                    $house->days(),
                                    $some[0]->daysLeft($today),
                                    $good,
                                    $house->enough(),
                                ),
                            ),
                        ),
                    ];
                }
            }
        }
        usort(
            $lines,
            fn (array $a, array $b): int => [$b['past'], $b['mass']['mg']] <=> [$a['past'], $a['mass']['mg']],
        );

        return $lines;
    }

    /**
     * Batches that end today or have ended.
     *
     * @return list<Answer>
     */
    private function made(): array
    {
        $today = $this->today()->format('Y-m-d');

        return array_values(
            array_map(
                fn (FoodBatch $one): array => [
                    'batch' => $one->id,
                    'number' => $one->number,
                    'name' => $one->asMade()->name,
                    'past' => $one->use_by < $today,
                    'advice' => $one->use_by < $today ? 'Past its date.' : 'Use it today.',
                ],
                FoodBatch::query()
                    ->whereNull('gone')
                    ->where('use_by', '<=', $today)
                    ->orderBy('number')
                    ->limit(self::SHOWN)
                    ->get()
                    ->all(),
            ),
        );
    }

    /** @return Answer */
    private function deposit(BinDeposit $one, Words $words): array
    {
        $deposit = $one->deposit();
        $today = $this->today();

        return [
            'id' => $one->id,
            'what' => $one->piece->name,
            'fish' => $one->species->name,
            'number' => $one->fish->number,
            'fish_id' => $one->fish_id,
            'lot' => $one->lot,
            'left' => $words->mass($deposit->left),
            'in' => $words->text($deposit->in),
            'keeping' => $one->keeping->value,
            'until' => self::day($deposit->until, $today),
            'days' => $deposit->daysLeft($today),
            'past' => $deposit->isPast($today),
            'why_then' => $one->why_then,
            'by' => $one->person->name,
            'since' => $deposit->since->format('D j M, H:i'),
        ];
    }

    /**
     * In and out, the last first.
     *
     * @return list<Answer>
     */
    private function ledger(Bin $bin, Words $words): array
    {
        $lines = [];
        foreach (
            BinDeposit::query()
                ->with(['piece', 'species', 'person'])
                ->where('bin', $bin->value)
                ->orderByDesc('put_at')
                ->limit(self::SHOWN)
                ->get() as $in
        ) {
            $lines[] = [
                'at' => $in->put_at,
                'sign' => 'in',
                'what' => "{$in->piece->name}, {$in->species->name}".
                    ($in->from_id === null ? '' : ', into the freezer'),
                'mass' => $words->text(Mass::ofMilligrams($in->mass_mg)),
                'by' => $in->person->name,
            ];
        }
        foreach (
            BinWithdrawal::query()
                ->with(['deposit', 'person'])
                // Of what came in lately: nothing lies in a bin for longer than it took to fill it so often.
                ->whereIn('deposit_id', BinDeposit::query()
                    ->select('id')
                    ->where('bin', $bin->value)
                    ->orderByDesc('put_at')
                    ->limit(self::LATELY))
                ->orderByDesc('taken_at')
                ->limit(self::SHOWN)
                ->get() as $out
        ) {
            $lines[] = [
                'at' => $out->taken_at,
                'sign' => 'out',
                'what' => match ($out->how) {
                    Leaving::Meal => $out->reason === '' ? 'Staff meal' : "Meal: {$out->reason}",
                    Leaving::Discard => "Thrown away: {$out->reason}",
                    Leaving::Correction => "Put right: {$out->reason}",
                    Leaving::Batch, Leaving::Moved => $out->reason,
                },
                'mass' => '−'.$words->text($out->mass()),
                'by' => $out->person->name,
            ];
        }
        usort($lines, fn (array $a, array $b): int => $b['at'] <=> $a['at']);

        return array_map(
            fn (array $line): array => [...$line, 'at' => Moment::at($line['at'])->format('j M, H:i')],
            array_slice($lines, 0, self::SHOWN),
        );
    }

    /** "today", "tomorrow", "Sat 28 Nov" */
    public static function day(DateTimeImmutable $day, DateTimeImmutable $today): string
    {
        return match ((int) $today->setTime(0, 0)->diff($day->setTime(0, 0))->format('%r%a')) {
            0 => 'today',
            1 => 'tomorrow',
            -1 => 'yesterday',
            default => $day->format('D j M'),
        };
    }

    private function today(): DateTimeImmutable
    {
        return Moment::day($this->clock->now());
    }
}
