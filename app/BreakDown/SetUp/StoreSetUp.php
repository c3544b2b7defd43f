<?php

declare(strict_types=1);

namespace App\BreakDown\SetUp;

use App\Contract\Fault;
use App\Contract\Fields;
use App\Fish\Fish;
use App\Fish\History;
use App\Kitchen\Moment;
use App\Kitchen\Once;
use App\Kitchen\Person;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;
use Sectum\BreakDown\SetUp\Knife;
use Sectum\BreakDown\SetUp\Laid;
use Sectum\BreakDown\SetUp\SetUp;

/** Somebody set the board up for a lot. */
final readonly class StoreSetUp
{
    public function __construct(private ClockInterface $clock)
    {
    }

    public function __invoke(string $id, string $act, Fields $fields, Person $person): void
    {
        DB::connection()->transaction(function () use ($id, $act, $fields, $person): void {
            if (! Once::isNew($act, "set-up {$id}", $fields)) {
                return;
            }
            $fish = Fish::onTheBench($id);
            $sharpened = $fields->maybeString('sharpened_on');
            $board = Fault::within('', fn (): SetUp => new SetUp(
                array_map(Laid::from(...), $fields->strings('laid')),
                Knife::from($fields->string('knife')),
                $sharpened === null ? null : Moment::at($sharpened),
                Moment::day($this->clock->now()),
            ));
            BoardSetUp::query()->create([
                'id' => $act,
                'lot' => Fish::lot($fish->id, $fish->line_id),
                'laid' => implode(' ', array_map(fn (Laid $one): string => $one->value, $board->laid)),
                'knife' => $board->knife,
                'sharpened_on' => $board->sharpened?->format('Y-m-d'),
                'done_by' => $person->id,
                'done_at' => Moment::written($this->clock->now()),
            ]);
            History::that(
                "{$person->name} set the board up: {$board->knife->value} knife".
                    ($sharpened === null ? '.' : ", sharpened on {$sharpened}."),
                $fish,
                $person,
            );
        });
    }
}
