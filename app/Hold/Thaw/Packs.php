<?php

declare(strict_types=1);

namespace App\Hold\Thaw;

use App\Contract\Fault;
use App\Contract\Fields;
use App\Fish\Fish;
use App\Hold\Freezing\RunItem;
use App\Hold\Things\HeldThing;
use App\Hold\Things\HeldThings;
use App\Kitchen\Moment;
use App\Kitchen\Once;
use App\Kitchen\Person;
use DateInterval;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;
use Sectum\Fish\FatClass;
use Sectum\Hold\Pack\PackDate;
use Sectum\Hold\Pack\PackKind;
use Sectum\Receive\Freshness;

/** Packs: what is packed how, with which date, and opened when. */
final readonly class Packs
{
    public function __construct(private ClockInterface $clock)
    {
    }

    public function pack(string $id, Fields $fields, Person $person): void
    {
        $how = PackKind::from($fields->string('how'));
        DB::connection()->transaction(function () use ($id, $fields, $how, $person): void {
            if (! Once::isNew($id, 'pack', $fields)) {
                return;
            }
            $thing = HeldThing::chosen($fields);
            $things = new HeldThings([$thing]);
            $now = $this->clock->now();
            $ends = $thing->tray === null ? $things->ends($thing) : [Moment::day($thing->tray->use_by)];
            $date = Fault::within(
                '',
                fn (): PackDate => PackDate::of(
                    $how,
                    $this->isFrozen($thing),
                    self::fattest(array_map(fn (Fish $one): FatClass => $one->species->fat, $things->all())),
                    $now,
                    $ends === [] ? Moment::day($now) : min($ends),
                ),
            );
            $hours = $how->clothHours();
            Pack::query()->create([
                'id' => $id,
                'number' => Pack::nextNumber(),
                ...$thing->columns(),
                'how' => $how,
                'frozen' => $date->frozen,
                'use_by' => $date->day->format('Y-m-d'),
                'why_then' => ($date->frozen
                    ? 'Best before, frozen, by how fat it is: quality, not law. '
                    : 'What is packed ends then. ').Freshness::CHECK,
                'cloth_due' => $hours === null ? null : Moment::written($now->add(new DateInterval("PT{$hours}H"))),
                'packed_by' => $person->id,
                'packed_at' => Moment::written($now),
            ]);
        });
    }

    public function open(string $id, Person $person): void
    {
        DB::connection()->transaction(fn () => $this->opened(Pack::query()->findOrFail($id), $person));
    }

    public function opened(Pack $pack, Person $person): void
    {
        if ($pack->opened_at === null) {
            $pack->update(['opened_at' => Moment::written($this->clock->now()), 'opened_by' => $person->id]);
        }
    }

    /**
     * The unopened packs without air that frozen things are in.
     *
     * @param  list<RunItem>  $items
     * @return array<string, Pack> by item; an item in none is not in it
     */
    public function withoutAir(array $items): array
    {
        $packs = Pack::sealed()
            ->where(
                fn ($of) => $of
                    ->whereIn('piece_id', array_filter(array_column($items, 'piece_id'), is_string(...)))
                    ->orWhereIn('batch_id', array_filter(array_column($items, 'batch_id'), is_string(...))),
            )
            ->get();
        $in = [];
        foreach ($items as $item) {
            $pack = $packs->first(
                fn (Pack $one): bool => $one->piece_id === $item->piece_id && $one->batch_id === $item->batch_id,
            );
            if ($pack !== null) {
                $in[$item->id] = $pack;
            }
        }

        return $in;
    }

    /** Whether it lies in a freezing run now. */
    private function isFrozen(HeldThing $thing): bool
    {
        return RunItem::query()
            ->where(array_filter($thing->columns(), is_string(...)))
            ->whereNull('out_at')
            ->exists();
    }

    /** @param  array<array-key, FatClass>  $classes */
    private static function fattest(array $classes): FatClass
    {
        return match (true) {
            in_array(FatClass::Oily, $classes, true) => FatClass::Oily,
            in_array(FatClass::Medium, $classes, true) => FatClass::Medium,
            default => FatClass::Lean,
        };
    }
}
