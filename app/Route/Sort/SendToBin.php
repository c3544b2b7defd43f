<?php

declare(strict_types=1);

namespace App\Route\Sort;

use App\Contract\Fault;
use App\Fish\Fish;
use App\Fish\History;
use App\Fish\MoveOn;
use App\Fish\Piece;
use App\Fish\Stage;
use App\Kitchen\Format\Words;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use App\Route\Bins\Deposits;
use Illuminate\Support\Facades\DB;
use Sectum\Fish\Bin;
use Sectum\Fish\Part;

/** One part goes somewhere else than it usually does; or all the rest go where they usually go. */
final readonly class SendToBin
{
    public function __construct(private Deposits $deposits, private MoveOn $moveOn)
    {
    }

    /** @param  Bin|null  $bin  null takes a light portion back to its plate */
    public function __invoke(string $fish, string $piece, ?Bin $bin, int $version, Person $person): void
    {
        DB::connection()->transaction(function () use ($fish, $piece, $bin, $version, $person): void {
            $fish = Fish::onTheBench($fish);
            $fish->mustBeOpen();
            $found =
                $fish->pieces->firstWhere('id', $piece) ??
                throw Fault::notThere('There is no such piece on this fish.');
            if ($found->bin === $bin) {
                return;
            }
            $fish->mustBeAt($version);
            $this->mustBeAllowed($fish, $found, $bin);
            $this->deposits->takeBack($fish, $found, $person);
            $found->update(['bin' => $bin]);
            if ($fish->stage === Stage::Cost) {
                $this->deposits->put($fish, $person);
            }
            $fish->changed();
            History::that(
                "{$person->name} sent {$found->name} to ".($bin === null ? 'the plate' : $bin->spoken()).'.',
                $fish,
                $person,
            );
        });
    }

    /** The sac of a roe is graded whole or broken; where it goes follows from that anew. */
    public function grade(string $fish, string $piece, bool $broken, int $version, Person $person): void
    {
        DB::connection()->transaction(function () use ($fish, $piece, $broken, $version, $person): void {
            $fish = Fish::onTheBench($fish);
            $fish->mustBeOpen();
            $roe = $fish->pieces->firstWhere('id', $piece);
            if ($roe?->part !== Part::Roe) {
                throw Fault::inField('/piece', 'Only a roe has a sac that is whole or broken.');
            }
            if ($roe->broken === $broken) {
                return;
            }
            $fish->mustBeAt($version);
            $this->deposits->takeBack($fish, $roe, $person);
            $roe->update(['broken' => $broken, 'bin' => null]);
            if ($fish->stage === Stage::Cost) {
                $roe->update(['bin' => (new Sorting($fish, Settings::load()))->destinations($roe)->first()]);
                $this->deposits->put($fish, $person);
            }
            $fish->changed();
            History::that("{$person->name}: the sac of the roe is ".($broken ? 'broken.' : 'whole.'), $fish, $person);
        });
    }

    /**
     * Every part without a decision goes where it usually goes, all of it into the bins, and the fish on to its cost.
     */
    public function accept(string $fish, int $version, Person $person): void
    {
        ($this->moveOn)($fish, Stage::Route, $version, $person, function (Fish $fish) use ($person): void {
            $sorting = new Sorting($fish, Settings::load());
            foreach ($sorting->pieces() as $piece) {
                if ($piece->bin === null && $piece->part !== Part::Portion) {
                    $piece->update(['bin' => $sorting->destinations($piece)->first()]);
                }
            }
            $this->deposits->put($fish, $person);
        });
    }

    private function mustBeAllowed(Fish $fish, Piece $piece, ?Bin $bin): void
    {
        $sorting = new Sorting($fish, Settings::load());
        if ($bin === null) {
            $piece->part === Part::Portion || throw Fault::inField('/bin', 'Choose a bin.');

            return;
        }
        in_array($piece->id, array_map(fn (Piece $p): string => $p->id, $sorting->pieces()), true) ||
            throw Fault::inField('/piece', "{$piece->name} is not on its way to a bin.");
        $to = $sorting->destinations($piece)->to($bin);
        if ($to === null || ! $to->allowed) {
            throw Fault::inField(
                '/bin',
                $to === null
                    ? "{$piece->name} does not go to {$bin->spoken()}."
                    : Words::ofReader()->sayAll($to->why),
            );
        }
    }
}
