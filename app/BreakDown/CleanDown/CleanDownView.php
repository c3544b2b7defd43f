<?php

declare(strict_types=1);

namespace App\BreakDown\CleanDown;

use App\Fish\Finding;
use App\Fish\Fish;
use App\Fish\Reading;
use App\Kitchen\Database\Row;
use App\Kitchen\Format\Words;
use App\Kitchen\Moment;
use App\Kitchen\Settings;
use Illuminate\Database\Query\Builder;
use Psr\Clock\ClockInterface;
use Sectum\BreakDown\CleanDown\CleanDown;
use Sectum\BreakDown\CleanDown\Cleaned;
use Sectum\BreakDown\CleanDown\Worked;
use Sectum\Message;
use Sectum\Receive\FindKind;

/** How the board stands: when it was last cleaned down, what lay on it since, and whether it wants it now. */
final readonly class CleanDownView
{
    public function __construct(private ClockInterface $clock)
    {
    }

    /** @return Answer */
    public function of(Fish $fish, Words $words): array
    {
        $last = Row::maybe(self::all()->limit(1)->first());
        $since = max(
            $last?->text('done_at') ?? '',
            Moment::written($this->clock->now()->modify('-'.CleanDown::HOURS.' hours')),
        );
        $galled = self::galledSince($since);
        $raw = $fish->rawService();
        $why = CleanDown::needed(
            self::workedSince($since, $fish, $galled),
            self::worked($fish->id, $fish->line_id, $fish->species_id, $galled),
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

    /**
     * @param  list<string>  $galled
     * @return list<Worked> whatever other fish something was weighed off
     */
    private static function workedSince(string $since, Fish $but, array $galled): array
    {
        $rows = Reading::rows()
            ->join('pieces', 'pieces.id', 'readings.piece_id')
            ->join('fish', 'fish.id', 'pieces.fish_id')
            ->where('readings.taken_at', '>', $since)
            ->whereNotNull('pieces.parent_id')
            ->where('fish.id', '!=', $but->id)
            ->distinct()
            ->get(['fish.id', 'fish.line_id', 'fish.species_id']);

        return array_map(
            fn (Row $row): Worked => self::worked(
                $row->text('id'),
                $row->text('line_id') === '' ? null : $row->text('line_id'),
                $row->text('species_id'),
                $galled,
            ),
            Row::all($rows),
        );
    }

    /** @param  list<string>  $galled */
    private static function worked(string $fish, ?string $line, string $species, array $galled): Worked
    {
        return new Worked(Fish::lot($fish, $line), $species, in_array($fish, $galled, true));
    }

    /** @return list<string> fish on which gall was found since */
    private static function galledSince(string $since): array
    {
        return array_map(
            fn (Row $row): string => $row->text('fish_id'),
            Row::all(
                Finding::rows()
                    ->where('kind', FindKind::Gall->value)
                    ->where('found_at', '>', $since)
                    ->get(['fish_id']),
            ),
        );
    }
}
