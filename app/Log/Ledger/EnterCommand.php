<?php

declare(strict_types=1);

namespace App\Log\Ledger;

use Illuminate\Console\Command;

/** Enters into the log's ledger whatever is not in it yet: after an upgrade, or a restored backup. */
final class EnterCommand extends Command
{
    protected $signature = 'sectum:enter-log';

    protected $description = "Enters every fish into the log's ledger that has changed since it was entered";

    public function handle(CatchUp $catchUp): int
    {
        $this->line($catchUp(PHP_INT_MAX).' fish entered.');

        return self::SUCCESS;
    }
}
