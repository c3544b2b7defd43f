<?php

declare(strict_types=1);

namespace App\Route\Bins;

use App\Catalogue\HouseBin;
use App\Contract\Fault;
use App\Contract\Fields;
use App\Fish\Weighing;
use App\Kitchen\Moment;
use App\Kitchen\Once;
use App\Kitchen\Person;
use App\Kitchen\Role;
use App\Kitchen\Settings;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Psr\Clock\ClockInterface;
use Sectum\Fish\Bin;
use Sectum\Route\Bins\DateMark;
use Sectum\Route\Bins\Deposit;
use Sectum\Route\Bins\Drawn;
use Sectum\Route\Bins\Keeping;
use Sectum\Route\Bins\Leaving;
use Sectum\Route\Bins\Ledger;
use Sectum\Route\Bins\SpoiltBy;
use Sectum\Route\Bins\Taken;

/**
 * Something leaves a bin: for a meal, into the discard, or because it was never there. The oldest goes first unless one
 * is named.
 */
final readonly class TakeOut
{
    public function __construct(private ClockInterface $clock)
    {
    }

    public function __invoke(Bin $bin, string $act, Fields $fields, Person $person): void
    {
        $how = Leaving::from($fields->string('how'));
        $reason = trim($fields->maybeString('reason') ?? '');
        $how === Leaving::Meal ||
            $reason !== '' ||
            throw Fault::inField(
                '/reason',
                $how === Leaving::Discard ? 'Give the reason for throwing it away.' : 'Say what was wrong.',
            );
        $mass = Weighing::read($fields->fields('weight'), Settings::load(), $person->units)->mass;
        $now = $this->clock->now();
        DB::connection()->transaction(function () use (
            $bin,
            $act,
            $fields,
            $how,
            $reason,
            $mass,
            $now,
            $person,
        ): void {
            if (
                ! Once::isNew($act, "out of {$bin->value}", $fields) ||
                BinWithdrawal::query()->where('act', $act)->exists()
            ) {
                return;
            }
            $one = $fields->maybeString('deposit');
            $today = Moment::day($now);
            $among = self::among($bin, $one, $fields->bool('past'), $today);
            if ($one !== null) {
                $taken = Fault::within('', fn (): Taken => $among->draw($one, $mass, $how, $today));
            } else {
                $taken = Fault::within(
                    '/weight',
                    fn (): Taken => $among->take(
                        $bin,
                        $mass,
                        $how,
                        $today,
                        Keeping::tryFrom($fields->maybeString('keeping') ?? ''),
                    ),
                );
            }
            foreach ($taken->drawn as $part) {
                if ($part->deposit->isPast($today) && $person->role !== Role::HeadChef) {
                    throw Fault::inField('/deposit', 'Its date is past: the head chef weighs it into the discard.');
                }
            }
            self::write(
                $act,
                $taken->drawn,
                $how,
                $reason,
                $person,
                $now,
                cause: $how === Leaving::Discard ? SpoiltBy::tryFrom($fields->maybeString('cause') ?? '') : null,
            );
            if ($fields->bool('empty') && ($one !== null || $fields->bool('past'))) {
                self::empty($act, $taken->after, $person, $now);
            }
        });
    }

    /**
     * What was drawn, written down under one act.
     *
     * @param  list<Drawn>  $drawn
     */
    public static function write(
        string $act,
        array $drawn,
        Leaving $how,
        string $reason,
        Person $person,
        DateTimeImmutable $at,
        ?string $making = null,
        ?SpoiltBy $cause = null,
    ): void {
        foreach ($drawn as $one) {
            BinWithdrawal::query()->create([
                'act' => $act,
                'deposit_id' => $one->deposit->id,
                'making_id' => $making,
                'how' => $how,
                'mass_mg' => $one->mass->milligrams,
                'minor' => $one->worth->minor,
                'reason' => $reason,
                'cause' => $cause?->value,
                'taken_by' => $person->id,
                'taken_at' => Moment::written($at),
            ]);
        }
    }

    /** What it may be taken from: one deposit, all that is past its date, or the whole bin. */
    private static function among(Bin $bin, ?string $one, bool $past, DateTimeImmutable $now): Ledger
    {
        if ($one !== null) {
            return Bins::ledger(
                BinDeposit::query()->with('withdrawals')->where('bin', $bin->value)->whereKey($one)->get(),
            );
        }
        $all = Bins::now($bin)->ledger;

        return $past
            ? Ledger::of(array_filter($all->deposits, fn (Deposit $deposit): bool => $deposit->isPast($now)))
            : $all;
    }

    private static function empty(string $act, Ledger $after, Person $person, DateTimeImmutable $now): void
    {
        foreach ($after->deposits as $deposit) {
            if ($deposit->left->isPositive()) {
                $drip = $after->draw($deposit->id, $deposit->left, Leaving::Correction, Moment::day($now))->drawn;
                self::write(
                    $act,
                    $drip,
                    Leaving::Correction,
                    'The tub is empty: the rest was drip and what sticks to it',
                    $person,
                    $now,
                );
            }
        }
    }

    /** Everything cold in a bin that ends today goes into the freezer, each tub with a mark of its own. */
    public function freezeToday(Bin $bin, string $act, Person $person): void
    {
        $now = $this->clock->now();
        DB::connection()->transaction(function () use ($bin, $act, $person, $now): void {
            if (
                ! Once::isNew($act, "freeze all of {$bin->value}", '') ||
                BinWithdrawal::query()->where('act', $act)->exists()
            ) {
                return;
            }
            foreach (Bins::now($bin)->ledger->oldestFirst($bin, Keeping::Cold) as $deposit) {
                if ($deposit->daysLeft(Moment::day($now)) === 1) {
                    $this->freeze($deposit->id, (string) Str::ulid(), $person, $act);
                }
            }
        });
    }

    /** All that is left of a deposit goes into the freezer, with a new mark. */
    public function freeze(string $deposit, string $new, Person $person, ?string $act = null): Bin
    {
        $now = $this->clock->now();

        return DB::connection()->transaction(function () use ($deposit, $new, $person, $now, $act): Bin {
            $found =
                BinDeposit::query()->with('withdrawals')->find($deposit) ??
                throw Fault::notThere('There is no such tub.');
            if (! Once::isNew($new, 'frozen', $deposit) || BinDeposit::query()->whereKey($new)->exists()) {
                return $found->bin;
            }
            $found->keeping === Keeping::Cold || throw Fault::inField('/deposit', 'It lies in the freezer already.');
            $left = $found->deposit()->left;
            $mark = Fault::within(
                '',
                fn () => DateMark::of(
                    $found->bin,
                    Keeping::Frozen,
                    HouseBin::of($found->bin)->days(),
                    Moment::day($now),
                    Moment::at($found->until),
                ),
            );
            $drawn = Fault::within(
                '',
                fn (): array => Bins::ledger(new Collection([$found]))->draw(
                    $found->id,
                    $left,
                    Leaving::Moved,
                    Moment::day($now),
                )->drawn,
            );
            self::write($act ?? $new, $drawn, Leaving::Moved, 'Frozen', $person, $now);
            BinDeposit::query()->create([
                ...$found->only(['piece_id', 'fish_id', 'species_id', 'bin', 'value_per_kg_minor', 'lot']),
                'id' => $new,
                'from_id' => $found->id,
                'keeping' => Keeping::Frozen,
                'mass_mg' => $left->milligrams,
                'until' => $mark->day->format('Y-m-d'),
                'why_then' => $mark->why,
                'put_by' => $person->id,
                'put_at' => Moment::written($now),
            ]);

            return $found->bin;
        });
    }
}
