<?php

declare(strict_types=1);

namespace App\Log\Ledger;

use App\BreakDown\Workmanship\SideWork;
use App\BreakDown\Yields\KeepYields;
use App\Cost\Credited;
use App\Fish\Fish;
use App\Kitchen\Database\Row;
use App\Kitchen\Database\Trouble;
use App\Kitchen\Moment;
use App\Kitchen\Settings;
use Illuminate\Support\Facades\DB;
use Sectum\BreakDown\ExpectedYield;
use Sectum\BreakDown\StartingYield;
use Sectum\BreakDown\YieldRecord;
use Sectum\Measure\Mass;
use Throwable;

/**
 * Enters into the log's ledger what has changed since it was last opened.
 *
 * The bench does not wait for it: the database marks a fish with every change, and whoever opens the log next works it
 * out anew. Two who open it at once enter the same figures.
 */
final readonly class CatchUp
{
    private const AT_ONCE = 100;

    /** Rows of one statement: SQLite binds so many values. */
    private const A_WRITE = 25;

    /** Fish one request enters at most; after an upgrade of a large house the rest is entered beside it. */
    public const A_REQUEST = 300;

    /** The latest fish of a kind that say what it gives here. */
    private const LATEST = 400;

    /**
     * @param  int  $most  fish
     * @return int fish that were entered
     */
    public function __invoke(int $most = self::A_REQUEST): int
    {
        $entered = 0;
        $kinds = [];
        do {
            $stale = $this->stale();
            if ($stale !== []) {
                $kinds = [...$kinds, ...DB::connection()->transaction(fn (): array => $this->enter($stale))];
                $entered += count($stale);
            }
        } while (count($stale) === self::AT_ONCE && $entered < $most);
        if ($kinds !== []) {
            DB::connection()->transaction(function () use ($kinds): void {
                foreach ($kinds as $fish) {
                    $this->group($fish);
                }
            });
        }

        return $entered;
    }

    /** @return list<string> fish whose row is missing or old */
    private function stale(): array
    {
        return array_map(
            fn (Row $row): string => $row->text('fish_id'),
            Row::all(StaleFish::rows()->orderBy('fish_id')->limit(self::AT_ONCE)->get()),
        );
    }

    /**
     * @param  non-empty-list<string>  $ids
     * @return array<string, Fish> one of each kind that changed
     */
    private function enter(array $ids): array
    {
        $settings = Settings::load();
        $enter = new EnterFish($settings, new Credited($settings, $ids), SideWork::cutters($ids));
        $rows = $groups = $skipped = [];
        $now = Moment::written(now());
        foreach (Fish::forTheBench()->with('line')->whereKey($ids)->get() as $fish) {
            try {
                $rows[] = [...$enter->row($fish), 'entered_at' => $now];
            } catch (Throwable $e) {
                // One fish that cannot be worked out keeps no other out of the log.
                Trouble::of($e) === null || throw $e;
                report($e);
                $skipped[] = ['fish_id' => $fish->id, 'at' => $now];

                continue;
            }
            $groups["{$fish->species_id} {$fish->state->value}"] = $fish;
        }
        foreach (array_chunk($rows, self::A_WRITE) as $some) {
            LoggedFish::rows()->upsert($some, 'fish_id');
        }
        SkippedFish::rows()->whereIn('fish_id', $ids)->delete();
        SkippedFish::rows()->insert($skipped);
        StaleFish::rows()->whereIn('fish_id', $ids)->delete();

        return $groups;
    }

    /** What fish like this one give, at every step they stand on. */
    private function group(Fish $fish): void
    {
        $kind = ['species_id' => $fish->species_id, 'state' => $fish->state->value];
        $records = [];
        $rows = LoggedFish::rows()
            ->where($kind)
            ->where('step', '!=', '')
            ->whereNull('suspect')
            ->orderByDesc('number')
            ->limit(self::LATEST)
            ->get(['step', 'yield_pct', 'each_mg']);
        $old = OldYieldRow::rows()->where($kind)->limit(self::LATEST)->get();
        foreach ([...Row::all($rows), ...Row::all($old)] as $row) {
            $records[$row->text('step')][] = new YieldRecord(
                $row->number('yield_pct'),
                Mass::ofMilligrams((int) $row->number('each_mg')),
            );
        }
        LoggedGroup::rows()->where($kind)->delete();
        foreach ($records as $step => $of) {
            $start = KeepYields::starting($fish, $step);
            if ($start !== null) {
                LoggedGroup::rows()->insert([...$kind, 'step' => $step, ...self::line($start, $of)]);
            }
        }
    }

    /**
     * @param  list<YieldRecord>  $records
     * @return array<string, float|int>
     */
    private static function line(StartingYield $start, array $records): array
    {
        $of = ExpectedYield::of($start, $records, 0.9, Mass::ofGrams(1000));

        return [
            'records' => count($records),
            'at_kilo' => $of->meanPct,
            'slope' => $of->slopePct ?? 0.0,
            'scale' => $of->scalePct,
        ];
    }
}
