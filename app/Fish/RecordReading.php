<?php

declare(strict_types=1);

namespace App\Fish;

use App\Contract\Fault;
use App\Contract\Fields;
use App\Kitchen\Format\Words;
use App\Kitchen\Moment;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use Closure;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Psr\Clock\ClockInterface;
use Sectum\BreakDown\MassRange;
use Sectum\BreakDown\Plausible;
use Sectum\Fish\Part;
use Sectum\Measure\Mass;
use Sectum\Message;

/**
 * Takes a reading of a part: the part becomes a piece of the fish, and the piece gets its weight.
 *
 * The page names the reading, so the same request sent twice is one reading.
 */
final readonly class RecordReading
{
    public function __construct(private ClockInterface $clock, private SkillGate $gate)
    {
    }

    /**
     * @param  string  $id  the reading's ULID, made by the page
     * @param  Closure(Fish): list<Part>  $among  the parts that are weighed at this stage
     * @param  string|null  $dish  what a portion is for
     * @return Reading with its piece; the fish on the bench knows it too
     */
    public function __invoke(
        string $fish,
        string $id,
        Fields $fields,
        Person $person,
        Closure $among,
        ?string $dish = null,
    ): Reading {
        $taken = Taken::by($fields, $person, $this->clock);
        $weighing = self::onTray(
            Weighing::read($fields->fields('weight'), Settings::load(), $taken->units),
            $fields->maybeString('tray'),
        );
        $part = Part::from($fields->string('part'));

        return DB::connection()->transaction(function () use (
            $fish,
            $id,
            $fields,
            $person,
            $among,
            $weighing,
            $part,
            $taken,
            $dish,
        ): Reading {
            $onBench = Fish::onTheBench($fish);
            $known = $onBench->readingOf($id);
            if ($known !== null) {
                $this->mustBeTheSame($known, $onBench, $part, $weighing);

                return $known;
            }
            $onBench->mustBeOpen();
            if ($part !== Part::Whole) {
                $this->gate->mustBeAllowed($onBench, $person);
            }
            if ($onBench->stage === Stage::Receive && $part !== Part::Whole) {
                throw Fault::conflict(
                    "{$onBench->title()} is still being received: ".
                        ($onBench->held === null
                            ? 'close its delivery first.'
                            : 'the head chef has to decide first.'),
                    ['version' => $onBench->version],
                );
            }
            $piece =
                $this->retaken($onBench, $fields->maybeString('replaces'), $person) ??
                $this->newPiece($onBench, $part, $fields->maybeString('from'), $among($onBench), $dish);
            if ($dish !== null && $piece->part === Part::Portion && $piece->dish_id !== $dish) {
                $piece->update(['dish_id' => $dish]);
            }
            self::scraped($piece, $fields->maybeString('off'));
            self::together(
                $piece,
                $fields->maybeInt('portions') ?? ($fields->maybeString('replaces') === null ? 1 : $piece->portions),
            );
            if ($fields->named('sure') && ! $fields->bool('sure')) {
                $this->mustBePlausible(
                    $onBench,
                    $piece,
                    $weighing,
                    new Words($person->units, Settings::load()->scaleStep),
                );
            }
            $reading = $this->store($id, $piece, $weighing, $taken);
            if ($part !== Part::Whole) {
                $onBench->takenOut(Moment::written($this->clock->now()), $taken->person);
            }
            $onBench->changed();
            // What is cut for the plate changes no yield step above it.
            if (! in_array($part, [Part::Portion, Part::Ends, Part::TailEnd], true)) {
                event(new WeightsChanged($onBench->staysOnTheBench()));
            }
            $onBench->staysOnTheBench();

            return $reading;
        });
    }

    /** Less the container under it, when somebody names one. */
    private static function onTray(Weighing $weighing, ?string $tray): Weighing
    {
        return $tray === null
            ? $weighing
            : $weighing->less(
                Containers::mass($tray) ?? throw Fault::inField('/tray', "No tray is called \"{$tray}\" here."),
                '/tray',
            );
    }

    /** A weight for a piece, just so; for the whole fish as it is received. */
    public function store(string $id, Piece $piece, Weighing $weighing, Taken $taken): Reading
    {
        $reading = new Reading([
            'id' => $id,
            'piece_id' => $piece->id,
            'mass_mg' => $weighing->mass->milligrams,
            'tare_mg' => $weighing->tare->milligrams,
            'resolution_mg' => $weighing->resolution->milligrams,
            'source' => $weighing->typed === null ? 'pan' : 'typed',
            'typed' => $weighing->typed,
            'taken_by' => $taken->person->id,
            'taken_at' => Moment::written($taken->at),
            'sent_at' => Moment::written($this->clock->now()),
            'units' => $taken->units,
        ]);
        try {
            return $reading->takenOf($piece, $taken->person);
        } catch (QueryException $refused) {
            // Another fish's reading under this id is another reading: nothing is written over it.
            $known = Reading::query()->with('piece')->find($id) ?? throw $refused;
            throw Fault::conflict('A weight was recorded under this id before. Weigh again to record another.', [
                'id' => $id,
                'current' => ['part' => $known->piece->part->value, 'mass_mg' => $known->mass_mg],
            ]);
        }
    }

    /**
     * Asked, not refused: what looks odd is recorded when it is sent again with "sure".
     *
     * @throws Fault at /sure, with the question
     */
    private function mustBePlausible(Fish $fish, Piece $piece, Weighing $weighing, Words $words): void
    {
        $source = $piece->parent_id === null ? null : $fish->pieces->firstWhere('id', $piece->parent_id);
        $whole = $fish->whole();
        $share =
            $source?->id === $whole->id ? $fish->species->expected($fish->state)[$piece->part->value] ?? null : null;
        $alone = $fish->pieces->where('part', $piece->part)->where('parent_id', $whole->id)->count() <= 1;
        $odd = Plausible::question(
            $weighing->mass,
            $weighing->resolution,
            $source?->reading()?->mass(),
            $whole->reading()?->mass(),
            $alone ? $share : null,
        );
        if ($odd === null) {
            return;
        }
        $usual = $share === null ? new MassRange(Mass::zero(), Mass::zero()) : Plausible::range($fish->mass(), $share);
        $from = $source?->id === $whole->id ? 'the whole fish' : lcfirst((string) $source?->name);
        throw Fault::inField(
            '/sure',
            $words->say(
                new Message($odd, [
                    'shown' => $weighing->mass,
                    ...match ($odd) {
                        Plausible::MoreThanItsSource => [
                            'source' => $from,
                            'mass' => $source?->reading()?->mass() ?? Mass::zero(),
                        ],
                        Plausible::TooHeavy, Plausible::TooLight => [
                            'name' => lcfirst($piece->name),
                            'least' => $usual->least,
                            'most' => $usual->most,
                        ],
                    },
                ]),
            ),
        );
    }

    /** Which part the spoon was over. */
    private static function scraped(Piece $piece, ?string $off): void
    {
        if ($off !== null) {
            $piece->part === Part::Scrapings || throw Fault::inField('/off', 'Only scrapings are scraped off a part.');
            $piece->update(['scraped_off' => Part::from($off)]);
        }
    }

    /** How many portions lay on the scale together; a weight taken anew keeps what it was of. */
    private static function together(Piece $piece, int $portions): void
    {
        if ($portions !== $piece->portions) {
            $piece->part === Part::Portion ||
                throw Fault::inField('/portions', 'Only portions are weighed several together.');
            $alone = (string) preg_replace('/, \d+ together$/', '', $piece->name);
            $piece->update([
                'portions' => $portions,
                'name' => $portions === 1 ? $alone : "{$alone}, {$portions} together",
            ]);
        }
    }

    private function mustBeTheSame(Reading $known, Fish $fish, Part $part, Weighing $weighing): void
    {
        if (
            $known->piece->fish_id !== $fish->id ||
            $known->piece->part !== $part ||
            $known->mass_mg !== $weighing->mass->milligrams
        ) {
            throw Fault::conflict(
                'This reading was already taken as '.
                    $known->mass()->print().
                    ' of '.
                    lcfirst($known->piece->name).
                    '. Weigh again to take another.',
                [
                    'yours' => ['part' => $part->value, 'mass_mg' => $weighing->mass->milligrams],
                    'current' => ['part' => $known->piece->part->value, 'mass_mg' => $known->mass_mg],
                ],
            );
        }
    }

    private function retaken(Fish $fish, ?string $replaces, Person $person): ?Piece
    {
        if ($replaces === null) {
            return null;
        }
        $old =
            $fish->readingOf($replaces) ??
            throw Fault::inField('/replaces', 'There is no such reading on this fish.');
        if ($old->void === null) {
            $old->takeBack('weighed again', $person, $this->clock->now());
        }

        return $old->piece;
    }

    /** @param  list<Part>  $among */
    private function newPiece(Fish $fish, Part $part, ?string $from, array $among, ?string $dish): Piece
    {
        if (! in_array($part, $among, true)) {
            throw Fault::inField('/part', "{$part->spoken()} does not come off this fish here.");
        }
        if ($part === Part::Whole) {
            return $fish->whole();
        }
        $parent = $from === null ? CutFrom::usually($fish, $part) : $fish->pieces->firstWhere('id', $from);
        if ($parent === null) {
            throw Fault::inField('/from', 'Choose the piece it was cut from.');
        }
        $alike = $fish->pieces->where('part', $part)->count();
        // A piece whose every reading was taken back is still there to be weighed.
        $waiting = $fish->pieces->first(
            fn (Piece $piece): bool => $piece->part === $part &&
                $piece->parent_id === $parent->id &&
                $piece->reading() === null,
        );
        if ($waiting !== null) {
            return $waiting;
        }
        $piece = (new Piece([
            'id' => (string) Str::ulid(),
            'fish_id' => $fish->id,
            'parent_id' => $parent->id,
            'part' => $part,
            'dish_id' => $part === Part::Portion ? $dish : null,
            'name' => $part->spoken().($alike === 0 && $part !== Part::Portion ? '' : ' '.($alike + 1)),
            'place' => ($fish->pieces->last()->place ?? 0) + 1,
        ]))
            ->written()
            ->setRelation('readings', new Collection());
        $fish->setRelation('pieces', $fish->pieces->push($piece));

        return $piece;
    }
}
