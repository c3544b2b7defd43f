<?php

declare(strict_types=1);

namespace App\BreakDown;

use App\Fish\Fish;
use App\Fish\History;
use App\Fish\WeightsChanged;
use App\Kitchen\Person;
use Illuminate\Support\Facades\DB;

/** A batch whose count was wrong: mended, with both counts in its history. */
final readonly class Recount
{
    public function __invoke(string $id, int $count, int $version, Person $person): void
    {
        DB::connection()->transaction(function () use ($id, $count, $version, $person): void {
            $fish = Fish::onTheBench($id);
            $fish->mustBeOpen();
            $fish->mustBeAt($version);
            if ($fish->count !== $count) {
                History::that("{$person->name} counted again: {$count} fish, not {$fish->count}.", $fish, $person);
                $fish->count = $count;
                $fish->changed();
                event(new WeightsChanged($fish));
            }
            $fish->staysOnTheBench();
        });
    }
}
