<?php

declare(strict_types=1);

namespace App\Hold\Now;

use App\Fish\Fish;
use App\Hold\Exposure\Clocks;
use App\Hold\Freezing\FreezingRun;
use App\Hold\Kept\KeptTray;
use App\Hold\Places\Place;
use App\Hold\Places\TemperatureReading;
use App\Hold\Thaw\Thaw;
use App\Hold\Treatment\Treating;
use App\Hold\Treatment\TreatingView;
use App\Kitchen\Moment;
use App\Kitchen\Settings;
use App\Route\Batches\CoolingReading;
use App\Route\Batches\FoodBatch;
use DateTimeImmutable;
use DateTimeInterface;
use Psr\Clock\ClockInterface;
use Sectum\Hold\Exposure\Verdict;
use Sectum\Hold\Places\Range;
use Sectum\Route\Batches\Cooling;

/**
 * Everything that runs or is due, the next first: what the line above the spine says on every tablet, and what the
 * timeline draws. A handful of rows of each kind is read, however long the house's log is.
 */
final readonly class NowList
{
    private const MOST = 40;

    /** Batches that may still be cooling were made so lately, hours. */
    private const COOLS = 10;

    public function __construct(private TreatingView $treatings, private Clocks $clocks, private ClockInterface $clock)
    {
    }

    /** @return Answer */
    public function all(): array
    {
        $now = $this->clock->now();
        $things = [
            ...$this->treated($now),
            ...$this->cooling($now),
            ...$this->out($now),
            ...$this->freezing(),
            ...$this->thawing($now),
            ...$this->places($now),
            ...$this->trays($now),
        ];
        usort(
            $things,
            fn (NowThing $a, NowThing $b): int => [$b->urgent, $a->due ?? PHP_INT_MAX] <=> [
                $a->urgent,
                $b->due ?? PHP_INT_MAX,
            ],
        );

        return [
            'now' => $now->getTimestamp(),
            'things' => array_map(fn (NowThing $one): array => get_object_vars($one), $things),
        ];
    }

    /** @return list<NowThing> */
    private function treated(DateTimeImmutable $now): array
    {
        $things = [];
        $going = Treating::query()
            ->with('marks')
            ->whereNull('after_mg')
            ->orderByDesc('number')
            ->limit(self::MOST)
            ->get();
        foreach ($going as $one) {
            $clock = $this->treatings->running($one);
            $name = "{$one->asMade()->name} {$one->number}";
            if ($clock === null) {
                $things[] = new NowThing("treating {$one->id}", 'made-up', $name, "/hold/treatings/{$one->id}");

                continue;
            }
            if ($one->ended_at !== null) {
                $things[] = new NowThing(
                    "weigh {$one->id}",
                    'weigh',
                    $name,
                    "/hold/treatings/{$one->id}",
                    $clock->from,
                    due: Moment::at($one->ended_at)->getTimestamp(),
                    urgent: true,
                );

                continue;
            }
            $turn = $clock->turn;
            $things[] = new NowThing(
                "treating {$one->id}".($turn === null ? '' : " {$turn}"),
                $turn !== null ? 'turn' : 'treatment',
                $name,
                "/hold/treatings/{$one->id}",
                $clock->from,
                $clock->early,
                $turn ?? $clock->due,
                $clock->late,
                ($turn ?? $clock->due) <= $now->getTimestamp(),
            );
        }

        return $things;
    }

    /** @return list<NowThing> */
    private function cooling(DateTimeImmutable $now): array
    {
        $things = [];
        $batches = FoodBatch::query()
            ->with('coolings')
            ->whereNull('gone')
            ->where('made_at', '>=', Moment::written($now->modify('-'.self::COOLS.' hours')))
            ->limit(self::MOST)
            ->get();
        foreach ($batches as $batch) {
            if (! $batch->asMade()->hot) {
                continue;
            }
            $cooling = Cooling::of(
                array_map(fn (CoolingReading $one) => $one->core(), array_values($batch->coolings->all())),
                $now,
                Settings::load()->cooling,
            );
            if ($cooling->nextBy !== null) {
                $first = $batch->coolings->first();
                $things[] = new NowThing(
                    "cooling {$batch->id} {$cooling->nextBy->getTimestamp()}",
                    'cooling',
                    "{$batch->asMade()->name} {$batch->number}",
                    "/route/batches/{$batch->id}",
                    Moment::at($first->taken_at ?? $batch->made_at)->getTimestamp(),
                    due: $cooling->nextBy->getTimestamp(),
                    urgent: $cooling->nextBy <= $now->modify('+10 minutes'),
                );
            }
        }

        return $things;
    }

    /** @return list<NowThing> */
    private function out(DateTimeImmutable $now): array
    {
        $fish = Fish::query()
            ->with('species')
            ->whereNotNull('out_since')
            ->orderBy('out_since')
            ->limit(self::MOST)
            ->get();
        if ($fish->isEmpty()) {
            return [];
        }
        $times = Clocks::times(array_values($fish->all()));
        $room = Clocks::room(array_values($fish->all()));
        $things = [];
        foreach ($fish as $one) {
            $clock = $this->clocks->clockOf($times, $one, $room);
            $due = $now->getTimestamp() + (int) round(60 * $clock->left);
            $things[] = new NowThing(
                "out {$one->id} {$one->out_since}",
                'out',
                $one->title(),
                "/{$one->stage->value}/{$one->id}",
                Moment::at((string) $one->out_since)->getTimestamp(),
                due: $due,
                late: $due,
                urgent: $clock->verdict !== Verdict::Within,
                fish: $one->id,
            );
        }

        return $things;
    }

    /** @return list<NowThing> */
    private function freezing(): array
    {
        return array_map(
            fn (FreezingRun $run): NowThing => new NowThing(
                "freezing {$run->id}",
                'freezing',
                "{$run->place->name} {$run->number}",
                "/hold/freezing/{$run->id}",
                $run->loadedS(),
                due: $run->due_at === null ? null : Moment::at($run->due_at)->getTimestamp(),
            ),
            array_values(
                FreezingRun::query()
                    ->with('place')
                    ->whereNull('ended_at')
                    ->orderByDesc('number')
                    ->limit(self::MOST)
                    ->get()
                    ->all(),
            ),
        );
    }

    /** @return list<NowThing> */
    private function thawing(DateTimeImmutable $now): array
    {
        $things = [];
        $at = fn (?DateTimeInterface $moment): ?int => $moment?->getTimestamp();
        foreach (Thaw::query()->whereNull('finished_at')->orderByDesc('number')->limit(self::MOST)->get() as $thaw) {
            $begins = $thaw->started_at === null;
            $due = $at($begins ? $thaw->beginBy() : $thaw->thawedBy());
            $things[] = new NowThing(
                "thaw {$thaw->id} ".($begins ? 'begin' : 'end'),
                $begins ? 'thaw-begin' : 'thaw',
                "Thaw {$thaw->number}",
                '/hold/thaw',
                $begins ? $due : Moment::at($thaw->started_at)->getTimestamp(),
                due: $due,
                late: $thaw->needed_at === null ? null : Moment::at($thaw->needed_at)->getTimestamp(),
                urgent: $due !== null && $due <= $now->getTimestamp(),
            );
        }

        return $things;
    }

    /** @return list<NowThing> places that are due, silent or out of range longer than a door is open */
    private function places(DateTimeImmutable $now): array
    {
        $things = [];
        $at = $now->getTimestamp();
        $door = (int) (60 * Settings::load()->hold->doorMinutes);
        $places = Place::query()->whereNull('retired_at')->limit(self::MOST)->get();
        $last = array_intersect_key(TemperatureReading::lastRead(), array_flip($places->modelKeys()));
        $lately = TemperatureReading::upTo($last, $door);
        foreach ($places as $place) {
            $read = $last[$place->id] ?? null;
            $due = $place->dueS($read, $at);
            if ($due !== null && $due <= $at + 3600) {
                $things[] = new NowThing(
                    "place {$place->id} {$due}",
                    'read',
                    $place->name,
                    '/hold/places',
                    due: $due,
                    urgent: $due <= $at,
                );
            }
            if ($place->isSilent($read, $at)) {
                $things[] = new NowThing("silent {$place->id}", 'silent', $place->name, '/hold/places', urgent: true);
            }
            if ($read !== null && self::isOut($place, $lately[$place->id] ?? [])) {
                $things[] = new NowThing(
                    "range {$place->id}",
                    'range',
                    $place->name,
                    '/hold/places',
                    due: $read - $door,
                    urgent: true,
                );
            }
        }

        return $things;
    }

    /**
     * Whether every reading of it was out of range.
     *
     * @param  list<float>  $celsius
     */
    private static function isOut(Place $place, array $celsius): bool
    {
        foreach ($celsius as $one) {
            if ($place->limits()->judge($one) === Range::Within) {
                return false;
            }
        }

        return true;
    }

    /** @return list<NowThing> */
    private function trays(DateTimeImmutable $now): array
    {
        $ends = KeptTray::there()->where('until', '<=', Moment::date($now))->get();
        $past = $ends->where('until', '<', Moment::date($now))->count();
        $things = [];
        if ($past > 0) {
            $things[] = new NowThing("past {$past}", 'past', (string) $past, '/hold/kept', urgent: true);
        }
        if ($ends->count() > $past) {
            $today = $ends->count() - $past;
            $things[] = new NowThing("ends {$today}", 'ends', (string) $today, '/hold/kept');
        }

        return $things;
    }
}
