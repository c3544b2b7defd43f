<?php

declare(strict_types=1);

namespace App\Plan\Prep;

use App\Contract\Fault;
use App\Contract\Fields;
use App\Hold\Treatment\HouseTreatment;
use App\Kitchen\Format\Words;
use App\Kitchen\Moment;
use App\Kitchen\Person;
use App\Kitchen\Role;
use App\Kitchen\Settings;
use App\Plan\Service\Service;
use App\Portion\Tonight\Tonight;
use Psr\Clock\ClockInterface;
use Sectum\Measure\Mass;
use Sectum\Plan\Prep\Cutter;
use Sectum\Plan\Work\Cure;
use Sectum\Plan\Work\Job;
use Sectum\Plan\Work\Pin;
use Sectum\Plan\Work\PrepPlan;

/** Who does what when on a day, what will not be ready, and the least that helps. */
final readonly class PrepView
{
    /** Share of the usual search a screen is given, and one while a task hangs under a finger. */
    private const EFFORT = 0.25;

    private const HANGING = 0.08;

    /** Days from now that can be planned. */
    private const DAYS = 14;

    public function __construct(private Tonight $tonight, private ClockInterface $clock)
    {
    }

    /**
     * @param  string|null  $day  2026-11-27; null for the first one that has work
     * @return Answer
     */
    public function of(?string $day, Person $person): array
    {
        $of = PrepDay::of($this->day($day), $this->clock->now(), $this->tonight);
        $pins = $of->kept();
        $plan = $of->plan($pins, self::EFFORT);

        return $this->told($of, $plan, $plan === null ? null : $of->cure($plan, $pins), $person);
    }

    /**
     * What a task somewhere else changes for the rest; nothing is kept.
     *
     * @return Answer
     */
    public function would(string $day, Fields $fields, Person $person): array
    {
        $of = PrepDay::of($this->day($day), $this->clock->now(), $this->tonight);
        $at = $fields->maybeInt('at');
        $asked = new Pin($fields->string('task'), $fields->maybeString('cutter'), $at === null ? null : (float) $at);
        $others = array_values(array_filter($of->kept(), fn (Pin $one): bool => $one->task !== $asked->task));
        $before = $of->plan($of->kept(), self::HANGING);
        $after = $of->plan([...$others, $asked], self::HANGING);
        if ($before === null || $after === null) {
            throw Fault::inField('', 'Nobody is there to cut on that day.');
        }

        return [
            'tasks' => $this->tasks($of, $after, $person),
            'would' => [
                'late' => round($after->late() - $before->late(), 1),
                'finish' => round($after->finish() - $before->finish(), 1),
                'left_out' => count($after->leftOut) - count($before->leftOut),
                'finish_at' => round($after->finish(), 1),
            ],
        ];
    }

    /** The prep lists of a day, ready to print. */
    public function printed(string $day): string
    {
        $of = PrepDay::of($this->day($day), $this->clock->now(), $this->tonight);

        return PrepListPdf::of($of, $of->plan($of->kept(), self::EFFORT));
    }

    public function day(?string $day): string
    {
        [$today, $last] = $this->window();
        if ($day !== null) {
            preg_match('/^\d{4}-\d\d-\d\d$/', $day) === 1 || throw Fault::notThere('There is no such day.');
            ($day >= $today && $day <= $last) ||
                throw Fault::inField('/day', 'Only the next two weeks are planned.');

            return $day;
        }
        $now = $this->clock->now();
        $next = Service::held()
            ->where('day', '>=', $today)
            ->where('day', '<=', $last)
            ->get()
            ->first(fn (Service $one): bool => $one->moment() > $now);

        return $next->day ?? $today;
    }

    /** @return array{string, string} first and last day that can be planned */
    private function window(): array
    {
        $today = Moment::date($this->clock->now());

        return [$today, Moment::at($today)->modify('+'.self::DAYS.' days')->format('Y-m-d')];
    }

    /** @return Answer */
    private function told(PrepDay $of, ?PrepPlan $plan, ?Cure $cure, Person $person): array
    {
        $day = Moment::at($of->day);
        [$today, $last] = $this->window();
        $beside = fn (string $by): ?string => self::within($day->modify($by)->format('Y-m-d'), $today, $last);

        return [
            'day' => $of->day,
            'date' => $day->format('l j F'),
            'now' => $of->now,
            'before' => $beside('-1 day'),
            'after' => $beside('+1 day'),
            'cutters' => $this->cutters($of),
            'as_on' => $of->shifts->asOn === null ? null : Moment::at($of->shifts->asOn)->format('l j F'),
            'others' => $this->others($of),
            'services' => $this->services($of),
            'tasks' => $this->tasks($of, $plan, $person),
            'finish' => $plan === null || $plan->planned === [] ? null : round($plan->finish(), 1),
            'gap_pct' => $plan === null || $plan->schedule->proven ? null : round($plan->schedule->gapPct(), 1),
            'not_ready' => $this->notReady($of, $plan),
            'missing' => $this->missing($of),
            'cure' => $cure === null ? null : $this->cure($of, $cure),
        ];
    }

    private static function within(string $day, string $first, string $last): ?string
    {
        return $day >= $first && $day <= $last ? $day : null;
    }

    /** @return list<Answer> */
    private function cutters(PrepDay $of): array
    {
        return array_map(fn (Shift $one): array => [
            'id' => $one->person_id,
            'name' => $one->person->name,
            'from' => $one->from_minute,
            'to' => $one->to_minute,
            'off' => $one->off,
            'pace' => round($of->pace->of($one->person_id), 2),
            'timed' => $of->pace->timed[$one->person_id] ?? 0,
            'version' => $one->version,
        ], $of->shifts->shifts);
    }

    /** @return list<Answer> who might cut that day too */
    private function others(PrepDay $of): array
    {
        $there = array_map(fn (Shift $one): string => $one->person_id, $of->shifts->shifts);
        $others = Person::query()
            ->whereNull('disabled_at')
            ->where('role', '!=', Role::Trainee)
            ->whereNotIn('id', $there)
            ->orderBy('name')
            ->get();

        return array_map(
            fn (Person $one): array => ['id' => $one->id, 'name' => $one->name],
            array_values($others->all()),
        );
    }

    /** @return list<Answer> */
    private function services(PrepDay $of): array
    {
        $services = [];
        foreach ($of->dishes as $one) {
            if ($one->service->day === $of->day) {
                $services[$one->service->id] = [
                    'id' => $one->service->id,
                    'name' => $one->service->name,
                    'at' => $one->service->minute(),
                ];
            }
        }

        return array_values($services);
    }

    /** @return list<Answer> */
    public function tasks(PrepDay $of, ?PrepPlan $plan, Person $person): array
    {
        $words = new Words($person->units, Settings::load()->scaleStep);
        $pins = [];
        foreach ($of->pins as $pin) {
            $pins[$pin->task] = $pin;
        }
        $treatments = HouseTreatment::query()->pluck('name', 'id')->all();

        return array_map(function (Job $job) use ($of, $plan, $words, $pins, $treatments): array {
            $one = $plan?->planned[$job->task->id] ?? null;
            $lot = $job->lot === null ? null : $of->lots[$job->lot] ?? null;
            $dish = $job->serves === null ? null : $of->dishes[$job->serves] ?? null;
            $pin = $pins[$job->task->id] ?? null;
            $standing = $dish?->serve->standing?->treatment;
            $stands = $standing === null ? null : $treatments[$standing] ?? null;

            return [
                'id' => $job->task->id,
                'doing' => $job->doing->value,
                'fish' => $lot?->species->name ?? $of->thaws[$job->task->id] ?? null,
                'lot' => $lot?->label,
                'each' => $lot === null || $lot->grams === 0
                    ? null
                    : $words->text(Mass::ofMilligrams($lot->grams * 1000)),
                'count' => $job->fish,
                'portions' => (int) ceil($job->portions - 1e-9),
                'dish' => $dish?->dish->name,
                'service' => $dish === null
                    ? null
                    : "{$dish->service->name}, ".Moment::at($dish->service->day)->format('l')." {$dish->service->at}",
                'treatment' => is_string($stands) ? $stands : null,
                'raw' => $job->task->raw,
                'minutes' => round($job->task->minutes, 1),
                'hands' => $job->task->hands,
                'after' => $job->task->after,
                'due' => $job->task->due,
                'cutter' => $one?->cutter,
                'start' => $one === null ? null : round($one->start, 1),
                'end' => $one === null ? null : round($one->end, 1),
                'clean_from' => $one === null ? null : round($one->cleanFrom, 1),
                'late' => $one === null ? 0.0 : round($one->late, 1),
                'pinned' => $pin === null || ! $pin->holds()
                    ? null
                    : ['cutter' => $pin->cutter_id, 'at' => $pin->at_minute],
                'version' => $pin === null ? 0 : $pin->version,
            ];
        }, $of->work->jobs);
    }

    /** @return list<Answer> */
    private function notReady(PrepDay $of, ?PrepPlan $plan): array
    {
        $late = [];
        foreach ($plan?->notReady() ?? [] as $id => $minutes) {
            $dish = $of->dishes[$id] ?? null;
            $late[] = [
                'dish' => $dish->dish->name ?? '',
                'service' => $dish->service->name ?? '',
                'late' => $minutes === null ? null : round($minutes, 1),
            ];
        }

        return $late;
    }

    /** @return list<Answer> */
    private function missing(PrepDay $of): array
    {
        $missing = [];
        foreach ($of->work->missing as $id => $portions) {
            $dish = $of->dishes[$id] ?? null;
            $missing[] = [
                'dish' => $dish->dish->name ?? '',
                'service' => $dish->service->name ?? '',
                'portions' => (int) round($portions),
                'of' => $dish->wanted ?? 0,
            ];
        }

        return $missing;
    }

    /** @return Answer */
    private function cure(PrepDay $of, Cure $cure): array
    {
        $names = [];
        foreach ($of->shifts->shifts as $one) {
            $names[$one->person_id] = $one->person->name;
        }
        $settings = Settings::load();
        $serves = $cure->serves === null ? null : $of->dishes[$cure->serves] ?? null;

        return [
            'kind' => $cure->kind->value,
            'minutes' => round($cure->minutes),
            'who' => $cure->who === null ? null : $names[$cure->who] ?? '',
            'dish' => $serves?->dish->name,
            'from' => $cure->from,
            'to' => self::leaves($of->hands, $cure),
        ];
    }

    /**
     * When somebody who stays longer would leave.
     *
     * @param  list<Cutter>  $hands
     */
    private static function leaves(array $hands, Cure $cure): ?float
    {
        foreach ($hands as $one) {
            if ($one->id === $cure->who && $cure->from === null) {
                return $one->to + $cure->minutes;
            }
        }

        return null;
    }
}
