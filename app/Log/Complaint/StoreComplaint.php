<?php

declare(strict_types=1);

namespace App\Log\Complaint;

use App\Contract\Fault;
use App\Contract\Fields;
use App\Fish\Fish;
use App\Hold\Kept\HeldLot;
use App\Kitchen\Moment;
use App\Kitchen\Once;
use App\Kitchen\Person;
use App\Portion\Dish\Dish;
use App\Portion\Tray\PortionTray;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;
use Sectum\Log\Complaint\ComplaintKind;
use Sectum\Log\Complaint\ComplaintStep;

/** A complaint is written down, changed, and what is done about it added; siblings are held and let go. */
final readonly class StoreComplaint
{
    public function __construct(private ClockInterface $clock)
    {
    }

    public function __invoke(string $id, Fields $fields, Person $person): void
    {
        DB::connection()->transaction(function () use ($id, $fields, $person): void {
            $what = $this->read($fields);
            $known = Complaint::query()->find($id);
            if ($known === null) {
                $made = Complaint::query()->create([
                    'id' => $id,
                    'number' => Complaint::nextNumber(),
                    ...$what,
                    'written_by' => $person->id,
                    'written_at' => Moment::written($this->clock->now()),
                ]);
                if ($made->kind->holdsSiblings()) {
                    $this->holdSiblings($made, $person);
                }

                return;
            }
            $known->fill($what);
            if ($known->isDirty()) {
                Fault::unlessLatest("Complaint {$known->number}", $fields->int('version', 0), $known->version);
                $known->fill(['version' => $known->version + 1])->save();
            }
        });
    }

    public function step(string $id, string $act, Fields $fields, Person $person): void
    {
        DB::connection()->transaction(function () use ($id, $act, $fields, $person): void {
            $complaint = Complaint::query()->find($id) ?? throw Fault::notThere('There is no such complaint.');
            if (! Once::isNew($act, "complaint {$id}", $fields)) {
                return;
            }
            $step = ComplaintStep::from($fields->string('what'));
            $text = trim($fields->maybeString('text') ?? '');
            match ($step) {
                ComplaintStep::Held => $this->holdSiblings($complaint, $person),
                ComplaintStep::Released => $this->release($complaint, $text, $person),
                ComplaintStep::Answered, ComplaintStep::Noted => $this->write(
                    $complaint,
                    $step,
                    $text !== '' ? $text : throw Fault::inField('/text', 'Say what was answered or done.'),
                    $person,
                    $act,
                ),
                ComplaintStep::Closed => $this->write($complaint, $step, $text, $person, $act),
            };
        });
    }

    /** @return array<string, mixed> */
    private function read(Fields $fields): array
    {
        $tray = $fields->maybeString('tray');
        $fish = $fields->maybeString('fish');
        $dish = $fields->maybeString('dish');
        $tray === null ||
            PortionTray::query()->whereKey($tray)->exists() ||
            throw Fault::inField('/tray', 'There is no such tray.');
        $fish === null ||
            Fish::query()->whereKey($fish)->exists() ||
            throw Fault::inField('/fish', 'There is no such fish.');
        $dish === null || Dish::of($dish) !== null || throw Fault::inField('/dish', 'There is no such dish.');
        $tray !== null ||
            $fish !== null ||
            $dish !== null ||
            throw Fault::inField('/dish', 'Say which tray, fish or dish it was.');
        $day = $fields->maybeString('day') ?? Moment::date($this->clock->now());
        $day <= Moment::date($this->clock->now()) || throw Fault::inField('/day', 'That day has not come yet.');

        return [
            'kind' => ComplaintKind::from($fields->string('kind')),
            'said' => trim($fields->string('said')),
            'table_no' => trim($fields->maybeString('table') ?? ''),
            'guests' => $fields->int('guests', 1),
            'day' => $day,
            'tray_id' => $tray,
            'fish_id' => $fish,
            'dish_id' => $dish,
        ];
    }

    private function holdSiblings(Complaint $complaint, Person $person): void
    {
        $held = HeldLot::hold(Suspects::of($complaint)->lotsThere(), $complaint->why(), $person);
        if ($held > 0) {
            $this->write($complaint, ComplaintStep::Held, (string) $held, $person);
        }
    }

    private function release(Complaint $complaint, string $text, Person $person): void
    {
        $text !== '' || throw Fault::inField('/text', 'Say why they may be served.');
        $let = HeldLot::release($complaint->why());
        if ($let > 0) {
            $this->write($complaint, ComplaintStep::Released, $text, $person);
        }
    }

    private function write(
        Complaint $complaint,
        ComplaintStep $step,
        string $text,
        Person $person,
        ?string $act = null,
    ): void {
        ComplaintEntry::query()->create([
            ...$act === null ? [] : ['id' => $act],
            'complaint_id' => $complaint->id,
            'what' => $step,
            'text' => $text,
            'written_by' => $person->id,
            'written_at' => Moment::written($this->clock->now()),
        ]);
    }
}
