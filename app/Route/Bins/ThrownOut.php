<?php

declare(strict_types=1);

namespace App\Route\Bins;

use App\Fish\ThrownAway;
use App\Kitchen\Database\Row;

/** What left the bins spoilt, by smell, softness or date. */
final readonly class ThrownOut implements ThrownAway
{
    public function spoilt(array $fish): array
    {
        return array_map(
            fn (Row $row): array => [$row->text('fish_id'), $row->text('taken_at')],
            Row::all(
                BinWithdrawal::rows()
                    ->join('bin_deposits', 'bin_deposits.id', 'bin_withdrawals.deposit_id')
                    ->whereIn('bin_deposits.fish_id', $fish)
                    ->whereNotNull('bin_withdrawals.cause')
                    ->get(['bin_deposits.fish_id', 'bin_withdrawals.taken_at']),
            ),
        );
    }
}
