<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Kitchen\Database\KeyedTable;
use App\Kitchen\Database\Remembered;
use App\Kitchen\Database\SmallTables;
use App\Kitchen\Settings;
use Sectum\Fish\Bin;
use Sectum\Measure\Mass;
use Sectum\Route\BinNeed;
use Sectum\Route\Bins\DaysKept;
use Sectum\Route\Bins\Ledger;

/**
 * A bin as the house has it: what a kilo is worth, how much fits, how long it keeps.
 *
 * @property Bin $bin
 * @property int $value_per_kg_minor
 * @property int|null $room_mg what it holds; null when nobody set a limit
 * @property int|null $batch_mg what a batch takes; null when nothing is made of it in batches
 * @property int|null $days_cold null for the usual
 * @property int|null $days_frozen null for the usual
 * @property string $source
 * @property int $version
 */
final class HouseBin extends KeyedTable
{
    protected $table = 'bins';

    protected $primaryKey = 'bin';

    /** @return array<string, self> by bin, in the catalogue's order */
    public static function byName(): array
    {
        return Remembered::of('bins', ['bins'], function (): array {
            $found = SmallTables::all('bins');
            $bins = [];
            foreach (Bin::cases() as $bin) {
                $known = $found[$bin->value][0] ?? null;
                $bins[$bin->value] = $known !== null
                    ? (new self())->newFromBuilder($known)
                    : new self(['bin' => $bin, 'value_per_kg_minor' => 0, 'source' => 'estimate', 'version' => 1]);
            }

            return $bins;
        });
    }

    public static function of(Bin $bin): self
    {
        return self::byName()[$bin->value];
    }

    public function days(): DaysKept
    {
        $usual = DaysKept::usual($this->bin);

        return new DaysKept($this->days_cold ?? $usual->cold, $this->days_frozen ?? $usual->frozen);
    }

    public function enough(): ?Mass
    {
        return $this->batch_mg === null ? null : Mass::ofMilligrams($this->batch_mg);
    }

    public function need(Ledger $ledger): BinNeed
    {
        return BinNeed::of(
            Settings::load()->perKg($this->value_per_kg_minor),
            $this->room_mg === null ? null : Mass::ofMilligrams($this->room_mg),
            $this->enough(),
            $ledger->in($this->bin),
        );
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['bin' => Bin::class];
    }
}
