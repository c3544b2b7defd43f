<?php

declare(strict_types=1);

namespace App\Hold\Kept;

use App\Contract\Fault;
use App\Contract\Fields;
use App\Fish\PortionsTrayed;
use App\Kitchen\Moment;
use App\Kitchen\Once;
use App\Kitchen\Person;
use App\Kitchen\Role;
use App\Kitchen\Settings;
use App\Portion\Dish\Dish;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Psr\Clock\ClockInterface;
use Sectum\Hold\Kept\DrawnPortions;
use Sectum\Hold\Kept\KeptLedger;
use Sectum\Hold\Kept\KeptState;
use Sectum\Hold\Kept\LeavesAs;
use Sectum\Hold\Kept\TakenPortions;

/** Portions come in with their tray, and leave: served, to another dish, eaten by the staff, thrown away. */
final readonly class KeepPortions
{
    /** From this hour on a service is the evening's. */
    private const EVENING = 16;

    public function __construct(private ClockInterface $clock)
    {
    }

    public function trayed(PortionsTrayed $trayed): void
    {
        KeptTray::query()->create([
            'id' => $trayed->tray,
            'tray_id' => $trayed->tray,
            'dish_id' => $trayed->dish,
            'count' => $trayed->count,
            'until' => $trayed->until,
            'why_then' => $trayed->why,
            'cut_on' => $trayed->cutOn,
            'put_by' => $trayed->by->id,
            'put_at' => Moment::written($this->now()),
        ]);
    }

    /** So many of a dish leave, of what ends first, or of a tray that is named. */
    public function out(string $dish, string $act, Fields $fields, Person $person): void
    {
        $how = LeavesAs::from($fields->string('how'));
        $reason = trim($fields->maybeString('reason') ?? '');
        ! $how->wantsReason() || $reason !== '' || throw Fault::inField('/reason', 'Give the reason.');
        DB::connection()->transaction(function () use ($dish, $act, $fields, $how, $reason, $person): void {
            $of = Dish::of($dish) ?? throw Fault::notThere('There is no such dish.');
            if (! Once::isNew($act, "kept {$dish}", $fields)) {
                return;
            }
            $drawn = $this->draw(
                self::ledger($of->id),
                $of->id,
                $fields->int('count'),
                $how,
                $fields->maybeString('lot'),
            );
            foreach ($drawn as $one) {
                ! $one->lot->isPast(Moment::day($this->now())) ||
                    $person->role === Role::HeadChef ||
                    throw Fault::inField('/lot', 'Its date is past: the head chef throws it away.');
            }
            $this->write($act, $drawn, $how, $reason, $person);
            if ($how === LeavesAs::Moved) {
                $this->moved($drawn, Dish::chosen($fields->maybeString('to') ?? ''), $of, $person);
            }
        });
    }

    /** What was pressed by mistake is taken back. */
    public function undo(string $act, string $undoes, Person $person): void
    {
        DB::connection()->transaction(function () use ($act, $undoes, $person): void {
            if (! Once::isNew($act, 'kept undone', $undoes)) {
                return;
            }
            $left = KeptLeaving::query()->where('act', $undoes)->get();
            $left->isNotEmpty() || throw Fault::notThere('There is nothing to undo.');
            KeptLeaving::query()->where('undoes', $undoes)->doesntExist() ||
                throw Fault::conflict('It was taken back already.');
            in_array($left[0]->how, [LeavesAs::Served, LeavesAs::StaffMeal, LeavesAs::Discarded], true) ||
                throw Fault::conflict('That cannot be undone here: what became of it has a tray of its own.');
            foreach ($left as $one) {
                KeptLeaving::query()->create([
                    'act' => $act,
                    'lot_id' => $one->lot_id,
                    'how' => $one->how,
                    'count' => -$one->count,
                    'undoes' => $undoes,
                    'service' => $one->service,
                    'reason' => 'Undone',
                    'left_by' => $person->id,
                    'left_at' => Moment::written($this->now()),
                ]);
            }
        });
    }

    /**
     * All that is left of a tray lies there in another state from now on, under another date.
     *
     * @param  LeavesAs  $how  frozen, thawed or treated
     */
    public function becomes(
        string $tray,
        LeavesAs $how,
        KeptState $state,
        DateTimeImmutable $until,
        string $why,
        Person $person,
    ): void {
        $act = (string) Str::ulid();
        foreach (KeptTray::there()->where('tray_id', $tray)->get() as $lot) {
            $this->write($act, [new DrawnPortions($lot->lot(), $lot->left())], $how, '', $person);
            $this->put($lot, $lot->dish_id, $lot->left(), $state, $until->format('Y-m-d'), $why, $person);
        }
    }

    /** @param  list<DrawnPortions>  $drawn */
    private function moved(array $drawn, Dish $to, Dish $from, Person $person): void
    {
        $to->id !== $from->id || throw Fault::inField('/to', "They are for {$from->name} already.");
        foreach ($drawn as $one) {
            $lot = KeptTray::query()->findOrFail($one->lot->id);
            $raw = $to->service->isRawByTheRules() && ! $from->service->isRawByTheRules();
            ! $raw ||
                throw Fault::inField(
                    '/to',
                    "{$to->name} is raw by the rules, {$from->name} is cooked: put these on a tray for it instead.",
                );
            $this->put($lot, $to->id, $one->count, $lot->state, $lot->until, $lot->why_then, $person);
        }
    }

    private function put(
        KeptTray $from,
        string $dish,
        int $count,
        KeptState $state,
        string $until,
        string $why,
        Person $person,
    ): void {
        KeptTray::query()->create([
            'tray_id' => $from->tray_id,
            'from_id' => $from->id,
            'dish_id' => $dish,
            'count' => $count,
            'state' => $state,
            'until' => $until,
            'why_then' => $why,
            'cut_on' => $from->cut_on,
            'put_by' => $person->id,
            'put_at' => Moment::written($this->now()),
        ]);
    }

    /** @return list<DrawnPortions> */
    private function draw(KeptLedger $ledger, string $dish, int $count, LeavesAs $how, ?string $lot): array
    {
        $today = Moment::day($this->now());
        $why = $lot === null ? null : HeldLot::why($lot);
        $why === null || throw Fault::inField('/lot', "It is held back: {$why}.");

        return Fault::within(
            '',
            fn (): TakenPortions => $lot === null
                ? $ledger->take($dish, $count, $how, $today)
                : $ledger->draw($lot, $count, $how, $today),
        )->drawn;
    }

    /** @param  list<DrawnPortions>  $drawn */
    public function write(string $act, array $drawn, LeavesAs $how, string $reason, Person $person): void
    {
        foreach ($drawn as $one) {
            KeptLeaving::query()->create([
                'act' => $act,
                'lot_id' => $one->lot->id,
                'how' => $how,
                'count' => $one->count,
                'service' => self::service($this->now()),
                'reason' => $reason,
                'left_by' => $person->id,
                'left_at' => Moment::written($this->now()),
            ]);
        }
    }

    /** @param  bool  $held  whether what is held back counts: it lies there, and is not served */
    public static function ledger(?string $dish = null, bool $held = false): KeptLedger
    {
        $there = $held ? KeptTray::there() : KeptTray::there()->whereNotIn('kept_lots.id', HeldLot::now());
        $lots = $dish === null ? $there->get() : $there->where('dish_id', $dish)->get();

        return KeptLedger::of(array_map(fn (KeptTray $one) => $one->lot(), array_values($lots->all())));
    }

    /** "midday" or "evening" */
    public static function service(DateTimeImmutable $at): string
    {
        return (int) $at->format('G') >= self::EVENING ||
            (int) $at->format('G') < Settings::load()->time->dayEnds
            ? 'evening'
            : 'midday';
    }

    private function now(): DateTimeImmutable
    {
        return $this->clock->now();
    }
}
