<?php

declare(strict_types=1);

namespace App\Receive\Delivery;

use App\Contract\Fault;
use App\Contract\Fields;
use App\Fish\Fish;
use App\Fish\History;
use App\Fish\Stage;
use App\Kitchen\Person;
use Illuminate\Support\Facades\DB;

/** The head chef decides about a fish that was held. */
final readonly class Decide
{
    public function __invoke(string $id, Fields $fields, Person $person): Fish
    {
        $person->mustBeHeadChef('The head chef decides about fish that is held.');

        $take = $fields->bool('take');
        $why = trim($fields->maybeString('why') ?? '');

        return DB::connection()->transaction(function () use ($id, $take, $why, $fields, $person): Fish {
            $fish = Fish::query()
                ->with(['species', 'supplier', 'line.delivery', 'pieces.readings.void'])
                ->findOrFail($id);
            if ($fish->held === null) {
                throw Fault::conflict("{$fish->title()} is not held.", ['version' => $fish->version]);
            }
            $fish->mustBeAt($fields->int('version'));
            $held = $fish->held;
            $fish->fill([
                'held' => null,
                'not_it' => $take ? null : $fish->not_it,
                'refused' => $take ? null : $held,
                'stage' => match (true) {
                    ! $take => Stage::Refused,
                    $fish->line?->delivery->open === true => Stage::Receive,
                    default => Stage::BreakDown,
                },
            ]);
            $fish->changed();
            History::that(
                "{$person->name} ".
                    ($take ? 'accepted it anyway' : 'rejected it').
                    ($why === '' ? '.' : ": {$why}."),
                $fish,
                $person,
            );

            return $fish;
        });
    }
}
