<?php

declare(strict_types=1);

namespace App\Hold\Freezing;

use App\Hold\Places\Place;
use App\Hold\Places\PlacesView;
use App\Hold\Places\ProbeFault;
use App\Hold\Things\HeldThing;
use App\Hold\Things\HeldThings;
use App\Kitchen\Format\Words;
use App\Kitchen\Moment;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use DateTimeImmutable;
use Psr\Clock\ClockInterface;
use Sectum\Hold\Freezing\FreezeCheck;
use Sectum\Hold\Freezing\FreezeRecord;
use Sectum\Hold\Freezing\FreezeRule;
use Sectum\Hold\Freezing\RuleMet;
use Sectum\Hold\Freezing\Wrap;
use Sectum\Hold\Line;
use Sectum\Hold\Point;
use Sectum\Hold\Stretch;
use Sectum\Measure\Temperature;
use Sectum\Message;
use Sectum\Receive\Freshness;

/** Freezing runs: those that go on, those that ended, and one in full with its record. */
final readonly class RunView
{
    private const SHOWN = 30;

    /** Points of a curve. */
    private const POINTS = 320;

    /** Stretches drawn for a rule. */
    private const STRETCHES = 40;

    /** Air a freezer is taken to have while nothing was read, °C: the trade's usual. */
    private const USUAL_C = -18.0;

    public function __construct(private ClockInterface $clock)
    {
    }

    /** @return Answer */
    public function all(Person $person): array
    {
        $words = new Words($person->units, Settings::load()->scaleStep);
        $now = $this->now();
        $all = FreezingRun::query()->with(['place', 'starter', 'items'])->orderByDesc('number');
        $runs = $all->clone()->whereNull('ended_at')->get();
        $runs = $runs->concat($all->clone()->whereNotNull('ended_at')->limit(self::SHOWN)->get());

        return [
            'runs' => array_map(
                fn (FreezingRun $run): array => [
                    'id' => $run->id,
                    'number' => $run->number,
                    'purpose' => $run->purpose,
                    'place' => $run->place->name,
                    'since' => PlacesView::when($run->loadedS(), $now),
                    'by' => $run->starter->name,
                    'things' => $run->items->count(),
                    'open' => $run->items->whereNotNull('rule_met')->count(),
                    'ended' => $run->ended_at === null
                        ? null
                        : PlacesView::when(Moment::at($run->ended_at)->getTimestamp(), $now),
                ],
                array_values($runs->all()),
            ),
            'places' => array_map(
                fn (Place $place): array => [
                    'id' => $place->id,
                    'name' => $place->name,
                    'logged' => $place->isLogged(),
                    'probe_free' => ! $runs->contains(
                        fn (FreezingRun $run): bool => $run->place_id === $place->id &&
                            $run->core_probe &&
                            $run->ended_at === null,
                    ),
                ],
                array_values(
                    Place::query()
                        ->whereNull('retired_at')
                        ->orderBy('name')
                        ->get()
                        ->filter(fn (Place $place): bool => $place->kind->freezes())
                        ->all(),
                ),
            ),
            'rules' => array_map(
                fn (FreezeRule $rule): array => [
                    'code' => $rule->value,
                    'text' => $words->say(new Message($rule)),
                    'core' => $rule->ofTheCore(),
                ],
                FreezeRule::cases(),
            ),
            'wraps' => array_column(Wrap::cases(), 'value'),
            'check' => Freshness::CHECK,
        ];
    }

    /** @return Answer */
    public function one(string $id, Person $person): array
    {
        $words = new Words($person->units, Settings::load()->scaleStep);
        $run = FreezingRun::query()
            ->with([
                'place',
                'starter',
                'solidSayer',
                'items.remover',
                'items.piece',
                'items.tray.dish',
                'items.tray.pieces',
            ])
            ->findOrFail($id);
        $now = $this->now();
        $record = $run->record($run->loaded_at, null);
        $check = FreezeCheck::of($record);
        $things = new HeldThings($run->items->map(fn (RunItem $item): HeldThing => $item->thing()));
        $until = $run->ended_at === null ? $now : Moment::at($run->ended_at);

        return [
            'id' => $run->id,
            'number' => $run->number,
            'version' => $run->version,
            'purpose' => $run->purpose,
            'place' => $run->place->name,
            'place_id' => $run->place_id,
            'logged' => $run->place->isLogged(),
            'loaded' => PlacesView::when($run->loadedS(), $now),
            'ended' => $run->ended_at === null ? null : PlacesView::when($until->getTimestamp(), $now),
            'minutes' => max(1.0, ($until->getTimestamp() - $run->loadedS()) / 60),
            'by' => $run->starter->name,
            'core_probe' => $run->core_probe,
            'wrap' => $run->wrap->value,
            'thickness' => $run->thick_mm === null ? null : $words->across($run->thick_mm),
            'accuracy' => number_format($run->accuracy_tenths / 10, 1, '.', ''),
            'max_gap' => $run->max_gap_minutes,
            'solid' => $run->solid_at === null
                ? null
                : [
                    'at' => PlacesView::when(Moment::at($run->solid_at)->getTimestamp(), $now),
                    'by' => $run->solidSayer->name ?? '',
                ],
            'asks_solid' => $this->asksSolid($run),
            'rules' => array_map(
                fn (FreezeRule $rule): array => self::rule($check->rules[$rule->value], $run, $words, $now),
                $run->asked(),
            ),
            'items' => array_map(
                fn (RunItem $item): array => [
                    'id' => $item->id,
                    'name' => $things->name($item->thing()),
                    'lots' => $things->lots($item->thing()),
                    'since' => PlacesView::when(Moment::at($item->added_at)->getTimestamp(), $now),
                    'later' => $item->added_at !== $run->loaded_at,
                    'out' => $item->out_at === null
                        ? null
                        : [
                            'at' => PlacesView::when(Moment::at($item->out_at)->getTimestamp(), $now),
                            'why' => (string) $item->out_why,
                            'by' => $item->remover->name ?? '',
                        ],
                    'rule' => $item->rule_met === null ? null : $words->say(new Message($item->rule_met)),
                    'best_before' => $item->bestBefore($things->fish($item->thing()))->format('j M Y'),
                ],
                array_values($run->items->all()),
            ),
            'air' => self::curve($record->air, $run, $until),
            'core' => self::curve($record->core, $run, $until),
            'shows' => [
                'air' => self::last($record->air, $run, $words),
                'core' => self::last($record->core, $run, $words),
            ],
            'middle' => self::middle($run, $record, $now),
            'refused' => array_map(
                fn (ProbeFault $fault): array => [
                    'at' => PlacesView::when($fault->at_s, $now),
                    'say' => $words->say(new Message($fault->why, ['said' => $fault->said])),
                ],
                array_values(
                    ProbeFault::query()
                        ->where('place_id', $run->place_id)
                        ->where('at_s', '>=', $run->loadedS())
                        ->where('at_s', '<=', $until->getTimestamp())
                        ->limit(self::SHOWN)
                        ->get()
                        ->sortBy('at_s')
                        ->all(),
                ),
            ),
            'check' => Freshness::CHECK,
        ];
    }

    /** Only a rule that counts from solid wants to know, and only where no probe tells. */
    private function asksSolid(FreezingRun $run): bool
    {
        return ! $run->core_probe &&
            array_filter($run->asked(), fn (FreezeRule $rule): bool => $rule->fromSolid()) !== [];
    }

    /** @return Answer */
    private static function rule(RuleMet $met, FreezingRun $run, Words $words, DateTimeImmutable $now): array
    {
        $at = fn (?float $minute): string => $minute === null
            ? ''
            : PlacesView::when($run->loadedS() + 60 * $minute, $now);

        return [
            'code' => $met->rule->value,
            'text' => $words->say(new Message($met->rule)),
            'met' => $met->met,
            'met_at' => $met->metMinute === null ? null : $at($met->metMinute),
            'met_minute' => $met->metMinute,
            'longest' => Words::span($met->longestMinutes),
            'needed' => Words::span($met->rule->neededMinutes()),
            'needed_minutes' => $met->rule->neededMinutes(),
            'level_c' => $met->rule->celsius(),
            'level' => $words->degrees(Temperature::ofCelsius($met->rule->celsius())),
            'breaks_above' => $words->degrees(
                Temperature::ofCelsius($met->rule->celsius() - $run->accuracy_tenths / 10),
            ),
            'of_core' => $met->rule->ofTheCore(),
            'due' => $met->dueMinute === null ? null : $at($met->dueMinute),
            'missing' => $met->missing === null
                ? null
                : [
                    'code' => $met->missing->code->value,
                    'say' => $words->say(
                        new Message($met->missing->code, [
                            'from' => $at($met->missing->from),
                            'to' => $at($met->missing->to),
                        ]),
                    ),
                ],
            'stretches' => array_map(
                fn (Stretch $one): array => ['from' => max(0.0, $one->from), 'to' => $one->to],
                array_slice($met->stretches, -self::STRETCHES),
            ),
        ];
    }

    /**
     * Of each slot of time the warmest, so that no door is lost.
     *
     * @return list<array{minute: float, celsius: float, breaks: bool}> breaks where a silence lies before it
     */
    private static function curve(Line $line, FreezingRun $run, DateTimeImmutable $until): array
    {
        $each = max(1.0, ($until->getTimestamp() - $run->loadedS()) / 60 / self::POINTS);
        $more = $run->accuracy_tenths / 10;
        $curve = [];
        foreach ($line->runs as $i => $part) {
            $slots = [];
            foreach ($part as $point) {
                if ($point->minute < 0) {
                    continue;
                }
                $slot = (int) floor($point->minute / $each);
                if (! isset($slots[$slot]) || $slots[$slot]->celsius < $point->celsius) {
                    $slots[$slot] = $point;
                }
            }
            foreach (array_values($slots) as $j => $point) {
                $curve[] = [
                    'minute' => $point->minute,
                    // As it was read: the accuracy is added for judging alone.
                    'celsius' => round($point->celsius - $more, 1),
                    'breaks' => $i > 0 && $j === 0,
                ];
            }
        }

        return $curve;
    }

    private static function last(Line $line, FreezingRun $run, Words $words): ?string
    {
        $last = $line->last();

        return $last === null
            ? null
            : $words->degrees(Temperature::ofCelsius($last->celsius - $run->accuracy_tenths / 10));
    }

    /** @return Answer|null when the middle should be frozen: an estimate, and no evidence; null where nobody can say */
    private static function middle(FreezingRun $run, FreezeRecord $record, DateTimeImmutable $now): ?array
    {
        $air = $record->air->runs === []
            ? []
            : array_map(
                fn (Point $point): float => $point->celsius - $run->accuracy_tenths / 10,
                array_merge(...$record->air->runs),
            );
        $factor = (float) $run->place->house_factor;
        $hours = LearnFactor::expected(
            $run,
            $run->place,
            $air === [] ? self::USUAL_C : array_sum($air) / count($air),
            $factor,
        );

        return $hours === null
            ? null
            : [
                'by' => PlacesView::when($run->loadedS() + 3600 * $hours, $now),
                'hours' => number_format($hours, 1, '.', ''),
                'minute' => 60 * $hours,
                'learned' => $run->place->house_factor !== '1',
            ];
    }

    private function now(): DateTimeImmutable
    {
        return DateTimeImmutable::createFromInterface($this->clock->now());
    }
}
