<?php

declare(strict_types=1);

namespace App\Log\Find;

use App\Contract\Fault;
use App\Fish\Fish;
use App\Fish\History;
use App\Fish\Stage;
use App\Fish\WeightsChanged;
use App\Kitchen\Person;
use Illuminate\Support\Facades\DB;

/** The head chef takes a closed fish out of the log and lays it back on the board. */
final readonly class Reopen
{
    public function __invoke(string $id, int $version, string $why, Person $person): void
    {
        $person->mustBeHeadChef('The head chef opens a closed fish again.');
        DB::connection()->transaction(function () use ($id, $version, $why, $person): void {
            $fish = Fish::onTheBench($id);
            if ($fish->stage !== Stage::Log) {
                throw Fault::conflict("{$fish->title()} is not closed.", ['version' => $fish->version]);
            }
            $fish->mustBeAt($version);
            $fish->fill(['stage' => Stage::BreakDown, 'broken_down' => false]);
            $fish->changed();
            event(new WeightsChanged($fish));
            History::that("{$person->name} opened it again: {$why}.", $fish, $person);
        });
    }
}
