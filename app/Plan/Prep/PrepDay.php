<?php

declare(strict_types=1);

namespace App\Plan\Prep;

use App\Catalogue\HouseBin;
use App\Catalogue\UsualBins;
use App\Kitchen\Database\WorkedOut;
use App\Kitchen\Moment;
use App\Kitchen\Settings;
use App\Portion\Tonight\Tonight;
use App\Route\Bins\Bins;
use App\Route\Recipes\Recipe;
use DateTimeImmutable;
use Sectum\Fish\Bin;
use Sectum\Fish\Part;
use Sectum\Plan\Prep\Cutter;
use Sectum\Plan\Work\Cure;
use Sectum\Plan\Work\Cures;
use Sectum\Plan\Work\CuttingPace;
use Sectum\Plan\Work\Pin;
use Sectum\Plan\Work\PrepPlan;
use Sectum\Plan\Work\StockOn;
use Sectum\Plan\Work\Workload;
use Sectum\Route\Bins\Keeping;

/** The work of a day, the hands for it, and what is made of both. From what is left now: what is done is no work. */
final readonly class PrepDay
{
    /**
     * @param  list<Cutter>  $hands  those still there
     * @param  array<string, LotHere>  $lots  by lot
     * @param  array<string, ServedDish>  $dishes  by dish at a service
     * @param  list<PrepPin>  $pins
     * @param  array<string, string>  $thaws  what thaws, by task
     */
    private function __construct(
        public string $day,
        public ?float $now,
        public Workload $work,
        public array $hands,
        public ShiftsOfDay $shifts,
        public CuttingPace $pace,
        public array $lots,
        public array $dishes,
        public array $pins,
        public array $thaws,
        private float $cleanDown,
    ) {
    }

    public static function of(string $day, DateTimeImmutable $now, Tonight $tonight): self
    {
        $settings = Settings::load();
        $today = Moment::date($now);
        $dishes = DishesOfDay::of($day, $now, $tonight);
        $species = [];
        foreach ($dishes as $one) {
            $species[$one->dish->species_id ?? ''] = true;
        }
        $lots = LotsOfDay::of($day, $today, array_keys($species));
        $minute = $day === $today
            ? max(0.0, floor(($now->getTimestamp() - Moment::at($day)->getTimestamp()) / 60))
            : null;
        $shifts = ShiftsOfDay::of($day);
        $pace = HousePace::learned();

        $work = Workload::of(
            array_map(fn (LotHere $one) => $one->cut, $lots),
            array_map(fn (ServedDish $one) => $one->serve, $dishes),
            $settings->prep->minutes,
        );
        $stock = self::stock($settings);
        $thaws = ThawsOfDay::of($day);

        return new self(
            $day,
            $minute,
            ($stock === null ? $work : $work->withStock($stock, self::bones($lots)))->with($thaws->jobs),
            self::hands($shifts, $pace, $minute),
            $shifts,
            $pace,
            array_column(array_map(fn (LotHere $one): array => [$one->cut->lot, $one], $lots), 1, 0),
            array_column(array_map(fn (ServedDish $one): array => [$one->serve->id, $one], $dishes), 1, 0),
            array_values(PrepPin::query()->where('day', $day)->orderBy('task')->get()->all()),
            $thaws->names,
            $settings->prep->cleanDown,
        );
    }

    /** The house's stock, when it makes one in batches: the first recipe for bones. */
    private static function stock(Settings $settings): ?StockOn
    {
        $batch = HouseBin::of(Bin::Stock)->batch_mg;
        $recipe = Recipe::query()->whereNull('retired_at')->where('bin', Bin::Stock->value)->orderBy('id')->first();

        return $batch === null || $recipe === null
            ? null
            : new StockOn(
                Bins::now(Bin::Stock)->ledger->in(Bin::Stock, Keeping::Cold)->grams(),
                $batch / 1000,
                $settings->prep->minutes->makeUp,
                (float) $recipe->minutes,
            );
    }

    /**
     * @param  list<LotHere>  $lots
     * @return array<string, float> grams of bones one fish gives, by lot
     */
    private static function bones(array $lots): array
    {
        $bones = [];
        foreach ($lots as $one) {
            $pct = 0.0;
            $state = $one->fish->state ?? $one->species->usual_state;
            foreach ($one->species->expected($state) as $part => $share) {
                $pct += UsualBins::ofTrim(Part::from($part)) === Bin::Stock ? $share->meanPct : 0.0;
            }
            $bones[$one->cut->lot] = ($one->grams * $pct) / 100;
        }

        return $bones;
    }

    /** @return list<Pin> */
    public function kept(): array
    {
        return array_values(array_map(
            fn (PrepPin $one): Pin => $one->pin(),
            array_filter($this->pins, fn (PrepPin $one): bool => $one->holds()),
        ));
    }

    /**
     * @param  list<Pin>  $pins
     * @return PrepPlan|null null while nobody is there to cut
     */
    public function plan(array $pins, float $effort): ?PrepPlan
    {
        return $this->hands === []
            ? null
            : WorkedOut::of(
                PrepPlan::class,
                [$this->work, $this->hands, $this->cleanDown, $pins, $effort],
                fn (): PrepPlan => PrepPlan::of($this->work, $this->hands, $this->cleanDown, $pins, $effort),
            );
    }

    /** @param  list<Pin>  $pins */
    public function cure(PrepPlan $plan, array $pins): ?Cure
    {
        return $this->hands === [] ? null : Cures::cheapest($plan, $this->hands, $this->cleanDown, $pins);
    }

    /** @return list<Cutter> */
    private static function hands(ShiftsOfDay $shifts, CuttingPace $pace, ?float $now): array
    {
        $hands = [];
        foreach ($shifts->shifts as $one) {
            $from = max((float) $one->from_minute, $now ?? 0.0);
            if (! $one->off && $from < $one->to_minute) {
                $hands[] = new Cutter($one->person_id, $from, $one->to_minute, round($pace->of($one->person_id), 3));
            }
        }

        return $hands;
    }
}
