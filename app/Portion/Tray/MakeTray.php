<?php

declare(strict_types=1);

namespace App\Portion\Tray;

use App\Contract\Fault;
use App\Contract\Fields;
use App\Fish\ColdClock;
use App\Fish\Fish;
use App\Fish\History;
use App\Fish\Piece;
use App\Fish\PortionsTrayed;
use App\Fish\SaidOfFish;
use App\Kitchen\Moment;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use App\Portion\Dish\Dish;
use App\Portion\MustBeBoned;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;
use Sectum\Fish\Part;
use Sectum\Portion\Label\UseBy;

/** Portions of one dish go onto a tray together; from then on the tray has a number, a date and labels. */
final readonly class MakeTray
{
    public function __construct(private ColdClock $cold, private ClockInterface $clock)
    {
    }

    public function __invoke(string $id, Fields $fields, Person $person): void
    {
        DB::connection()->transaction(function () use ($id, $fields, $person): void {
            $dish =
                Dish::query()->find($fields->string('dish')) ??
                throw Fault::inField('/dish', 'This dish is not on the list any more. Choose another.');
            $known = PortionTray::query()->with('pieces')->find($id);
            $asked = array_values(array_unique($fields->strings('pieces')));
            if ($known !== null) {
                $same = $known->dish_id === $dish->id && array_diff($asked, $known->pieces->modelKeys()) === [];
                $same ||
                    throw Fault::conflict("Tray {$known->number} was made with other portions.", [
                        'current' => $known->pieces->modelKeys(),
                    ]);

                return;
            }
            $pieces = Piece::query()->with('readings.void')->whereKey($asked)->get();
            $fish = Fish::query()
                ->with(['line', 'species', 'pieces'])
                ->whereKey($pieces->pluck('fish_id')->unique()->all())
                ->get()
                ->keyBy('id');
            foreach ($asked as $i => $one) {
                $piece = $pieces->firstWhere('id', $one);
                $usual = $piece === null ? null : $fish->get($piece->fish_id)?->dish_id;
                $fault = match (true) {
                    $piece === null ||
                        $piece->part !== Part::Portion ||
                        $piece->reading() === null => 'There is no such portion.',
                    $piece->batch_id !== null => "{$piece->name} lies on a tray already.",
                    $piece->bin !== null => "{$piece->name} was sent to a bin.",
                    ($piece->dish_id ?? $usual) !== $dish->id => "{$piece->name} was not cut for {$dish->name}.",
                    default => null,
                };
                $fault === null || throw Fault::inField("/pieces/{$i}", $fault);
            }
            self::mustBeWholeServings($dish, $pieces);
            foreach ($fish as $one) {
                $why = $this->cold->forbids($one, $dish->service->isRawByTheRules());
                $why === null || throw Fault::inField('/pieces', $why);
                MustBeBoned::beforeItGoesOn($one);
            }
            if ($dish->service->isRawByTheRules()) {
                self::mustBeOpenToRaw($pieces, $fish);
            }
            $taken = $pieces->map(fn (Piece $piece): string => $piece->reading()->taken_at ?? '')->sort()->values();
            $first = $taken[0] ?? Moment::written($this->clock->now());
            $use = $this->useBy($dish, array_values($fish->all()), $first);
            $batch = PortionTray::query()->create([
                'id' => $id,
                'number' => PortionTray::nextNumber(),
                'dish_id' => $dish->id,
                'made_by' => $person->id,
                'made_at' => Moment::written($this->clock->now()),
                'use_by' => $use->day->format('Y-m-d'),
                'why_then' => $use->why,
            ]);
            Piece::query()
                ->whereKey($asked)
                ->update(['batch_id' => $batch->id]);
            event(
                new PortionsTrayed(
                    $batch->id,
                    $dish->id,
                    count(PortionTray::inFull()->findOrFail($batch->id)->portions()),
                    $batch->use_by,
                    $batch->why_then,
                    Moment::date($first),
                    $person,
                ),
            );
            event(new SaidOfFish(array_map(fn (Fish $one): string => $one->id, array_values($fish->all()))));
            foreach ($fish as $one) {
                History::that(
                    "{$person->name} put ".
                        $pieces->where('fish_id', $one->id)->count().
                        ($dish->per_plate > 1 ? ' pieces' : ' portions').
                        " for {$dish->name} on tray {$batch->number}.",
                    $one,
                    $person,
                );
            }
        });
    }

    /** @param  Collection<int, Piece>  $pieces */
    private static function mustBeWholeServings(Dish $dish, Collection $pieces): void
    {
        foreach ($dish->per_plate > 1 ? $pieces : [] as $piece) {
            $there = $piece->serving_id === null ? 0 : $pieces->where('serving_id', $piece->serving_id)->count();
            $there === $dish->per_plate ||
                throw Fault::inField(
                    '/pieces',
                    "{$piece->name} lies on no whole plate. Put {$dish->per_plate} together first.",
                );
        }
    }

    /**
     * @param  Collection<int, Piece>  $pieces
     * @param  Collection<string, Fish>  $fish  by id
     */
    private static function mustBeOpenToRaw(Collection $pieces, Collection $fish): void
    {
        foreach ($pieces as $piece) {
            $of = $fish->get($piece->fish_id);
            $raw = $of?->rawService($piece);
            $raw === null ||
                $raw->open ||
                throw Fault::inField('/pieces', "{$of->title()}, {$piece->name}: {$raw->why}");
        }
    }

    /** @param  list<Fish>  $fish */
    private function useBy(Dish $dish, array $fish, string $first): UseBy
    {
        $now = $this->clock->now();
        $cut = Moment::at($first);
        $ends = [];
        foreach ($fish as $one) {
            foreach ([$one->keeps_until, $dish->service->isRawByTheRules() ? $one->raw_until : null] as $end) {
                if ($end !== null) {
                    $ends[] = Moment::day($end);
                }
            }
        }
        $use = UseBy::of(Moment::day($cut), $dish->service, $ends, Settings::load()->portionDays);
        $use->day >= Moment::day($now) ||
            throw Fault::inField(
                '/pieces',
                'These are past their date, '.
                    $use->day->format('j M').
                    '. They are not served any more; the head chef can only discard them.',
            );

        return $use;
    }
}
