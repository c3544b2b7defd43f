<?php

declare(strict_types=1);

namespace App\Hold;

use App\Devices\DemoLogger;
use App\Hold\Freezing\DemoHand;
use App\Hold\Places\ReadLogger;
use Illuminate\Console\Command;

/** Asks the logger what it measured since it was last heard; the scheduler does it every minute. */
final class LoggerReadCommand extends Command
{
    protected $signature = 'sectum:read-logger';

    protected $description = 'Takes over what the temperature logger measured';

    public function handle(ReadLogger $read, DemoLogger $logger): int
    {
        if (config('sectum.demo') === true) {
            DemoHand::holds($logger);
        }
        $this->info("{$read()} new readings.");

        return self::SUCCESS;
    }
}
