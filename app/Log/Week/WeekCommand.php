<?php

declare(strict_types=1);

namespace App\Log\Week;

use App\Kitchen\Moment;
use App\Log\Walk\Period;
use Illuminate\Console\Command;

/** Prints the page of the week that has just ended; the scheduler does it when Sunday's kitchen day is over. */
final class WeekCommand extends Command
{
    protected $signature = 'sectum:week';

    protected $description = 'Makes, keeps and prints the page of the last whole week';

    public function handle(PrintWeek $print): int
    {
        $week = Period::weekOf(Moment::day(now()))->before();
        $this->line($print($week) ? "Week {$week->said()} is printed." : "Week {$week->said()} was printed before.");

        return self::SUCCESS;
    }
}
