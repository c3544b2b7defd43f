<?php

declare(strict_types=1);

namespace App\Log\Origin;

use App\Contract\Fault;
use App\Fish\Fish;
use App\Fish\Piece;
use App\Hold\Kept\KeptTray;
use App\Kitchen\Database\Row;
use App\Kitchen\Moment;
use App\Kitchen\Person;
use App\Log\Ledger\LoggedFish;
use App\Portion\Dish\Dish;
use App\Portion\Tray\PortionTray;
use Illuminate\Database\Eloquent\Collection;
use Sectum\Log\Origin\CatchArea;
use Sectum\Log\Origin\OriginLine;

/** Where the fish of dishes or of a tray comes from: what lies there to be served, else what was cut last. */
final readonly class OriginOf
{
    /** Fish of a dish without a tray that are looked at: those of the last day it was cut. */
    private const LATEST = 6;

    /**
     * @param  string  $title  dish, or tray
     * @param  list<OriginLine>  $lines
     */
    private function __construct(public string $title, public array $lines)
    {
    }

    /**
     * @param  string  $asked  ids of dishes, a comma between; a table has several
     * @return list<self> one a dish
     */
    public static function dishes(string $asked): array
    {
        $cards = [];
        foreach (array_slice(array_unique(explode(',', $asked)), 0, 12) as $id) {
            $dish = Dish::of($id) ?? throw Fault::notThere('There is no such dish.');
            $trays = KeptTray::there()->where('dish_id', $dish->id)->whereNotNull('tray_id')->pluck('tray_id');
            $fish = Piece::query()->whereIn('batch_id', $trays)->distinct()->pluck('fish_id')->all();
            $cards[] = new self($dish->name, self::lines($fish === [] ? self::lastCut($dish) : $fish));
        }

        return $cards;
    }

    /** @return list<self> one */
    public static function tray(string $id): array
    {
        $tray = PortionTray::query()->with('dish')->find($id) ?? throw Fault::notThere('There is no such tray.');
        $fish = Piece::query()->where('batch_id', $tray->id)->distinct()->pluck('fish_id')->all();

        return [new self("{$tray->dish->name}, tray {$tray->number}", self::lines($fish))];
    }

    /** @return list<string> */
    private static function lastCut(Dish $dish): array
    {
        $rows = LoggedFish::rows()
            ->whereRaw("dishes like ? escape '\\'", ["% {$dish->id} %"])
            ->where('portions', '>', 0)
            ->whereNotNull('cut_on')
            ->orderByDesc('cut_on')
            ->orderByDesc('number')
            ->limit(self::LATEST)
            ->get(['fish_id', 'cut_on']);
        $rows = $rows->where('cut_on', $rows->first()->cut_on ?? '');

        return array_map(fn (Row $row): string => $row->text('fish_id'), Row::all($rows));
    }

    /**
     * @param  array<array-key, mixed>  $ids
     * @return list<OriginLine>
     */
    private static function lines(array $ids): array
    {
        /** @var Collection<int, Fish> $fish */
        $fish = Fish::query()->with(['species', 'supplier', 'line'])->whereKey($ids)->orderByDesc('number')->get();
        $rows = LoggedFish::query()->whereKey($fish->modelKeys())->get()->keyBy('fish_id');
        $people = Person::query()->pluck('name', 'id');

        return OriginLine::together(array_values(
            $fish
                ->map(function (Fish $one) use ($rows, $people): OriginLine {
                    $row = $rows->get($one->id);
                    $by = $people[$row->cutter_id ?? ''] ?? null;
                    $line = $one->line;

                    return new OriginLine(
                        $one->species->name,
                        $one->species->scientific ?? '',
                        $line->production ?? '',
                        CatchArea::said($line->area ?? ''),
                        $line->gear ?? '',
                        $line->vessel ?? $one->supplier->name,
                        $line->landed_on ?? ($line->harvested_on ?? ''),
                        isset($row->cut_on) ? [$row->cut_on] : [],
                        is_string($by) ? [$by] : [],
                    );
                })
                ->all(),
        ));
    }

    /** @return Answer */
    public function shown(): array
    {
        return [
            'title' => $this->title,
            'lines' => array_map(fn (OriginLine $one): array => [
                'species' => $one->species,
                'scientific' => $one->scientific,
                'production' => $one->production === '' ? null : $one->production,
                'place' => $one->place,
                'how' => $one->how,
                'by' => $one->by,
                'day' => $one->day === '' ? null : Moment::at($one->day)->format('D j M Y'),
                'cut' => array_map(fn (string $day): string => Moment::at($day)->format('D j M'), $one->cut),
                'hands' => $one->hands,
            ], $this->lines),
        ];
    }

    /** @return list<string> what a guest reads of a line */
    public static function said(OriginLine $one): array
    {
        $where = implode(', ', array_filter([
            match ($one->production) {
                'wild' => 'Wild',
                'farmed' => 'Farmed',
                default => '',
            },
            $one->place,
            $one->how,
        ], fn (string $part): bool => $part !== ''));
        $days = array_map(fn (string $day): string => Moment::at($day)->format('D j M'), $one->cut);
        $landed = $one->production === 'farmed' ? 'Harvested' : 'Landed';

        return array_values(array_filter([
            trim("{$one->species} ({$one->scientific})"),
            $where,
            ($one->day === '' ? '' : "{$landed} ".Moment::at($one->day)->format('D j M').', ').$one->by,
            $days === [] ? '' : 'Cut here '.implode(', ', $days).
                ($one->hands === [] ? '' : ' by '.implode(' and ', $one->hands)),
        ], fn (string $line): bool => $line !== ''));
    }
}
