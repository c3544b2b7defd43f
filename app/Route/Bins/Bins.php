<?php

declare(strict_types=1);

namespace App\Route\Bins;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use Sectum\Fish\Bin;
use Sectum\Route\BinNeed;
use Sectum\Route\Bins\Ledger;

/** What lies in the bins now. */
final readonly class Bins
{
    /** @param  Collection<int, BinDeposit>  $deposits  of which something is left */
    private function __construct(public Collection $deposits, public Ledger $ledger)
    {
    }

    public static function now(?Bin $bin = null): self
    {
        $gone = DB::table('bin_withdrawals')->selectRaw('sum(mass_mg)')->whereColumn('deposit_id', 'bin_deposits.id');
        $query = BinDeposit::query()
            ->with(['withdrawals', 'piece', 'fish', 'species', 'person'])
            ->whereRaw('mass_mg > coalesce(('.$gone->toSql().'), 0)')
            ->orderBy('put_at')
            ->orderBy('id');
        $deposits = $bin === null ? $query->get() : $query->where('bin', $bin->value)->get();

        return new self($deposits, self::ledger($deposits));
    }

    /** @param  Collection<int, BinDeposit>  $deposits */
    public static function ledger(Collection $deposits): Ledger
    {
        return Ledger::of(array_map(fn (BinDeposit $one) => $one->deposit(), array_values($deposits->all())));
    }

    /** @return array<string, BinNeed> how each bin stands, by name */
    public function needs(): array
    {
        return array_map(fn (HouseBin $bin): BinNeed => $bin->need($this->ledger), HouseBin::byName());
    }
}
