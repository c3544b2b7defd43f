<?php

declare(strict_types=1);

namespace App\Route\Bins;

use App\Catalogue\HouseBin;
use App\Contract\Fault;
use App\Fish\Fish;
use App\Fish\Piece;
use App\Kitchen\Moment;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Str;
use Psr\Clock\ClockInterface;
use Sectum\Fish\Bin;
use Sectum\Measure\Mass;
use Sectum\Route\Bins\Booked;
use Sectum\Route\Bins\DateMark;
use Sectum\Route\Bins\Drawn;
use Sectum\Route\Bins\Keeping;
use Sectum\Route\Bins\Leaving;
use Sectum\Route\Destinations;

/** Keeps what lies in the bins true to what was weighed and routed: every part once, at the weight that counts. */
final readonly class Deposits
{
    public function __construct(private ClockInterface $clock)
    {
    }

    /** What was routed goes into its bins; what lies there already stays. */
    public function put(Fish $fish, Person $person): void
    {
        $known = self::of($fish);
        foreach ($fish->pieces as $piece) {
            $this->matched($fish, $piece, $known->where('piece_id', $piece->id), $person);
        }
    }

    /** A weight was mended or taken back after its part was put into a bin. */
    public function mend(Fish $fish): void
    {
        if ($fish->pieces->every(fn (Piece $piece): bool => $piece->bin === null)) {
            return;
        }
        $known = self::of($fish);
        if ($known->isEmpty()) {
            return;
        }
        $fish->loadMissing('line');
        $mended = $fish->pieces->whereIn('id', $known->pluck('piece_id')->all());
        $mended->loadMissing('readings.person');
        foreach ($mended as $piece) {
            $this->matched(
                $fish,
                $piece,
                $known->where('piece_id', $piece->id),
                $piece->readings->last()->person ?? $fish->receiver,
            );
        }
    }

    /** Nothing of the piece lies in any bin any more. */
    public function takeBack(Fish $fish, Piece $piece, Person $person): void
    {
        $deposits = self::of($fish)->where('piece_id', $piece->id);
        $this->correct($piece, $deposits, self::booked($deposits)->net(), 'Sent elsewhere', $person);
    }

    /** @return Collection<int, BinDeposit> */
    private static function of(Fish $fish): Collection
    {
        return BinDeposit::query()
            ->with('withdrawals')
            ->where('fish_id', $fish->id)
            ->orderBy('put_at')
            ->orderBy('id')
            ->get();
    }

    /** @param  Collection<int, BinDeposit>  $deposits  of one piece */
    private static function booked(Collection $deposits): Booked
    {
        $in = [];
        $corrected = [];
        foreach ($deposits as $deposit) {
            // What was frozen out of another tub was put in before.
            $in[] = $deposit->from_id === null ? Mass::ofMilligrams($deposit->mass_mg) : null;
            foreach ($deposit->withdrawals as $out) {
                $corrected[] = $out->how === Leaving::Correction ? $out->mass() : null;
            }
        }

        return new Booked(Mass::sum($in), Mass::sum($corrected));
    }

    /** @param  Collection<int, BinDeposit>  $deposits */
    private function matched(Fish $fish, Piece $piece, Collection $deposits, Person $person): void
    {
        // What is thrown away when it is routed lies in no bin: its reading says how much that was. What was cut up
        // after all lies in none either.
        $wanted =
            $piece->bin === null || $piece->bin === Bin::Discard || $fish->isCutFurther($piece)
                ? null
                : $piece->reading()?->mass();
        $more = self::booked($deposits)->missing($wanted);
        if ($more->isPositive() && $piece->bin !== null) {
            $this->deposit($fish, $piece, $piece->bin, $more, $person);
        } elseif ($more->isNegative()) {
            $this->correct($piece, $deposits, $more->abs(), 'Weighed anew', $person);
        }
    }

    private function deposit(Fish $fish, Piece $piece, Bin $bin, Mass $mass, Person $person): void
    {
        $house = HouseBin::of($bin);
        $cut = Moment::day($piece->reading()->taken_at ?? $this->now());
        $mark = DateMark::of(
            $bin,
            Keeping::Cold,
            $house->days(),
            $cut,
            $fish->keeps_until === null ? null : Moment::day($fish->keeps_until),
        );
        BinDeposit::query()->create([
            'id' => (string) Str::ulid(),
            'piece_id' => $piece->id,
            'fish_id' => $fish->id,
            'species_id' => $fish->species_id,
            'bin' => $bin,
            'keeping' => Keeping::Cold,
            'mass_mg' => $mass->milligrams,
            'value_per_kg_minor' => Settings::load()
                ->perKg($house->value_per_kg_minor)
                ->share(Destinations::worthPct($piece->part, $bin, $piece->broken))->perKg->minor,
            'lot' => $fish->line->lot ?? "{$fish->number}",
            'until' => $mark->day->format('Y-m-d'),
            'why_then' => $mark->why,
            'put_by' => $person->id,
            'put_at' => $this->now(),
        ]);
    }

    /** @param  Collection<int, BinDeposit>  $deposits */
    private function correct(Piece $piece, Collection $deposits, Mass $less, string $why, Person $person): void
    {
        foreach ($deposits->reverse() as $deposit) {
            $now = $deposit->deposit();
            $some = $now->left->milligrams < $less->milligrams ? $now->left : $less;
            if ($some->isPositive()) {
                TakeOut::write(
                    (string) Str::ulid(),
                    [new Drawn($now, $some, $now->worthOfNext($some))],
                    Leaving::Correction,
                    $why,
                    $person,
                    $this->clock->now(),
                );
                $less = $less->minus($some);
            }
        }
        if ($less->isPositive()) {
            throw Fault::conflict(
                "{$less->print()} of {$piece->name} left its bin already. What was made or thrown away cannot be ".
                    'undone.',
                ['piece' => $piece->id],
            );
        }
    }

    private function now(): string
    {
        return Moment::written($this->clock->now());
    }
}
