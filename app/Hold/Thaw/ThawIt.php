<?php

declare(strict_types=1);

namespace App\Hold\Thaw;

use App\Contract\Fault;
use App\Contract\Fields;
use App\Fish\History;
use App\Fish\Thermometer;
use App\Fish\Weighing;
use App\Hold\Freezing\RunItem;
use App\Hold\Freezing\StartRun;
use App\Hold\Kept\KeepPortions;
use App\Hold\Things\CustodyOf;
use App\Hold\Things\HeldThing;
use App\Hold\Things\HeldThings;
use App\Kitchen\Moment;
use App\Kitchen\Once;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;
use Sectum\Hold\Freezing\Surroundings;
use Sectum\Hold\Kept\KeptState;
use Sectum\Hold\Kept\LeavesAs;
use Sectum\Receive\Freshness;

/** Thaws cold what was frozen here: backwards from when it is needed, opened if it was packed without air, weighed. */
final readonly class ThawIt
{
    /** Fish thaws at 0 to 5 °C (tenths); in water in its bag it may be a little colder still. */
    private const COLDEST = 0;

    private const WARMEST = 50;

    public function __construct(
        private KeepPortions $keep,
        private StartRun $runs,
        private Packs $packs,
        private ClockInterface $clock,
    ) {
    }

    public function plan(string $id, Fields $fields, Person $person): void
    {
        $how =
            Surroundings::tryFrom("thaw {$fields->string('how')}") ??
            throw Fault::inField('/how', 'Fish thaws in still or moving air, or in water in its bag.');
        $ambient = (int) round(10 * $fields->number('ambient_c', 3.0));
        ($ambient >= self::COLDEST && $ambient <= self::WARMEST) ||
            throw Fault::inField('/ambient_c', 'Thaw at 0 to 5 °C. '.Freshness::CHECK);
        DB::connection()->transaction(function () use ($id, $fields, $how, $ambient, $person): void {
            if (! Once::isNew($id, 'thaw', $fields)) {
                return;
            }
            $item =
                RunItem::query()->with('run')->find($fields->string('item')) ??
                throw Fault::inField('/item', 'That was never frozen here.');
            Thaw::query()->where('item_id', $item->id)->whereNull('finished_at')->doesntExist() ||
                throw Fault::inField('/item', 'It is planned to thaw already.');
            Thaw::query()->where('item_id', $item->id)->whereNotNull('finished_at')->doesntExist() ||
                throw Fault::inField('/item', 'It was thawed already. Fish is not frozen and thawed twice.');
            $needed = $fields->maybeString('needed_at');
            Thaw::query()->create([
                'id' => $id,
                'number' => Thaw::nextNumber(),
                'item_id' => $item->id,
                'how' => $how,
                'thick_mm' => $fields->maybeNumber('thick_mm') ?? $item->run->thick_mm,
                'ambient_tenths' => $ambient,
                'needed_at' => $needed === null || $needed === '' ? null : Moment::written(Moment::at($needed)),
                'planned_by' => $person->id,
                'planned_at' => Moment::written($this->now()),
            ]);
        });
    }

    /** Out of the freezer. A pack without air is opened first. */
    public function start(string $id, Fields $fields, Person $person): void
    {
        $mass = $fields->has('weight')
            ? Weighing::read($fields->fields('weight'), Settings::load(), $person->units)->mass
            : null;
        DB::connection()->transaction(function () use ($id, $fields, $mass, $person): void {
            $thaw = Thaw::query()->with('item.run')->findOrFail($id);
            if ($thaw->started_at !== null) {
                return;
            }
            Fault::unlessLatest("thaw {$thaw->number}", $fields->int('version'), $thaw->version);
            $pack = $this->packs->withoutAir([$thaw->item])[$thaw->item_id] ?? null;
            $pack === null ||
                $fields->bool('opened') ||
                throw Fault::inField('/opened', 'It is packed without air: open the pack before it thaws.');
            if ($pack !== null) {
                $this->packs->opened($pack, $person);
            }
            if ($thaw->item->out_at === null && $thaw->item->run->ended_at === null) {
                $this->runs->takeOut(
                    $thaw->item->run_id,
                    $thaw->item_id,
                    new Fields(['why' => "Thaw {$thaw->number}"]),
                    $person,
                );
            }
            $thaw->update([
                'started_at' => Moment::written($this->now()),
                'opened' => $fields->bool('opened'),
                'before_mg' => $mass?->milligrams,
                'version' => $thaw->version + 1,
            ]);
        });
    }

    /** Its core was measured; what dripped off it was weighed; used within the house's days from now on. */
    public function finish(string $id, Fields $fields, Person $person): void
    {
        $core = Thermometer::read($fields->fields('temperature'));
        $core->shown->celsius() <= 5.0 ||
            throw Fault::inField('/temperature', 'Thawed fish is at 5 °C or below. Chill it, and measure again.');
        $mass = $fields->has('weight')
            ? Weighing::read($fields->fields('weight'), Settings::load(), $person->units)->mass
            : null;
        DB::connection()->transaction(function () use ($id, $fields, $core, $mass, $person): void {
            $thaw = Thaw::query()->with(['item.run', 'item.tray.pieces', 'item.piece'])->findOrFail($id);
            if ($thaw->finished_at !== null) {
                return;
            }
            Fault::unlessLatest("thaw {$thaw->number}", $fields->int('version'), $thaw->version);
            $thaw->started_at !== null || throw Fault::inField('/temperature', 'It has not begun to thaw.');
            $core->shown->celsius() >= -1.5 ||
                throw Fault::inField('/temperature', 'Below −1.5 °C the middle is still frozen.');
            ($mass === null || $thaw->before_mg === null || $mass->milligrams <= $thaw->before_mg) ||
                throw Fault::inField('/weight', 'It weighs more than before it thawed. Weigh it again.');
            $thaw->update([
                'finished_at' => Moment::written($this->now()),
                'core_tenths' => $core->shown->tenths,
                'measured' => $core->measured,
                'after_mg' => $mass?->milligrams,
                'finished_by' => $person->id,
                'version' => $thaw->version + 1,
            ]);
            // No later than the law has it: what it had left when it was frozen, from its thaw's beginning.
            $thing = new HeldThing($thaw->item->piece, $thaw->item->tray);
            $law = (new CustodyOf([$thing]))->limits($thing, $this->now())->until;
            $until = min(
                Moment::day($this->now())->modify('+'.(Settings::load()->hold->thawedDays - 1).' days'),
                Moment::day(Moment::at('@'.(60 * ($law ?? CustodyOf::minute($this->now()))))),
            );
            if ($thaw->item->batch_id !== null) {
                $this->keep->becomes(
                    $thaw->item->batch_id,
                    LeavesAs::Thawed,
                    KeptState::Thawed,
                    $until,
                    'House rule: thawed fish keeps so long. '.Freshness::CHECK,
                    $person,
                );
            }
            foreach ((new HeldThings([$thaw->item->thing()]))->all() as $fish) {
                if ($thaw->item->batch_id === null) {
                    $fish->update(['keeps_until' => Moment::written($until->setTime(23, 0))]);
                }
                History::that("{$person->name} thawed it (thaw {$thaw->number}).", $fish, $person);
            }
        });
    }

    private function now(): DateTimeImmutable
    {
        return $this->clock->now();
    }
}
