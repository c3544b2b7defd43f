<?php

declare(strict_types=1);

namespace App\BreakDown\CleanDown;

use App\Fish\Finding;
use App\Fish\Fish;
use App\Kitchen\Database\Remembered;
use App\Kitchen\Database\Row;
use App\Kitchen\Format\Words;
use App\Kitchen\Moment;
use App\Kitchen\Settings;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;
use Sectum\BreakDown\CleanDown\CleanDown;
use Sectum\BreakDown\CleanDown\Cleaned;
use Sectum\BreakDown\CleanDown\Worked;
use Sectum\Message;
use Sectum\Receive\FindKind;
use Sectum\Receive\RawService;

/** How the board stands: when it was last cleaned down, what lay on it since, and whether it wants it now. */
final readonly class CleanDownView
{
    /** What lay here longer ago than this was cleaned up with the day. */
    private const HOURS = 14;

    public function __construct(private ClockInterface $clock)
    {
    }

    /** @return Answer */
    public function of(Fish $fish, Words $words): array
    {
        $last = Row::maybe(self::all()->limit(1)->first());
        $since = max(
            $last?->text('done_at') ?? '',
            Moment::written($this->clock->now()->modify('-'.self::HOURS.' hours')),
        );
        $worked = self::workedSince($since);
        $next = self::worked($fish->id, self::lotOf($fish->line_id, $fish->id), $fish->species_id, $since);
        $raw = RawService::of($fish->species->scientific, $fish->species->hazardList(), $fish->line?->proof);
        $why = CleanDown::needed(
            array_values(array_diff_key($worked, [$fish->id => true])),
            $worked[$fish->id] ?? $next,
            $raw->open,
        );

        return [
            'why' => $why?->value,
            'say' => $why === null ? null : $words->say(new Message($why)),
            'last' => $last === null
                ? null
                : [
                    'by' => $last->text('name'),
                    'at' => Moment::hour($last->text('done_at')),
                    'what' => explode(' ', $last->text('what')),
                ],
            'what' => array_column(Cleaned::cases(), 'value'),
            'asks_sanitiser' => Settings::load()->asksSanitiser,
        ];
    }

    /** @return Builder the last one first, with who did it */
    public static function all(): Builder
    {
        return CleanedDown::rows()
            ->join('people', 'people.id', 'clean_downs.done_by')
            ->select('clean_downs.*', 'people.name')
            ->orderByDesc('done_at')
            ->orderByDesc('clean_downs.id');
    }

    /** @return array<string, Worked> by fish: whatever was weighed off one */
    private static function workedSince(string $since): array
    {
        $worked = [];
        $rows = DB::table('readings')
            ->join('pieces', 'pieces.id', 'readings.piece_id')
            ->join('fish', 'fish.id', 'pieces.fish_id')
            ->where('readings.taken_at', '>', $since)
            ->whereNotNull('pieces.parent_id')
            ->distinct()
            ->get(['fish.id', 'fish.line_id', 'fish.species_id']);
        foreach (Row::all($rows) as $row) {
            $id = $row->text('id');
            $lot = self::lotOf($row->text('line_id') === '' ? null : $row->text('line_id'), $id);
            $worked[$id] = self::worked($id, $lot, $row->text('species_id'), $since);
        }

        return $worked;
    }

    private static function worked(string $fish, string $lot, string $species, string $since): Worked
    {
        return new Worked($lot, $species, isset(self::galled($since)[$fish]));
    }

    /** @return array<string, true> fish on which gall was found since */
    private static function galled(string $since): array
    {
        return Remembered::of("gall since {$since}", ['finds'], function () use ($since): array {
            $galled = [];
            $found = Finding::rows()
                ->where('kind', FindKind::Gall->value)
                ->where('found_at', '>', $since)
                ->pluck('fish_id')
                ->all();
            foreach ($found as $fish) {
                if (is_string($fish)) {
                    $galled[$fish] = true;
                }
            }

            return $galled;
        });
    }

    /** A fish without a line of a delivery is a lot of its own. */
    private static function lotOf(?string $line, string $fish): string
    {
        return $line ?? "fish {$fish}";
    }
}
