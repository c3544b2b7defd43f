<?php

declare(strict_types=1);

namespace App\Plan\Prep;

use App\BreakDown\Method\HowCut;
use App\Catalogue\Methods;
use App\Catalogue\Species;
use App\Catalogue\UsualBins;
use App\Fish\Fish;
use App\Hold\Treatment\HouseTreatment;
use App\Kitchen\Format\Words;
use App\Kitchen\Language\Language;
use App\Kitchen\Language\Said;
use App\Kitchen\Moment;
use App\Kitchen\Settings;
use App\Portion\Dish\Dish;
use Illuminate\Support\Str;
use Sectum\BreakDown\Method\Method;
use Sectum\Fish\Hazard;
use Sectum\Fish\Part;
use Sectum\Measure\Mass;
use Sectum\Measure\UnitSystem;
use Sectum\Plan\Prep\Planned;
use Sectum\Plan\Work\Doing;
use Sectum\Plan\Work\Job;
use Sectum\Plan\Work\PrepPlan;
use Sectum\Portion\Stretch;

/** What somebody does on a day, in order: what is on it for whoever has wet hands and no screen. */
final readonly class PrepList
{
    private Words $metric;

    public function __construct(private PrepDay $of, private PrepPlan $plan)
    {
        $this->metric = new Words(UnitSystem::Metric, Settings::load()->scaleStep);
    }

    /**
     * @param  string|null  $cutter  null for what runs by itself
     * @param  Said  $words  lists are put together of these; sentences are said where they are drawn
     * @return list<PrepLine> in the order they begin
     */
    public function of(?string $cutter, Said $words = new Said(Language::English)): array
    {
        $lines = [];
        foreach ($this->of->work->jobs as $job) {
            $one = $this->plan->planned[$job->task->id] ?? null;
            if ($one !== null && $one->cutter === $cutter) {
                $lines[] = $this->line($job, $one, $words);
            }
        }
        usort($lines, fn (PrepLine $a, PrepLine $b): int => $a->start <=> $b->start);

        return $lines;
    }

    private function line(Job $job, Planned $one, Said $words): PrepLine
    {
        $lot = $job->lot === null ? null : $this->of->lots[$job->lot] ?? null;
        $dish = $job->serves === null ? null : $this->of->dishes[$job->serves] ?? null;

        return new PrepLine(
            $one->start,
            $one->end,
            $one->cleanFrom < $one->start - 1e-6,
            $this->title($job, $lot, $dish),
            array_values(array_filter([
                ...match ($job->doing) {
                    Doing::BreakDown => $lot === null ? [] : $this->howCut($lot, $words),
                    Doing::Receive => $lot === null ? [] : self::cautions($lot->species),
                    Doing::Portion => $dish === null ? [] : $this->portioned($dish->dish),
                    Doing::Pack => $dish === null ? [] : [self::for($dish)],
                    Doing::MakeUp, Doing::Stand, Doing::Stock, Doing::Simmer, Doing::Thaw => [],
                },
                $job->task->raw ? 'Raw service: clean board, knife and cloth first.' : '',
            ], self::says(...))),
        );
    }

    private function title(Job $job, ?LotHere $lot, ?ServedDish $dish): string
    {
        $fish = $lot->species->name ?? '';
        $label = $lot->label ?? '';
        $name = $dish->dish->name ?? '';
        $portions = (int) ceil($job->portions - 1e-9);

        return match ($job->doing) {
            Doing::Receive => "Receive {$job->fish} {$fish}, {$label}",
            // Some of a lot stay: nobody looks for which, they lie in one box.
            Doing::BreakDown => $lot !== null && $job->fish < $lot->cut->fish
                ? "Break down {$job->fish} of {$lot->cut->fish} {$fish}, {$this->each($label, $lot)}"
                : "Break down {$job->fish} {$fish}, {$this->each($label, $lot)}",
            Doing::MakeUp => "Make up {$this->treatment($dish)} for {$name}",
            Doing::Stand => "{$this->treatment($dish)}: {$name}",
            Doing::Portion => "Portion {$portions} of {$name}",
            Doing::Pack => "Pack and label {$portions} of {$name}",
            Doing::Stock => 'Put the stock on',
            Doing::Simmer => 'The stock simmers',
            Doing::Thaw => 'Thaws: '.($this->of->thaws[$job->task->id] ?? ''),
        };
    }

    private function each(string $label, ?LotHere $lot): string
    {
        return $lot === null || $lot->grams === 0
            ? $label
            : "{$label}, about ".Words::inBoth(Mass::ofGrams($lot->grams));
    }

    private function treatment(?ServedDish $dish): string
    {
        $id = $dish?->serve->standing?->treatment;

        return $id === null ? 'the brine' : HouseTreatment::query()->find($id)->name ?? 'the brine';
    }

    /** @return list<string> method with its answers, where the parts go, and what to mind */
    private function howCut(LotHere $lot, Said $words): array
    {
        $fish = $lot->fish;
        $how = $fish === null ? null : HowCut::of($fish);
        $method = $how->method ?? self::usual($lot->species, $fish);
        $said = [];
        if ($method !== null) {
            $answers = $how === null
                ? $method->answered([], $fish === null ? [] : HowCut::facts($fish, $method))->chosen
                : $how->answered->chosen;
            $names = [];
            foreach ($answers as $question => $option) {
                $asked = $method->questions[$question] ?? null;
                $name = $asked?->option($option)?->name;
                $names[] = $asked === null || $name === null
                    ? ''
                    : Str::lcfirst($words->word($asked->asks)).': '.Str::lcfirst($words->word($name));
            }
            $said[] = "{$words->word($method->name)} – ".implode('; ', array_filter($names, self::says(...)));
        }

        return [...$said, self::bins($lot->species, $words), ...self::cautions($lot->species)];
    }

    private static function usual(Species $species, ?Fish $fish): ?Method
    {
        $first = Methods::forFish($species->form, $fish->state ?? $species->usual_state)[0] ?? null;
        $code = data_get($first, 'method');

        return is_string($code) ? Methods::of($code) : null;
    }

    private static function bins(Species $species, Said $words): string
    {
        $bins = [];
        foreach (array_keys($species->expected($species->usual_state)) as $part) {
            $part = Part::from($part);
            $bin = UsualBins::ofTrim($part);
            if ($bin !== null) {
                $bins[$bin->spoken()][] = $part->spoken();
            }
        }
        $said = [];
        foreach ($bins as $bin => $parts) {
            $said[] = $words->word($bin).': '.implode(', ', array_map($words->word(...), $parts));
        }

        return $said === [] ? '' : 'Bins – '.implode('; ', $said);
    }

    /** @return list<string> */
    private static function cautions(Species $species): array
    {
        return [
            $species->handling,
            ...array_map(fn (Hazard $hazard): string => $hazard->caution(), $species->hazardList()),
        ];
    }

    /** @return list<string> */
    private function portioned(Dish $dish): array
    {
        $band = $dish->each();
        $preps = implode(', ', array_map(fn ($prep): string => $prep->spoken(), $dish->preps()));

        return [
            Words::inBoth($band->target).", no less than {$this->metric->text($band->target->minus($band->minus))}, ".
                "no more than {$this->metric->text($band->target->plus($band->plus))}",
            $dish->per_plate > 1 ? "{$dish->per_plate} pieces to a plate." : '',
            $dish->stretch === Stretch::Anywhere ? '' : "From {$dish->stretch->spoken()}.",
            $preps === '' ? '' : ucfirst($preps).'.',
        ];
    }

    private static function says(string $text): bool
    {
        return $text !== '';
    }

    private static function for(ServedDish $dish): string
    {
        $day = Moment::at($dish->service->day)->format('l');

        return "For {$dish->service->name}, {$day} {$dish->service->at}, {$dish->wanted} wanted.";
    }
}
