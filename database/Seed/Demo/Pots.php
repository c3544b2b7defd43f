<?php

declare(strict_types=1);

namespace Database\Seed\Demo;

use App\Contract\Fields;
use App\Kitchen\Person;
use App\Route\Batches\FoodBatch;
use App\Route\Batches\MakeFoodBatch;
use App\Route\Bins\BinDeposit;
use App\Route\Bins\Bins;
use App\Route\Bins\TakeOut;
use App\Route\Recipes\Recipe;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Sectum\Fish\Bin;
use Sectum\Route\Bins\Deposit;

/** The demo's bins: emptied into pots, meals and, too often, the discard, through the actions the page uses. */
final class Pots
{
    /** @var list<Person> */
    public array $crew = [];

    public Noise $noise;

    public function __construct(private readonly MakeFoodBatch $make, private readonly TakeOut $takeOut)
    {
    }

    /**
     * What a kitchen does with a day's trim: stock and soup in the afternoon, cakes, a staff meal; next morning what is
     * past is thrown away.
     *
     * @param  bool  $freeze  the bones go into the freezer instead of the pot
     */
    public function day(bool $freeze = false): void
    {
        $this->at('14:30');
        if ($freeze) {
            foreach ($this->lying(Bin::Stock) as $one) {
                $this->takeOut->freeze($one->id, (string) Str::ulid(), $this->crew[1]);
            }
        } else {
            $this->make('White stock', Bin::Stock, 1800, 3.4);
        }
        $oily = [];
        foreach ($this->lying(Bin::Soup) as $one) {
            $oily[$one->kind] = ($oily[$one->kind] ?? 0) + $one->left->milligrams / 1000;
        }
        foreach ($oily as $kind => $grams) {
            if ($grams > 450) {
                $this->make('Soup of its kind', Bin::Soup, 450, 2.6, $kind);
            }
        }
        $this->at('16:10');
        $this->make('Fish cakes', Bin::Mince, 500, null, share: 0.8);
        $this->make('Tartare', Bin::Tartare, 120, null, share: 0.9);
        $this->make('Crisp skin', Bin::Crisp, 600, null);
        foreach ([Bin::Grill, Bin::Roe] as $bin) {
            foreach ($this->lying($bin) as $one) {
                $this->out($bin, $one, 'meal', 'bar plate');
            }
        }
        $this->at('22:10');
        $this->usedUp(Carbon::now()->format('Y-m-d'));
        $this->at('08:05', days: 2);
        $today = Carbon::now()->toDateTimeImmutable();
        foreach (Bin::cases() as $bin) {
            foreach ($this->lying($bin) as $one) {
                if ($one->isPast($today)) {
                    $this->out($bin, $one, 'discard', 'past its date');
                }
            }
        }
        $this->usedUp('9999-12-31');
    }

    /** What ends by that day is eaten; what ended before, and was forgotten, is thrown away. */
    private function usedUp(string $by): void
    {
        $today = Carbon::now()->format('Y-m-d');
        foreach (FoodBatch::query()->whereNull('gone')->where('use_by', '<=', $by)->get() as $made) {
            $this->make->finish(
                $made->id,
                new Fields([
                    'how' => $made->use_by >= $today ? 'used' : 'discarded',
                    'reason' => 'past its date',
                    'version' => $made->version,
                ]),
                $this->crew[0],
            );
        }
    }

    /** A stock from the freezer, made the afternoon before and cooled in time. */
    public function fromTheFreezer(): void
    {
        $this->make('White stock', Bin::Stock, 1000, 4.0, share: 0.75, keeping: 'frozen');
    }

    private function make(
        string $name,
        Bin $bin,
        float $least,
        ?float $hours,
        ?string $kind = null,
        float $share = 1,
        ?string $keeping = null,
    ): void {
        $today = Carbon::now()->toDateTimeImmutable();
        $grams = 0.0;
        foreach ($this->lying($bin) as $one) {
            $right =
                ($kind === null || $one->kind === $kind) &&
                ($keeping === null || $one->keeping->value === $keeping) &&
                ! $one->isPast($today);
            $grams += $right ? $one->left->milligrams / 1000 : 0;
        }
        $grams = $share < 1 ? Noise::steps($grams * $share) : $grams;
        if ($grams < $least) {
            return;
        }
        $recipe = Recipe::query()->where('name', $name)->firstOrFail();
        $id = (string) Str::ulid();
        $this->make->start(
            $id,
            new Fields([
                'recipe' => $recipe->id,
                'weight' => ['typed' => $grams.' g'],
                'species' => $kind,
                'keeping' => $keeping,
            ]),
            $this->crew[1],
        );
        if ($hours !== null) {
            $begun = Carbon::now();
            $minutes = $recipe->minutes;
            foreach (
                [
                    [$minutes + 4, 81.0],
                    [$minutes + 25, 58.0],
                    [$minutes + 120, 19.5],
                    [$minutes + (int) (60 * ($hours + 1)), 4.2],
                ] as [$after, $celsius]
            ) {
                Carbon::setTestNow($begun->copy()->addMinutes($after));
                $this->make->cool(
                    $id,
                    (string) Str::ulid(),
                    new Fields(['temperature' => ['probe' => (int) round(10 * $this->noise->about($celsius, 0.4))]]),
                    $this->crew[2],
                );
            }
            Carbon::setTestNow($begun->copy()->addMinutes($minutes + 10));
        }
        $made = round(max(0.1, ($this->noise->about($recipe->yield_per_kg, $recipe->yield_sd) * $grams) / 1000), 2);
        $this->make->measure($id, new Fields(['amount' => $made, 'version' => 1]));
    }

    private function out(Bin $bin, Deposit $one, string $how, string $reason): void
    {
        ($this->takeOut)(
            $bin,
            (string) Str::ulid(),
            new Fields([
                'how' => $how,
                'weight' => ['typed' => $one->left->milligrams / 1000 .' g'],
                'deposit' => $one->id,
                'reason' => $reason,
            ]),
            $this->crew[0],
        );
    }

    /** @return list<Deposit> */
    private function lying(Bin $bin): array
    {
        return array_map(
            fn (BinDeposit $one): Deposit => $one->deposit(),
            array_values(Bins::now($bin)->deposits->all()),
        );
    }

    private function at(string $time, int $days = 0): void
    {
        Carbon::setTestNow(Carbon::now()->startOfDay()->addDays($days)->setTimeFromTimeString($time));
    }
}
