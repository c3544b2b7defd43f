<?php

declare(strict_types=1);

namespace App\Cost;

use App\Catalogue\HouseBin;
use App\Fish\Fish;
use App\Kitchen\Database\KeyedTable;
use App\Kitchen\Database\Row;
use App\Kitchen\Database\Trouble;
use App\Kitchen\Settings;
use App\Portion\Dish\Dish;
use Illuminate\Support\Facades\DB;
use Sectum\Cost\Split;
use Throwable;

/**
 * What fish cost, kept so that weeks are added up without their trees.
 *
 * The database throws a row away with every change it may stand on (the migration of costs names them); what the house
 * counts by stands in the row itself. What is missing is worked out by whoever asks, under the lock, so that no change
 * comes between reading a fish and keeping its cost.
 *
 * @property string $fish_id
 * @property string $counted_by
 * @property int $bought_mg
 * @property int|null $served_mg
 * @property int $price_minor
 * @property int $work_minor
 * @property int $back_minor
 * @property string $dishes JSON: count, milligrams and minor units by dish
 */
final class CostSummary extends KeyedTable
{
    /** Fish under one lock: a quarter of a second on a slow machine. */
    private const AT_ONCE = 50;

    protected $table = 'cost_summaries';

    protected $primaryKey = 'fish_id';

    /**
     * Those of the fish asked for that have a cost, in their order.
     *
     * @param  list<Row>  $rows  fish joined with what is kept of them
     * @return list<CostOfFish>
     */
    public static function of(array $rows, Settings $settings): array
    {
        $by = self::countedBy($settings);
        $old = array_values(array_filter($rows, fn (Row $row): bool => $row->text('counted_by') !== $by));
        $anew = [];
        foreach (array_chunk(array_map(fn (Row $row): string => $row->text('id'), $old), self::AT_ONCE) as $some) {
            $anew += self::keep($some, $by, $settings);
        }
        $found = [];
        foreach ($rows as $row) {
            $id = $row->text('id');
            $one = array_key_exists($id, $anew) ? $anew[$id] : CostOfFish::kept($row, $settings);
            if ($one !== null) {
                $found[] = $one;
            }
        }

        return $found;
    }

    /**
     * @param  list<string>  $ids
     * @return array<string, CostOfFish|null> by fish; null without a cost
     */
    private static function keep(array $ids, string $by, Settings $settings): array
    {
        try {
            return DB::connection()->transaction(function () use ($ids, $by, $settings): array {
                $found = self::worked($ids, $settings);
                $rows = [];
                foreach ($found as $id => $one) {
                    $rows[] = ['fish_id' => $id, 'counted_by' => $by, ...CostOfFish::columns($one)];
                }
                self::rows()->upsert($rows, 'fish_id');

                return $found;
            });
        } catch (Throwable $e) {
            // Where a disk takes no more, or another writes for long, it is worked out again the next time.
            Trouble::of($e) === null && throw $e;

            return self::worked($ids, $settings);
        }
    }

    /**
     * @param  list<string>  $ids
     * @return array<string, CostOfFish|null>
     */
    private static function worked(array $ids, Settings $settings): array
    {
        $credits = new Credited($settings, $ids);
        $found = [];
        foreach (Fish::forTheBench()->with('line')->whereKey($ids)->get() as $fish) {
            $found[$fish->id] = CostOfFish::of($fish, FishCost::of($fish, $settings, $credits), $settings);
        }

        return $found;
    }

    /** Differs whenever the house, its bins, its dishes or this application count otherwise. */
    private static function countedBy(Settings $settings): string
    {
        $worth = [];
        foreach ($settings->split === Split::RelativeValue ? Dish::query()->orderBy('id')->get() : [] as $dish) {
            $worth[] = [$dish->id, $dish->worth($settings)->minor, $dish->target_mg];
        }

        return substr(hash('sha256', json_encode([
            $settings->currency->code,
            $settings->split,
            $settings->credits,
            $settings->countsLabour,
            $settings->labourPerHour->minor,
            array_map(fn (HouseBin $bin): int => $bin->value_per_kg_minor, HouseBin::byName()),
            $worth,
            // Each version is installed in a folder of its own; a checkout is told by its files.
            base_path(),
            filemtime(__FILE__),
            filemtime(base_path('core/src/Cost/Cost.php')),
        ], JSON_THROW_ON_ERROR)), 0, 24);
    }
}
