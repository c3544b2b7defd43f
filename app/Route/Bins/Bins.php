<?php

declare(strict_types=1);

namespace App\Route\Bins;

use App\Catalogue\HouseBin;
use App\Kitchen\Database\Remembered;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
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

    /** How the bins stand: masses alone, asked for once. */
    public static function standing(): self
    {
        return Remembered::of('bins standing', ['bin_deposits', 'bin_withdrawals'], function (): self {
            $deposits = self::left()->with('withdrawals')->get();

            return new self($deposits, self::ledger($deposits));
        });
    }

    /** With all that a screen says of each tub. */
    public static function now(?Bin $bin = null): self
    {
        $query = self::left()->with(['withdrawals', 'piece', 'fish', 'species', 'person']);
        $deposits = $bin === null ? $query->get() : $query->where('bin', $bin->value)->get();

        return new self($deposits, self::ledger($deposits));
    }

    /** @return Builder<BinDeposit> of which something is left, in the order in which it was put in */
    private static function left(): Builder
    {
        return BinDeposit::query()
            ->whereRaw('id in (select deposit_id from bins_left)')
            ->orderBy('put_at')
            ->orderBy('id');
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
