<?php

declare(strict_types=1);

namespace Database\Seed\Demo;

use App\BreakDown\Bench;
use App\BreakDown\Bones\BoneChecks;
use App\BreakDown\Bones\StoreBoneCheck;
use App\BreakDown\Method\ChooseMethod;
use App\Contract\Fields;
use App\Fish\Fish;
use App\Fish\MoveOn;
use App\Fish\Piece;
use App\Fish\RecordReading;
use App\Fish\Stage;
use App\Fish\VoidReading;
use App\Kitchen\Format\Words;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use App\Portion\CutPlan\Cut;
use App\Portion\CutPlan\FilletPlan;
use App\Portion\CutPlan\FilletPlanView;
use App\Portion\CutPlan\LayFillet;
use App\Portion\CutPlan\Laying;
use App\Portion\CutPlan\TakeCut;
use App\Portion\Dish\ChooseDish;
use App\Portion\Dish\Dish;
use App\Portion\PortionBench;
use App\Route\Sort\SendToBin;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Sectum\Fish\Part;
use Sectum\Measure\UnitSystem;
use Sectum\Portion\FilletShape;
use Sectum\Portion\Station;

/** The demo's fish on the board: broken down, portioned, routed and costed, through the actions the page uses. */
final class Board
{
    private const HALF_TRAY = Market::TARES['half tray'];

    private const METHODS = ['round' => 'round-two', 'flat' => 'flat-whole-width', 'tail' => 'tail-loins'];

    /** @var list<Person> */
    public array $crew = [];

    public Noise $noise;

    public function __construct(
        private readonly RecordReading $take,
        private readonly VoidReading $takeBack,
        private readonly MoveOn $moveOn,
        private readonly ChooseDish $chooseDish,
        private readonly ChooseMethod $chooseMethod,
        private readonly StoreBoneCheck $boneCheck,
        private readonly LayFillet $lay,
        private readonly TakeCut $takeCut,
        private readonly SendToBin $send,
    ) {
    }

    /**
     * @param  bool  $quick  three weights only
     * @param  bool  $mistaken  weighed once with the half tray, and taken back
     */
    public function breakDown(Fish $fish, bool $quick = false, bool $mistaken = false): void
    {
        if (! $quick) {
            ($this->chooseMethod)(
                $fish->id,
                new Fields([
                    'method' => self::METHODS[$fish->species->form->value],
                    'choices' => [],
                    'version' => self::version($fish),
                ]),
                $this->crew[1],
            );
        }
        $grams = $fish->mass()->grams();
        $left = $grams * (1 - $this->noise->about(0.5, 0.15) / 100);
        $masses = $quick ? $this->threeWeights($fish, $grams, $left) : $this->everyPart($fish, $grams, $left);
        foreach ($masses as $part => $mass) {
            if ($mistaken && $part === 'frame') {
                $reading = $this->weigh($fish, $part, $mass + self::HALF_TRAY);
                ($this->takeBack)($fish->id, $reading, 'weighed with the half tray', $this->crew[1]);
            }
            $this->weigh($fish, $part, $mass);
        }
        $this->bone($fish);
        ($this->moveOn)(
            $fish->id,
            Stage::BreakDown,
            self::version($fish),
            $this->crew[1],
            fn (Fish $f) => ($f->broken_down = true),
        );
    }

    /** Every side gone over twice. */
    private function bone(Fish $fish): void
    {
        foreach (BoneChecks::view(Fish::onTheBench($fish->id)) as $side) {
            $found = max(0, (int) round($this->noise->about((float) $side['expected'], 0.6 * $side['expected_sd'])));
            ($this->boneCheck)(
                $fish->id,
                (string) Str::ulid(),
                new Fields(['piece' => $side['piece'], 'found' => $found, 'second_pass' => true]),
                $this->crew[1],
            );
        }
    }

    /** Left on the board half way, with the half tray still under the frame. */
    public function leaveHalfCut(Fish $fish): void
    {
        $grams = $fish->mass()->grams();
        ($this->chooseMethod)(
            $fish->id,
            new Fields([
                'method' => self::METHODS[$fish->species->form->value],
                'choices' => [],
                'version' => self::version($fish),
            ]),
            $this->crew[1],
        );
        $masses = array_intersect_key(
            $this->everyPart($fish, $grams, 0.995 * $grams),
            array_flip(['head', 'collar', 'side-a', 'side-b', 'frame', 'fins']),
        );
        $others = array_sum(array_map(Noise::steps(...), array_diff_key($masses, ['frame' => 0])));
        $masses['frame'] = $grams * 0.995 - $others + self::HALF_TRAY;
        foreach ($masses as $part => $mass) {
            $this->weigh($fish, $part, $mass);
        }
    }

    /** @param  int|null  $stopAfter  portions after which somebody was called away */
    public function portion(Fish $fish, ?int $stopAfter = null): void
    {
        $dish = Dish::query()
            ->where('name', Market::FISH[$fish->species->name][4])
            ->firstOrFail();
        ($this->chooseDish)($fish, $dish->id, self::version($fish));
        foreach (
            Fish::onTheBench($fish->id)->pieces->filter(fn ($piece): bool => $piece->part->isFillet()) as $fillet
        ) {
            $left = ($fillet->reading()?->mass_mg ?? 0) / 1000;
            $end = $this->noise->about(0.03, 0.01) * $left;
            $this->weigh($fish, 'ends', $end, $fillet->id);
            $left -= $end;
            $target = $dish->target_mg / 1000;
            $most = $stopAfter ?? 40;
            while ($left > $target * 1.06 && $most-- > 0) {
                $piece = min($left, $this->noise->about($target + 3, 5));
                $this->weigh($fish, 'portion', $piece, $fillet->id);
                $left -= $piece;
            }
            if ($stopAfter !== null) {
                return;
            }
            if ($left > 15) {
                $this->weigh($fish, 'tail-end', $left * 0.995, $fillet->id);
            }
        }
        ($this->moveOn)($fish->id, Stage::Portion, self::version($fish), $this->crew[2]);
    }

    /**
     * The sides planned, cut at their marks and weighed, as the house does lately.
     *
     * @param  int|null  $stopAfter  pieces of the first side after which somebody was called away
     */
    public function cutByMarks(Fish $fish, ?int $stopAfter = null): void
    {
        $cutter = $this->crew[1 + ($fish->number % 2)];
        $dishes = Dish::servedOf($fish->species_id)->get()->filter(fn (Dish $dish): bool => $dish->slant_deg === 90);
        foreach (
            array_filter(
                Fish::onTheBench($fish->id)->pieces->all(),
                fn (Piece $piece): bool => $piece->part->isFillet() && LayFillet::isOne($fish, $piece),
            ) as $fillet
        ) {
            ($this->lay)(
                $fish->id,
                $fillet->id,
                new Fields([
                    'kinds' => array_map(
                        fn (string $id): array => ['dish' => $id, 'max' => null],
                        $dishes->modelKeys(),
                    ),
                ]),
                $cutter,
            );
            $grams = ($fillet->reading()->mass_mg ?? 0) / 1000;
            $true = $this->trueShape($fish);
            for ($cut = 0; $cut < 40 && $cut !== $stopAfter; $cut++) {
                $onBoard = Fish::onTheBench($fish->id);
                $plan = FilletPlan::of(
                    $onBoard,
                    $onBoard->pieces->firstOrFail('id', $fillet->id),
                    Laying::of($onBoard, $fillet),
                    $cutter,
                );
                $next = FilletPlanView::next($plan, $plan->ahead(), $this->words());
                $to = $next['to_cm'];
                if (! is_float($to)) {
                    break;
                }
                $from = $plan->cuts === [] ? 0.0 : $plan->knifeCm;
                $hand = $this->noise->about(0, 0.06);
                $mass =
                    $grams *
                    ($true->massUpTo(($to + $hand) / $plan->laying->lengthCm) -
                        $true->massUpTo($from / $plan->laying->lengthCm));
                $this->reading(
                    [
                        'part' => $next['part'],
                        'from' => $fillet->id,
                        'dish' => $next['part'] === 'portion' ? $next['dish'] : null,
                        'to_cm' => $to,
                    ],
                    $mass,
                    fn (string $reading, Fields $fields) => ($this->takeCut)($fish->id, $reading, $fields, $cutter),
                );
            }
            if ($stopAfter !== null) {
                return;
            }
            $onBoard = Fish::onTheBench($fish->id);
            $left = Cut::left($onBoard, $onBoard->pieces->firstOrFail('id', $fillet->id))->grams();
            if ($left > 15) {
                $this->weigh($fish, 'tail-end', $left * 0.995, $fillet->id);
            }
        }
        ($this->moveOn)($fish->id, Stage::Portion, self::version($fish), $this->crew[2]);
    }

    /** How this kind of fish really runs, beside the starting shape. */
    private function trueShape(Fish $fish): FilletShape
    {
        $stations = FilletShape::named('long-side')->stations();
        $lean = $this->noise->about(Market::BY_MARKS[$fish->species->name] ?? 0.0, 0.02);

        return FilletShape::of(
            array_map(
                fn (Station $station, int $j): float => $station->massPerLength *
                    (1 + $lean * (1 - (2 * $j) / (count($stations) - 1))),
                $stations,
                array_keys($stations),
            ),
            array_map(fn (Station $station): float => $station->thickness, $stations),
        );
    }

    private function words(): Words
    {
        return new Words(UnitSystem::Metric, Settings::load()->scaleStep);
    }

    public function route(Fish $fish): void
    {
        $this->send->accept($fish->id, self::version($fish), $this->crew[1]);
    }

    public function cost(Fish $fish): void
    {
        Fish::query()
            ->whereKey($fish->id)
            ->update([
                'labour_minutes' => (string) $this->noise->between(9, 24),
                'delivery_minor' => $this->noise->between(8, 20) * 10,
            ]);
        ($this->moveOn)($fish->id, Stage::Cost, self::version($fish), $this->crew[0]);
    }

    /** @return array<string, float> */
    private function everyPart(Fish $fish, float $grams, float $left): array
    {
        $shares = $fish->species->expected($fish->state);
        $masses = [];
        foreach ($fish->species->form->parts() as $part) {
            $share = $shares[$part->value] ?? null;
            if ($share !== null && ! $part->comesOffAFillet()) {
                $masses[$part->value] = ($grams * $this->noise->about($share->meanPct, 0.5 * $share->sdPct)) / 100;
            }
        }
        $scale = $left / (array_sum($masses) * 1.02);
        $masses = $this->byHandAndBoat($fish, array_map(fn (float $mass): float => $mass * $scale, $masses));

        return [...$masses, 'fins' => $left - array_sum(array_diff_key($masses, ['fins' => 0]))];
    }

    /**
     * One hand leaves more on the frame than the other, and some boats gut closer: what the log has to find.
     *
     * @param  array<string, float>  $masses  by part
     * @return array<string, float>
     */
    private function byHandAndBoat(Fish $fish, array $masses): array
    {
        $points = $fish->number % 2 === 0 ? -Market::LEFT_BY_SECOND : 0.0;
        if ($fish->supplier_name === (Market::ELSEWHERE[$fish->species->name][0] ?? null)) {
            $points += Market::BETTER_ELSEWHERE;
        }
        $sides = array_filter(
            $masses,
            fn (string $part): bool => Part::from($part)->isFillet(),
            ARRAY_FILTER_USE_KEY,
        );
        $flesh = array_sum($sides);
        if (! isset($masses['frame']) || $flesh <= 0) {
            return $masses;
        }
        $moved = ($points / 100) * $fish->mass()->grams();
        foreach ($sides as $part => $mass) {
            $masses[$part] = $mass * (1 + $moved / $flesh);
        }
        $masses['frame'] -= $moved;

        return $masses;
    }

    /** @return array<string, float> */
    private function threeWeights(Fish $fish, float $grams, float $left): array
    {
        $fillets = array_sum(
            array_filter(
                $this->everyPart($fish, $grams, $left),
                fn (string $part): bool => Part::from($part)->isFillet(),
                ARRAY_FILTER_USE_KEY,
            ),
        );

        return ['fillets' => $fillets, 'trim' => 0.04 * $grams, 'bones' => $left - $fillets - 0.04 * $grams];
    }

    private function weigh(Fish $fish, string $part, float $grams, ?string $from = null): string
    {
        return $this->reading(
            ['part' => $part, 'from' => $from],
            $grams,
            fn (string $reading, Fields $fields) => ($this->take)(
                $fish->id,
                $reading,
                $fields,
                $this->crew[1 + ($fish->number % 2)],
                fn (Fish $onBench): array => [...Bench::among($onBench), ...PortionBench::PARTS],
            ),
        );
    }

    /**
     * Off the demo's pan, a little later than the one before.
     *
     * @param  array<string, mixed>  $what
     * @param  callable(string, Fields): void  $take
     */
    private function reading(array $what, float $grams, callable $take): string
    {
        Carbon::setTestNow(Carbon::now()->addSeconds($this->noise->between(20, 90)));
        $reading = (string) Str::ulid();
        $mass = Noise::steps($grams);
        if ($mass > 0) {
            $take(
                $reading,
                new Fields([
                    ...$what,
                    'weight' => [
                        'pan' => [
                            'mass_mg' => $mass * 1000,
                            'tare_mg' => 0,
                            'resolution_mg' => 5000,
                            'steady' => true,
                        ],
                    ],
                ]),
            );
        }

        return $reading;
    }

    private static function version(Fish $fish): int
    {
        return Fish::query()->whereKey($fish->id)->valueOrFail('version');
    }
}
