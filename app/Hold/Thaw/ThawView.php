<?php

declare(strict_types=1);

namespace App\Hold\Thaw;

use App\Hold\Freezing\RunItem;
use App\Hold\Places\PlacesView;
use App\Hold\Things\HeldThing;
use App\Hold\Things\HeldThings;
use App\Kitchen\Database\Row;
use App\Kitchen\Format\Words;
use App\Kitchen\Moment;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use DateTimeImmutable;
use DateTimeInterface;
use Illuminate\Database\Eloquent\Collection;
use Psr\Clock\ClockInterface;
use Sectum\Hold\Freezing\Surroundings;
use Sectum\Hold\Freezing\Wrap;
use Sectum\Hold\Pack\PackKind;
use Sectum\Hold\Thaw\DripBy;
use Sectum\Hold\Thaw\DripSeen;
use Sectum\Measure\Mass;
use Sectum\Measure\Percent;
use Sectum\Measure\Temperature;
use Sectum\Receive\Freshness;

/** What thaws, what is frozen and can be thawed, what is packed how. */
final readonly class ThawView
{
    private const SHOWN = 30;

    /** Thaws whose drip is compared. */
    private const COMPARED = 200;

    public function __construct(private Packs $packs, private ClockInterface $clock)
    {
    }

    /** @return Answer */
    public function all(Person $person): array
    {
        $words = new Words($person->units, Settings::load()->scaleStep);
        $now = $this->clock->now();
        $thaws = Thaw::query()->with(['item', 'planner'])->orderByDesc('number')->limit(self::SHOWN)->get();
        $taken = $thaws->pluck('item_id')->all();
        $frozen = RunItem::query()
            ->whereNotIn('id', $taken)
            ->where('added_at', '>=', Moment::written($now->modify('-2 years')))
            ->orderByDesc('added_at')
            ->limit(self::SHOWN)
            ->get();
        $packs = Pack::query()
            ->with(['piece', 'tray.dish', 'tray.pieces', 'packer'])
            ->whereNull('opened_at')
            ->orderByDesc('number')
            ->limit(self::SHOWN)
            ->get();
        $items = new Collection([
            ...array_map(fn (Thaw $thaw): RunItem => $thaw->item, $thaws->all()),
            ...$frozen->all(),
        ]);
        $items->load(['run.place', 'tray.dish', 'tray.pieces', 'piece']);
        $things = new HeldThings(
            $items->concat($packs)->map(fn (RunItem|Pack $one): HeldThing => $one->thing()),
        );
        $sealed = $this->packs->withoutAir(array_values($items->all()));

        return [
            'thaws' => array_map(
                fn (Thaw $thaw): array => $this->thaw($thaw, $things, isset($sealed[$thaw->item_id]), $words, $now),
                array_values($thaws->all()),
            ),
            'frozen' => array_map(
                fn (RunItem $item): array => [
                    'item' => $item->id,
                    'piece' => $item->piece_id,
                    'tray' => $item->batch_id,
                    'name' => $things->name($item->thing()),
                    'record' => $item->run->number,
                    'place' => $item->run->place->name,
                    'thick_mm' => $item->run->thick_mm,
                    'without_air' => isset($sealed[$item->id]),
                    'best_before' => $item->bestBefore($things->fish($item->thing()))->format('j M Y'),
                ],
                array_values($frozen->all()),
            ),
            'drips' => array_map(
                fn (DripBy $by): array => [
                    'place' => $by->place,
                    'wrap' => $by->wrap->value,
                    'count' => $by->count,
                    'mean' => number_format($by->meanPct, 1, '.', ''),
                    'sd' => $by->sdPct === null ? null : number_format($by->sdPct, 1, '.', ''),
                ],
                DripBy::all(self::drips()),
            ),
            'packs' => array_map(
                fn (Pack $pack): array => $this->pack($pack, $things),
                array_values($packs->all()),
            ),
            'ways' => array_values(
                array_map(
                    fn (Surroundings $one): string => explode(' ', $one->value)[1],
                    array_filter(Surroundings::cases(), fn (Surroundings $one): bool => ! $one->freezes()),
                ),
            ),
            'packed' => array_column(PackKind::cases(), 'value'),
            'check' => Freshness::CHECK,
        ];
    }

    /** @return list<DripSeen> of what was weighed before and after, the last so many */
    private static function drips(): array
    {
        $thawed = Thaw::rows()
            ->join('run_items', 'run_items.id', 'thaws.item_id')
            ->join('freezing_runs', 'freezing_runs.id', 'run_items.run_id')
            ->join('places', 'places.id', 'freezing_runs.place_id')
            ->whereNotNull('before_mg')
            ->whereNotNull('after_mg')
            ->orderByDesc('thaws.number')
            ->limit(self::COMPARED)
            ->get(['places.name', 'freezing_runs.wrap', 'before_mg', 'after_mg']);

        return array_map(
            fn (Row $one): DripSeen => new DripSeen(
                $one->text('name'),
                Wrap::from($one->text('wrap')),
                $one->number('before_mg') / 1000,
                $one->number('after_mg') / 1000,
            ),
            Row::all($thawed),
        );
    }

    /** @return Answer */
    private function thaw(
        Thaw $thaw,
        HeldThings $things,
        bool $withoutAir,
        Words $words,
        DateTimeImmutable $now,
    ): array {
        $at = fn (?DateTimeInterface $moment): ?string => $moment === null
            ? null
            : PlacesView::when($moment->getTimestamp(), $now);
        $kept = fn (?string $moment): ?string => $moment === null ? null : $at(Moment::at($moment));

        return [
            'id' => $thaw->id,
            'number' => $thaw->number,
            'version' => $thaw->version,
            'name' => $things->name($thaw->item->thing()),
            'record' => $thaw->item->run->number,
            'how' => explode(' ', $thaw->how->value)[1],
            'ambient' => $words->degrees(Temperature::ofCelsius($thaw->ambient_tenths / 10)),
            'by' => $thaw->planner->name,
            'hours' => $thaw->hours() === null ? null : number_format($thaw->hours(), 1, '.', ''),
            'needed' => $kept($thaw->needed_at),
            'begin_by' => $at($thaw->beginBy()),
            'late' => $thaw->started_at === null && $thaw->beginBy() !== null && $thaw->beginBy() < $now,
            'started' => $kept($thaw->started_at),
            'thawed_by' => $at($thaw->thawedBy()),
            'finished' => $kept($thaw->finished_at),
            'core' => $thaw->core_tenths === null
                ? null
                : $words->degrees(Temperature::ofCelsius($thaw->core_tenths / 10)),
            'drip' => $thaw->before_mg === null || $thaw->after_mg === null
                ? null
                : Percent::of((100 * ($thaw->before_mg - $thaw->after_mg)) / max(1, $thaw->before_mg))->print(),
            'weighed' => $thaw->before_mg === null ? null : $words->text(Mass::ofMilligrams($thaw->before_mg)),
            'open_first' => $thaw->started_at === null && $withoutAir,
        ];
    }

    /** @return Answer */
    private function pack(Pack $pack, HeldThings $things): array
    {
        return [
            'id' => $pack->id,
            'number' => $pack->number,
            'name' => $things->name($pack->thing()),
            'how' => $pack->how->value,
            'without_air' => $pack->how->isWithoutAir(),
            'use_by' => Moment::at($pack->use_by)->format('D j M Y'),
            'why_then' => $pack->why_then,
            'cloth_due' => $pack->cloth_due === null
                ? null
                : PlacesView::when(Moment::at($pack->cloth_due)->getTimestamp(), $this->clock->now()),
            'by' => $pack->packer->name,
        ];
    }
}
