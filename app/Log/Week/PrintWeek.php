<?php

declare(strict_types=1);

namespace App\Log\Week;

use App\Devices\LabelPrinter;
use App\Kitchen\Moment;
use App\Kitchen\Person;
use App\Kitchen\Role;
use App\Log\Ledger\CatchUp;
use App\Log\Ledger\LoggedFish;
use App\Log\Walk\Period;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Psr\Clock\ClockInterface;

/** The page of a week that is over is made once, kept as it was, and printed. */
final readonly class PrintWeek
{
    public function __construct(
        private CatchUp $catchUp,
        private LabelPrinter $printer,
        private ClockInterface $clock,
    ) {
    }

    /** @return bool whether it was made now; false when it is kept already, or there is nothing to print */
    public function __invoke(Period $week): bool
    {
        $chef = Person::query()->where('role', Role::HeadChef)->whereNull('disabled_at')->orderBy('id')->first();
        if ($chef === null || KeptWeek::query()->whereKey($week->days()[0])->exists()) {
            return false;
        }
        ($this->catchUp)();
        if (! self::anything($week)) {
            return false;
        }
        $pdf = WeekPdf::of($week, $chef);

        return DB::connection()->transaction(function () use ($week, $pdf, $chef): bool {
            $made = KeptWeek::rows()->insertOrIgnore([
                'monday' => $week->days()[0],
                'pdf' => $pdf,
                'made_at' => Moment::written($this->clock->now()),
            ]) === 1;
            if ($made) {
                $this->printer->print((string) Str::ulid(), null, "Week {$week->said()}", 1, $pdf, $chef);
            }

            return $made;
        });
    }

    private static function anything(Period $week): bool
    {
        return LoggedFish::rows()
            ->whereBetween('received_on', $week->days())
            ->orWhereBetween('cut_on', $week->days())
            ->exists();
    }
}
