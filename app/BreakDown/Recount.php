<?php

declare(strict_types=1);

namespace App\BreakDown;

use App\Kitchen\Person;
use App\Receive\Fish;
use App\Receive\Kept;
use App\Receive\WeightsChanged;
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
                Kept::that("{$person->name} counted again: {$count} fish, not {$fish->count}.", $fish, $person);
                $fish->count = $count;
                $fish->changed();
                event(new WeightsChanged($fish));
            }
        });
    }
}
