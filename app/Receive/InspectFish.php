<?php

declare(strict_types=1);

namespace App\Receive;

use App\Contract\Fault;
use App\Contract\Fields;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use DateInterval;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;
use Sectum\Fish\Hazard;
use Sectum\Measure\Mass;
use Sectum\Measure\Temperature;
use Sectum\Receive\Freshness;
use Sectum\Receive\LooksAndFeel;
use Sectum\Receive\Rigor;
use Sectum\Receive\Verdict;
use Sectum\Refusal;

/** Looks at the fish of a line, or at some of them, and says what becomes of each. */
final readonly class InspectFish
{
    public function __construct(private ClockInterface $clock)
    {
    }

    public function __invoke(string $id, Fields $fields, Person $person): DeliveryLine
    {
        $core = self::core($fields);

        return DB::connection()->transaction(function () use ($id, $fields, $person, $core): DeliveryLine {
            $line = DeliveryLine::query()->with(['delivery.supplier', 'species', 'fish.pieces.readings.void', 'fish.species', 'fish.supplier'])->findOrFail($fields->string('line'));
            if (Inspection::query()->whereKey($id)->exists()) {
                return $line;
            }
            $fish = $this->chosen($line, $fields);
            $rigor = Rigor::from($fields->maybeString('rigor') ?? Rigor::Passed->value);
            $seen = new LooksAndFeel(
                array_map(intval(...), $fields->numbers('grades')), $line->species->fat, $line->state, $line->species->has(Hazard::Histamine), $core,
                $line->daysSinceLanded(DateTimeImmutable::createFromInterface($this->clock->now())), $rigor, self::each($fish), Settings::load()->warmest->celsius(),
            );
            $fresh = Freshness::of($seen);
            Inspection::query()->create([
                'id' => $id, 'line_id' => $line->id, 'fish' => array_values($fish->pluck('id')->all()), 'grades' => $seen->grades,
                'celsius_tenths' => $core?->tenths, 'measured' => $core === null ? null : ($fields->fields('temperature')->has('probe') ? 'probe' : 'typed'),
                'rigor' => $rigor, 'note' => trim($fields->maybeString('note') ?? ''), 'verdict' => $fresh->verdict,
                'demerits' => $fresh->demerits, 'of_most' => $fresh->ofMost, 'reasons' => $fresh->reasons,
                'inspected_by' => $person->id, 'inspected_at' => $this->clock->now()->format(DATE_ATOM),
            ]);
            foreach ($fish as $one) {
                $this->mark($one, $line, $fresh, $person);
            }
            $line->delivery->changed();

            return $line;
        });
    }

    /** @return Collection<int, Fish> */
    private function chosen(DeliveryLine $line, Fields $fields): Collection
    {
        $named = $fields->strings('fish');
        $fish = $line->fish->filter(fn (Fish $one): bool => in_array($one->stage, [Stage::Receive, Stage::BreakDown, Stage::Refused], true) && ! $one->isCut() && ($named === [] ? $one->refused === null : in_array($one->id, $named, true)));
        if ($fish->isEmpty()) {
            throw Fault::inField('/fish', $named === [] ? 'Weigh the fish of this line first.' : 'These fish have been cut already, or belong to another line.');
        }

        return $fish;
    }

    private function mark(Fish $fish, DeliveryLine $line, Freshness $fresh, Person $person): void
    {
        $now = DateTimeImmutable::createFromInterface($this->clock->now());
        $in = fn (float $hours): string => $now->add(new DateInterval('PT'.(int) round($hours * 3600).'S'))->format(DATE_ATOM);
        $raw = $fresh->rawDaysLeft > 0 && ($line->proof !== null || $line->species->isExemptTuna()) && ! $line->species->has(Hazard::Purging) && ! $line->species->has(Hazard::Toxin);
        $fish->fill([
            'verdict' => $fresh->verdict,
            'keeps_until' => $in(24 * $fresh->daysLeft),
            'raw_until' => $raw ? $in(24 * $fresh->rawDaysLeft) : null,
            'rests_until' => $fresh->restHours > 0 ? $in($fresh->restHours) : null,
            'held' => $fresh->verdict === Verdict::Hold ? $fresh->reasons[0] : null,
            'refused' => $fresh->verdict === Verdict::Refuse ? $fresh->reasons[0] : null,
            'stage' => match ($fresh->verdict) {
                Verdict::Refuse => Stage::Refused,
                Verdict::Hold => Stage::Receive,
                default => $line->delivery->open ? Stage::Receive : Stage::BreakDown,
            },
        ]);
        $fish->changed();
        Kept::that("{$person->name} inspected it: {$fresh->verdict->spoken()}. ".implode(' ', $fresh->reasons), $fish, $person);
    }

    private static function core(Fields $fields): ?Temperature
    {
        $given = $fields->fields('temperature');
        $typed = $given->maybeString('typed');
        try {
            return match (true) {
                $typed !== null && trim($typed) !== '' => Temperature::parse($typed),
                $given->maybeInt('probe') !== null => Temperature::ofCelsius($given->int('probe') / 10),
                default => null,
            };
        } catch (Refusal $refusal) {
            throw Fault::inField('/temperature', $refusal->getMessage());
        }
    }

    /** @param  Collection<int, Fish>  $fish */
    private static function each(Collection $fish): Mass
    {
        $largest = 0;
        foreach ($fish as $one) {
            $largest = max($largest, intdiv($one->mass()->milligrams, max(1, $one->count)));
        }

        return Mass::ofMilligrams($largest);
    }
}
