<?php

declare(strict_types=1);

namespace App\BreakDown\CleanDown;

use App\Contract\Fault;
use App\Contract\Fields;
use App\Fish\Fish;
use App\Fish\History;
use App\Kitchen\Moment;
use App\Kitchen\Once;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;

/** Somebody cleaned the board down; it counts from then on, for every fish. */
final readonly class StoreCleanDown
{
    public function __construct(private ClockInterface $clock)
    {
    }

    public function __invoke(string $fish, string $id, Fields $fields, Person $person): void
    {
        DB::connection()->transaction(function () use ($fish, $id, $fields, $person): void {
            if (! Once::isNew($id, 'clean-down', $fields)) {
                return;
            }
            $onBoard = Fish::onTheBench($fish);
            $by = self::by($fields->maybeString('by'), $person);
            $ppm = $fields->has('sanitiser_ppm') ? $fields->number('sanitiser_ppm', 0) : null;
            if ($ppm === null && Settings::load()->asksSanitiser) {
                throw Fault::inField('/sanitiser_ppm', 'This house asks for the strip: dip one and type what it says.');
            }
            $what = array_values($fields->fields('what')->texts());
            CleanedDown::rows()->insert([
                'id' => $id,
                'what' => implode(' ', $what),
                'sanitiser_ppm' => $ppm,
                'fish_id' => $onBoard->id,
                'done_by' => $by->id,
                'written_by' => $person->id,
                'done_at' => Moment::written($this->clock->now()),
            ]);
            History::that(
                "{$by->name} cleaned down: ".implode(', ', $what).($ppm === null ? '.' : "; sanitiser {$ppm} ppm."),
                $onBoard,
                $person,
            );
        });
    }

    /** @throws Fault when nobody here is called so */
    private static function by(?string $id, Person $person): Person
    {
        return $id === null
            ? $person
            : Person::query()->whereKey($id)->whereNull('disabled_at')->first() ??
                throw Fault::inField('/by', 'Say who cleaned down: somebody of this kitchen.');
    }
}
