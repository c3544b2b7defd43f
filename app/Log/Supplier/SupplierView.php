<?php

declare(strict_types=1);

namespace App\Log\Supplier;

use App\Contract\Fault;
use App\Fish\Supplier;
use App\Kitchen\Database\Row;
use App\Kitchen\Format\Rate;
use App\Kitchen\Format\Words;
use App\Kitchen\Moment;
use App\Kitchen\Settings;
use App\Log\Ledger\LoggedFish;
use App\Log\Ledger\Stroke;
use Sectum\Log\Supplier\WinningPrice;
use Sectum\Measure\Mass;
use Sectum\Measure\Percent;

/** Suppliers side by side over a year, and one beside each of the others. */
final readonly class SupplierView
{
    private const DAYS = 365;

    private Words $words;

    public function __construct(private Settings $settings)
    {
        $this->words = Words::ofReader();
    }

    public static function since(): string
    {
        return Moment::day(now())->modify('-'.self::DAYS.' days')->format('Y-m-d');
    }

    /** @return Answer */
    public function all(): array
    {
        $figures = SupplierFigures::since(self::since());
        $costs = TrueCosts::since(self::since());
        $names = self::names();
        $list = [];
        foreach (array_keys($figures->bought) as $id) {
            $list[] = SupplierYear::of($id, $names[$id] ?? '', $figures, $costs, $this->settings);
        }
        $list = array_filter($list, fn (?SupplierYear $one): bool => $one !== null);
        usort($list, fn (SupplierYear $a, SupplierYear $b): int => [$a->cost->mean ?? INF, $a->name] <=> [
            $b->cost->mean ?? INF,
            $b->name,
        ]);

        return [
            'since' => self::sinceSaid(),
            'suppliers' => array_map(fn (SupplierYear $one): array => $one->shown(), $list),
        ];
    }

    public static function sinceSaid(): string
    {
        return Moment::at(self::since())->format('j M Y');
    }

    public function year(string $id): SupplierYear
    {
        return $this->yearOf($id, self::names(), TrueCosts::since(self::since()));
    }

    /** @param  array<string, string>  $names */
    private function yearOf(string $id, array $names, TrueCosts $costs): SupplierYear
    {
        return SupplierYear::of(
            $id,
            $names[$id] ?? '',
            SupplierFigures::since(self::since()),
            $costs,
            $this->settings,
        ) ?? throw Fault::notThere('Nothing came from this supplier in a year.');
    }

    /** @return Answer one supplier, beside each other one who brings the same kinds of fish */
    public function of(string $id): array
    {
        $costs = TrueCosts::since(self::since());
        $names = self::names();
        $one = $this->yearOf($id, $names, $costs);
        $rows = $this->rowsOf($id);
        $beside = [];
        foreach (array_keys($costs->linked) as $other) {
            $of = $other === $id ? null : $costs->between($id, $other);
            if ($of !== null) {
                $beside[] = [
                    'supplier' => $other,
                    'name' => $names[$other] ?? '',
                    ...Stroke::of($of),
                    'better' => round($of->below(0.0), 3),
                    'wins_at' => $of->mean > 0 ? $this->winsAt($rows, $other, $of->mean) : [],
                ];
            }
        }

        return [
            'since' => self::sinceSaid(),
            'one' => $one->shown(),
            'beside' => $beside,
            'kinds' => array_map(
                fn (array $kind): array => [
                    ...$kind,
                    'asks' => $kind['asks']->shown(),
                    'edible' => $kind['edible']?->shown(),
                ],
                $this->kinds($id),
            ),
        ];
    }

    /**
     * By kind both bring: what this one has to ask so that his edible kilo costs no more.
     *
     * @param  list<array{kind: string, name: string, row: Row}>  $rows  of this one
     * @return list<Answer>
     */
    private function winsAt(array $rows, string $other, float $pct): array
    {
        $theirs = array_column($this->rowsOf($other), null, 'kind');
        $list = [];
        foreach ($rows as $kind) {
            [$row, $edible] = [$kind['row'], Mass::ofMilligrams((int) $kind['row']->number('edible'))];
            if (! isset($theirs[$kind['kind']]) || ! $edible->isPositive()) {
                continue;
            }
            $cost = $this->settings->money((int) $row->number('cost'));
            $paid = $this->settings->money((int) $row->number('paid'));
            $aim = $this->settings->money((int) round($cost->minor * exp(-$pct / 100)))->per($edible);
            $bought = Mass::ofMilligrams((int) $row->number('whole'));
            $price = WinningPrice::of($bought, $cost->minus($paid), $edible, $aim);
            $list[] = [
                'name' => $kind['name'],
                'asks' => $this->words->rate($paid->per($bought))->shown(),
                'wins' => $price === null ? null : $this->words->rate($price)->shown(),
            ];
        }

        return $list;
    }

    /** @return list<array{name: string, fish: int, asks: Rate, edible: Rate|null, yield: string|null}> */
    public function kinds(string $id): array
    {
        return array_map(function (array $kind): array {
            $row = $kind['row'];
            $edible = (int) $row->number('edible');

            return [
                'name' => $kind['name'],
                'fish' => (int) $row->number('fish'),
                'asks' => $this->words->rate(
                    $this->settings
                        ->money((int) $row->number('paid'))
                        ->per(Mass::ofMilligrams((int) $row->number('whole'))),
                ),
                'edible' => $edible > 0
                    ? $this->words->rate(
                        $this->settings->money((int) $row->number('cost'))->per(Mass::ofMilligrams($edible)),
                    )
                    : null,
                'yield' => $row->number('edible_pct') > 0 ? Percent::of($row->number('edible_pct'))->print() : null,
            ];
        }, $this->rowsOf($id));
    }

    /** @return list<array{kind: string, name: string, row: Row}> kinds of a supplier whose cost is known */
    private function rowsOf(string $id): array
    {
        $rows = LoggedFish::rows()
            ->join('species', 'species.id', 'logged_fish.species_id')
            ->join('fish', 'fish.id', 'logged_fish.fish_id')
            ->where('logged_fish.supplier_id', $id)
            ->where('received_on', '>=', self::since())
            ->whereNotNull('cost_minor')
            ->where('whole_mg', '>', 0)
            ->groupBy('logged_fish.species_id', 'logged_fish.state')
            ->selectRaw("logged_fish.species_id || ' ' || logged_fish.state as kind, species.name as name")
            ->selectRaw('count(*) as fish, sum(whole_mg) as whole, sum(cost_minor) as cost, sum(edible_mg) as edible')
            ->selectRaw('avg(edible_pct) as edible_pct')
            ->selectRaw('sum(fish.price_per_kg_minor * whole_mg / 1000000.0) as paid')
            ->orderByDesc('fish')
            ->get();

        return array_map(
            fn (Row $row): array => ['kind' => $row->text('kind'), 'name' => $row->text('name'), 'row' => $row],
            Row::all($rows),
        );
    }

    /** @return array<string, string> */
    private static function names(): array
    {
        $names = [];
        foreach (Supplier::query()->get(['id', 'name']) as $one) {
            $names[$one->id] = $one->name;
        }

        return $names;
    }
}
