<?php

declare(strict_types=1);

namespace App\Receive\Inspection;

use App\Catalogue\FreshnessWeight;
use App\Contract\Fault;
use App\Contract\Fields;
use App\Fish\DeliveryLine;
use App\Fish\Fish;
use App\Fish\History;
use App\Fish\Inspection;
use App\Fish\Stage;
use App\Kitchen\Moment;
use App\Kitchen\Once;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;
use Sectum\Fish\FatGrade;
use Sectum\Fish\Hazard;
use Sectum\Fish\StateBought;
use Sectum\Measure\Mass;
use Sectum\Measure\Temperature;
use Sectum\Receive\Freshness;
use Sectum\Receive\Identity;
use Sectum\Receive\LooksAndFeel;
use Sectum\Receive\Rigor;
use Sectum\Receive\SoldDone;
use Sectum\Receive\Verdict;

/** Looks at the fish of a line, or at some of them, and says what becomes of each. */
final readonly class InspectFish
{
    public function __construct(private ClockInterface $clock)
    {
    }

    public function __invoke(string $id, Fields $fields, Person $person): DeliveryLine
    {
        return DB::connection()->transaction(function () use ($id, $fields, $person): DeliveryLine {
            $line = DeliveryLine::atTheDoor($fields->string('line'));
            if (! Once::isNew($id, 'inspection', $fields)) {
                return $line;
            }
            $fish = $this->chosen($line, $fields);
            if ($fish->isEmpty()) {
                throw Fault::inField(
                    '/fish',
                    $fields->strings('fish') === []
                        ? 'Weigh the fish of this line first.'
                        : 'These fish have been cut already, or belong to another line.',
                );
            }
            $seen = $this->seen($line, $fish, $fields);
            $fresh = Freshness::of($seen);
            $identity = self::identity($line, $fields);
            $not = self::notDone($line, $fields);
            $verdict = $identity->judged($fresh->verdict);
            $reasons = InspectionView::reasons($fresh, $identity);
            Inspection::query()->create([
                'id' => $id,
                'line_id' => $line->id,
                'fish' => array_values($fish->pluck('id')->all()),
                'grades' => $seen->grades,
                'celsius_tenths' => $seen->core?->tenths,
                'measured' => match (true) {
                    $seen->core === null => null,
                    $fields->fields('temperature')->has('probe') => 'probe',
                    default => 'typed',
                },
                'rigor' => $seen->rigor,
                'note' => trim($fields->maybeString('note') ?? ''),
                'missing_signs' => $identity->missing,
                'verdict' => $verdict,
                'demerits' => $fresh->demerits,
                'of_most' => $fresh->ofMost,
                'reasons' => $reasons,
                'inspected_by' => $person->id,
                'inspected_at' => Moment::written($this->clock->now()),
            ]);
            $fat = $fields->maybeString('fat_grade');
            if ($fat !== null) {
                $line->update(['fat_grade' => $fat]);
            }
            foreach ($fish as $one) {
                $one->fat_grade = FatGrade::tryFrom($fat ?? '') ?? $one->fat_grade;
                $one->not_it = $identity->isDoubtful() ? $identity->spoken() : null;
                $one->fill([
                    'state' => SoldDone::really($line->state, $not),
                    'not_done' => array_column($not, 'value'),
                ]);
                $this->mark($one, $line, $fresh, $verdict, $reasons, $person);
            }
            $line->delivery->changed();

            return $line;
        });
    }

    /**
     * What the verdict would be, with nothing written down.
     *
     * @return array{Freshness, Identity}
     */
    public function preview(DeliveryLine $line, Fields $fields): array
    {
        return [
            Freshness::of($this->seen($line, $this->chosen($line, $fields), $fields)),
            self::identity($line, $fields),
        ];
    }

    /**
     * What was not done to it, though it was sold so.
     *
     * @return list<SoldDone>
     */
    private static function notDone(DeliveryLine $line, Fields $fields): array
    {
        $not = array_map(SoldDone::from(...), array_values($fields->fields('not_done')->texts()));
        Fault::within('', fn (): StateBought => SoldDone::really($line->state, $not));

        return $not;
    }

    private static function identity(DeliveryLine $line, Fields $fields): Identity
    {
        $missing = array_map(intval(...), $fields->has('missing_signs') ? $fields->numberList('missing_signs') : []);

        return Fault::within(
            '',
            fn (): Identity => Identity::of($line->species->name, $line->species->signs(), $missing),
        );
    }

    /** @param  Collection<int, Fish>  $fish */
    private function seen(DeliveryLine $line, Collection $fish, Fields $fields): LooksAndFeel
    {
        return new LooksAndFeel(
            array_map(intval(...), $fields->numbers('grades')),
            $line->species->fat,
            $line->state,
            $line->species->has(Hazard::Histamine),
            self::core($fields),
            $line->daysSinceLanded($this->now()),
            Rigor::from($fields->maybeString('rigor') ?? Rigor::Passed->value),
            self::largest($line, $fish),
            Settings::load()->warmest->celsius(),
            FreshnessWeight::of($line->species),
        );
    }

    /** @param  Collection<int, Fish>  $fish */
    private static function largest(DeliveryLine $line, Collection $fish): ?Mass
    {
        $each = $fish->map(fn (Fish $one): int => $line->found($one)->each()->milligrams)->all();

        return $each === [] ? null : Mass::ofMilligrams(max($each));
    }

    /** @return Collection<int, Fish> those named, or all that are not refused; cut ones are past looking at */
    private function chosen(DeliveryLine $line, Fields $fields): Collection
    {
        $named = $fields->strings('fish');

        return $line->fish->filter(
            fn (Fish $one): bool => in_array($one->stage, [Stage::Receive, Stage::BreakDown, Stage::Refused], true) &&
                ! $one->isCut() &&
                ($named === [] ? $one->refused === null : in_array($one->id, $named, true)),
        );
    }

    /** @param  list<string>  $reasons */
    private function mark(
        Fish $fish,
        DeliveryLine $line,
        Freshness $fresh,
        Verdict $verdict,
        array $reasons,
        Person $person,
    ): void {
        $now = $this->now();
        $fish->fill([
            'verdict' => $verdict,
            'keeps_until' => Moment::written($fresh->endsAfter($now)),
            'raw_until' => $line->rawService()->open ? Moment::maybe($fresh->rawEndsAfter($now)) : null,
            'rests_until' => Moment::maybe($fresh->restEndsAfter($now)),
            'held' => $verdict === Verdict::Hold ? $reasons[0] : null,
            'refused' => $verdict === Verdict::Refuse ? $fresh->reasons[0] : null,
            'stage' => match ($verdict) {
                Verdict::Refuse => Stage::Refused,
                Verdict::Hold => Stage::Receive,
                Verdict::Accept, Verdict::UseFirst => $line->delivery->open ? Stage::Receive : Stage::BreakDown,
            },
        ]);
        $fish->changed();
        History::that(
            "{$person->name} inspected it: {$verdict->spoken()}. ".implode(' ', $reasons),
            $fish,
            $person,
        );
    }

    private function now(): DateTimeImmutable
    {
        return $this->clock->now();
    }

    private static function core(Fields $fields): ?Temperature
    {
        $given = $fields->fields('temperature');
        $typed = $given->maybeString('typed');

        return match (true) {
            $typed !== null && trim($typed) !== '' => Fault::at(
                '/temperature',
                fn (): Temperature => Temperature::parse($typed),
            ),
            $given->maybeInt('probe') !== null => Temperature::ofCelsius($given->int('probe') / 10),
            default => null,
        };
    }
}
