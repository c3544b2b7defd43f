<?php

declare(strict_types=1);

namespace App\Plan\Prep;

use App\Kitchen\Moment;
use Illuminate\Database\Eloquent\Collection;

/** Who cuts on a day: as was said for it, or as it was the last time on the same day of the week. */
final readonly class ShiftsOfDay
{
    /** Weeks looked back. */
    private const WEEKS = 8;

    /**
     * @param  list<Shift>  $shifts  by name, those who are off among them
     * @param  string|null  $asOn  the day they were taken over from; null when they were said for this one
     */
    private function __construct(public array $shifts, public ?string $asOn)
    {
    }

    public static function of(string $day): self
    {
        $days = array_map(
            fn (int $weeks): string => Moment::at($day)->modify("-{$weeks} weeks")->format('Y-m-d'),
            range(0, self::WEEKS),
        );
        /** @var Collection<int, Shift> $known */
        $known = Shift::query()->with('person')->whereIn('day', $days)->orderByDesc('day')->get();
        $latest = $known->first()?->day;
        $shifts = $known
            ->filter(fn (Shift $one): bool => $one->day === $latest && $one->person->disabled_at === null)
            ->sortBy(fn (Shift $one): string => $one->person->name);

        return new self(array_values($shifts->all()), $latest === $day ? null : $latest);
    }
}
