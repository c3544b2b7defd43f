<?php

declare(strict_types=1);

namespace App\Log\Supplier;

use App\Kitchen\Database\Row;
use App\Log\Ledger\LoggedFish;
use Sectum\Log\BadLog;
use Sectum\Log\Effects\BestLevel;
use Sectum\Log\Effects\Linked;
use Sectum\Log\Effects\Seen;
use Sectum\Log\Effects\Spreads;
use Sectum\Math\StudentMixture;

/**
 * What an edible kilo really costs from each supplier: price, short weight, yield and work are all in it. Kind and size
 * are held alike, month and hand told apart, and few lots are drawn towards the mean of all.
 */
final readonly class TrueCosts
{
    /** The latest fish that count. */
    private const MOST = 3000;

    private const SUPPLIER = 'supplier';

    /**
     * @param  array<string, int>  $linked  fish by supplier, those that share a kind with another
     */
    private function __construct(private ?Spreads $spreads, public array $linked)
    {
    }

    public static function since(string $since): self
    {
        $records = [];
        $rows = LoggedFish::rows()
            ->where('received_on', '>=', $since)
            ->whereNotNull('cost_minor')
            ->whereNull('suspect')
            ->where('cost_minor', '>', 0)
            ->where('edible_mg', '>', 0)
            ->where('each_mg', '>', 0)
            ->orderByDesc('number')
            ->limit(self::MOST)
            ->get();
        foreach (Row::all($rows) as $row) {
            $records[] = Seen::costing(
                "{$row->text('species_id')} {$row->text('state')}",
                $row->number('each_mg') / 1000,
                $row->number('cost_minor') / $row->number('edible_mg'),
                [
                    self::SUPPLIER => $row->text('supplier_id'),
                    'season' => 'm'.substr($row->text('cut_on'), 0, 7),
                    'cutter' => $row->text('cutter_id'),
                ],
            );
        }
        $linked = Linked::levels($records, self::SUPPLIER);
        try {
            $spreads = count($linked) < 2
                ? null
                : Spreads::ofEach($records, [self::SUPPLIER, 'season', 'cutter'], [self::SUPPLIER])[self::SUPPLIER] ??
                    null;
        } catch (BadLog) {
            $spreads = null;
        }

        return new self($spreads, $linked);
    }

    /** Percent above the mean of all; null where nothing tells him from his fish. */
    public function against(string $supplier): ?StudentMixture
    {
        return $this->spreads === null || ! isset($this->linked[$supplier])
            ? null
            : BestLevel::againstAll($this->spreads, $this->linked, $supplier);
    }

    /** Percent an edible kilo of the first costs above one of the second. */
    public function between(string $a, string $b): ?StudentMixture
    {
        return $this->spreads === null || ! isset($this->linked[$a], $this->linked[$b])
            ? null
            : $this->spreads->combined([$a => 1.0, $b => -1.0]);
    }
}
