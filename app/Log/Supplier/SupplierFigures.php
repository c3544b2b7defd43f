<?php

declare(strict_types=1);

namespace App\Log\Supplier;

use App\Fish\DeliveryLine;
use App\Fish\Finding;
use App\Fish\Fish;
use App\Kitchen\Database\Row;
use App\Kitchen\Moment;
use App\Log\Ledger\LoggedFish;
use App\Receive\Claims\ClaimEntry;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use Sectum\Receive\Claims\ClaimStep;
use stdClass;

/** What a year of deliveries says of each supplier, counted; in few questions, however many there are. */
final readonly class SupplierFigures
{
    /**
     * @param  array<string, Row>  $bought  by supplier: fish, kilos, what they cost and what came of them
     * @param  array<string, Row>  $short  lines that were invoiced by weight, and what of it came
     * @param  array<string, Row>  $grades  fish that were sold by a size grade, and those outside it
     * @param  array<string, Row>  $found  what was found in them, and how many were rejected
     * @param  array<string, list<float>>  $life  days each lot had left when it came
     * @param  array<string, Row>  $claims
     */
    private function __construct(
        public array $bought,
        public array $short,
        public array $grades,
        public array $found,
        public array $life,
        public array $claims,
    ) {
    }

    /** @param  string  $since  ISO 8601 day */
    public static function since(string $since): self
    {
        return new self(
            self::bySupplier(
                LoggedFish::rows()
                    ->join('fish', 'fish.id', 'logged_fish.fish_id')
                    ->where('received_on', '>=', $since)
                    ->groupBy('logged_fish.supplier_id')
                    ->selectRaw('logged_fish.supplier_id as supplier, sum(logged_fish.count) as fish')
                    ->selectRaw('count(distinct coalesce(logged_fish.line_id, fish.id)) as lots')
                    ->selectRaw('sum(whole_mg) as whole')
                    ->selectRaw('sum(case when cost_minor is null then 0 else cost_minor end) as cost')
                    ->selectRaw('sum(case when cost_minor is null then 0 else edible_mg end) as edible')
                    ->selectRaw("sum(fish.stage = 'refused') as rejected")
                    ->get(),
            ),
            self::bySupplier(self::short($since)),
            self::bySupplier(
                LoggedFish::rows()
                    ->join('delivery_lines', 'delivery_lines.id', 'logged_fish.line_id')
                    ->where('received_on', '>=', $since)
                    ->whereNotNull('grade_from_g')
                    ->groupBy('supplier_id')
                    ->selectRaw('supplier_id as supplier, count(*) as graded')
                    ->selectRaw('sum(each_mg < 1000 * grade_from_g or each_mg > 1000 * grade_to_g) as missed')
                    ->get(),
            ),
            self::bySupplier(
                Finding::rows()
                    ->join('logged_fish', 'logged_fish.fish_id', 'finds.fish_id')
                    ->where('received_on', '>=', $since)
                    ->groupBy('supplier_id')
                    ->selectRaw('supplier_id as supplier, count(distinct finds.fish_id) as fish')
                    ->selectRaw('sum(coalesce(mass_mg, 0)) as lost')
                    ->get(),
            ),
            self::life($since),
            self::claims($since),
        );
    }

    /**
     * What was invoiced in some days and never came, by supplier: more than a hundredth of a line.
     *
     * @return list<Row>
     */
    public static function missing(string $from, string $until): array
    {
        return Row::all(
            DeliveryLine::rows()
                ->join('deliveries', 'deliveries.id', 'delivery_lines.delivery_id')
                ->join('suppliers', 'suppliers.id', 'deliveries.supplier_id')
                ->joinSub(self::came(), 'came', 'came.line_id', 'delivery_lines.id')
                ->where('open', false)
                ->whereBetween('delivered_on', [$from, $until])
                ->whereRaw('invoiced_mg - came > 0.01 * invoiced_mg')
                ->groupBy('suppliers.id')
                ->selectRaw('min(suppliers.name) as name, count(*) as many, sum(invoiced_mg - came) as short')
                ->selectRaw('sum((invoiced_mg - came) * price / 1000000.0) as worth')
                ->get(),
        );
    }

    /** What came of each line, and what a kilo of it was invoiced at. */
    private static function came(): Builder
    {
        return LoggedFish::rows()
            ->join('fish', 'fish.id', 'logged_fish.fish_id')
            ->whereNotNull('logged_fish.line_id')
            ->groupBy('logged_fish.line_id')
            ->selectRaw('logged_fish.line_id as line_id, sum(whole_mg) as came')
            ->selectRaw('avg(coalesce(price_per_kg_minor, 0)) as price');
    }

    /** @return Collection<int, stdClass> */
    private static function short(string $since): Collection
    {
        return DeliveryLine::rows()
            ->join('deliveries', 'deliveries.id', 'delivery_lines.delivery_id')
            ->joinSub(self::came(), 'came', 'came.line_id', 'delivery_lines.id')
            // What is not all in yet may still come.
            ->where('open', false)
            ->where('delivered_on', '>=', $since)
            ->whereNotNull('invoiced_mg')
            ->groupBy('supplier_id')
            ->selectRaw('supplier_id as supplier, count(*) as lines, sum(invoiced_mg) as invoiced')
            ->selectRaw('sum(max(0, invoiced_mg - came)) as short')
            ->selectRaw('sum(invoiced_mg - came > 0.01 * invoiced_mg) as many')
            ->get();
    }

    /** @return array<string, list<float>> */
    private static function life(string $since): array
    {
        $life = [];
        $rows = Fish::rows()
            ->whereNotNull('keeps_until')
            ->whereNotNull('line_id')
            ->where('received_at', '>=', Moment::written(Moment::at($since)))
            ->groupBy('line_id')
            ->selectRaw('supplier_id as supplier, min(julianday(keeps_until) - julianday(received_at)) as days')
            ->get();
        foreach (Row::all($rows) as $row) {
            $life[$row->text('supplier')][] = max(0.0, $row->number('days'));
        }

        return $life;
    }

    /** @return array<string, Row> sent, credited, and what they were about in money */
    private static function claims(string $since): array
    {
        return self::bySupplier(
            ClaimEntry::rows()
                ->join('deliveries', 'deliveries.id', 'claim_steps.delivery_id')
                ->where('delivered_on', '>=', $since)
                ->whereNotNull('step')
                ->whereNotIn('claim_steps.id', ClaimEntry::rows()->select('undoes')->whereNotNull('undoes'))
                ->groupBy('supplier_id')
                ->selectRaw('supplier_id as supplier')
                ->selectRaw(
                    'count(distinct case when step = ? then delivery_id end) as sent,
                    sum(case when step = ? then claim_steps.minor else 0 end) as claimed,
                    count(distinct case when step = ? then delivery_id end) as credited,
                    sum(case when step = ? then claim_steps.minor else 0 end) as credit',
                    [
                        ClaimStep::Sent->value,
                        ClaimStep::Sent->value,
                        ClaimStep::Credited->value,
                        ClaimStep::Credited->value,
                    ],
                )
                ->get(),
        );
    }

    /**
     * @param  Collection<int, stdClass>  $rows
     * @return array<string, Row>
     */
    private static function bySupplier(Collection $rows): array
    {
        $by = [];
        foreach (Row::all($rows) as $row) {
            $by[$row->text('supplier')] = $row;
        }

        return $by;
    }
}
