<?php

declare(strict_types=1);

namespace Database\Seed\Demo;

use App\Catalogue\Methods;
use App\Contract\Fields;
use App\Kitchen\KitchenView;
use App\Kitchen\Person;
use App\Kitchen\Pin;
use App\Kitchen\Role;
use App\Practise\Drill\AnswerDrill;
use App\Practise\Drill\DrawDrill;
use App\Practise\Drill\Drill;
use App\Practise\Drill\DrillView;
use App\Practise\Person\Learner;
use App\Practise\Person\StoreLearner;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Sectum\BreakDown\Method\Step;
use Sectum\Practise\Dice;
use Sectum\Practise\Gate\Gate;
use Sectum\Practise\Level;
use Sectum\Practise\Skill;

/**
 * A trainee's first three weeks, and what the crew practised beside: every drill is drawn and answered through the
 * actions the page uses, by a learner who looks at what is shown and gets better from week to week.
 */
final class Practice
{
    private const TRAINEE = 'Wenna Pike';

    private const WEEKS = 3;

    private int $seeds = 0;

    private Dice $dice;

    public function __construct(
        private readonly DrawDrill $draw,
        private readonly AnswerDrill $answer,
        private readonly StoreLearner $learners,
    ) {
    }

    /** @param  list<Person>  $crew */
    public function fill(Carbon $today, array $crew): void
    {
        $this->dice = Dice::of(Dice::seed(20261128), 'demo');
        $trainee = Person::query()->create([
            'name' => self::TRAINEE,
            'role' => Role::Trainee,
            'units' => 'metric',
            'pin_hash' => Pin::hash(KitchenView::DEMO_PINS[self::TRAINEE]),
            // Whatever day is played: the last on the list of who is at the board.
            'created_at' => $crew[count($crew) - 1]->created_at?->addSecond(),
        ]);
        Learner::of($crew[1])->fill(['level' => Level::Fourth])->save();
        Learner::of($trainee)->fill(['level' => Level::Second, 'bench' => true])->save();
        for ($week = 0; $week < self::WEEKS; $week++) {
            foreach ([Skill::Order, Skill::Weight, Skill::Bones, Skill::Cuts] as $i => $skill) {
                for ($time = 0; $time < 2; $time++) {
                    Carbon::setTestNow($today->copy()->subDays(21 - 7 * $week - $i - 3 * $time)->setTime(15, 20));
                    $this->plays($trainee, $skill, 0.3 + 0.22 * $week);
                }
            }
        }
        foreach ([...array_fill(0, 4, Skill::Weight), Skill::Bones, Skill::Bones] as $i => $skill) {
            Carbon::setTestNow($today->copy()->subDays(9 - $i)->setTime(16, 5));
            $this->plays($crew[1], $skill, 0.9);
        }
        Carbon::setTestNow($today->copy()->subDays(2)->setTime(16, 40));
        $this->learners->sign(
            $crew[1]->id,
            Gate::ManyBoned,
            (string) Str::ulid(),
            new Fields(['why' => 'Has cut shad here for three seasons']),
            $crew[0],
        );
        Carbon::setTestNow();
    }

    /** @param  float  $able  0 for who guesses to 1 for who knows */
    private function plays(Person $person, Skill $skill, float $able): void
    {
        $drill = ($this->draw)(
            (string) Str::ulid(),
            new Fields(['skill' => $skill->value, 'seed' => Dice::seed(7_000_000 + 9_973 * ++$this->seeds)]),
            $person,
        );
        // The seed is named so that every demo is the same; it counts as if it had been drawn.
        $drill->update(['counts' => true]);
        $shown = DrillView::of($drill->refresh());
        ($this->answer)($drill->id, new Fields(match ($skill) {
            Skill::Order => $this->order($drill, $shown, $able),
            Skill::Bones => $this->bones($drill, $person, $able),
            Skill::Cuts => $this->cuts($drill, $person, $able),
            default => $this->weights($shown, $able),
        }), $person);
    }

    /**
     * By the method's own sheet, steps a place or two off.
     *
     * @param  array<string, mixed>  $shown
     * @return array<string, mixed>
     */
    private function order(Drill $drill, array $shown, float $able): array
    {
        $written = array_map(fn (Step $step): string => $step->doing, Methods::of($drill->subject)->steps ?? []);
        $places = [];
        foreach ((array) data_get($shown, 'task.order.steps') as $step) {
            $at = (int) array_search(data_get($step, 'doing'), $written, true);
            $places[(string) data_get($step, 'letter')] = $this->dice->normal($at, 5 * (1 - $able));
        }
        asort($places);
        $cautions = [];
        foreach ((array) data_get($shown, 'task.order.cautions') as $asked) {
            $choices = array_values((array) data_get($asked, 'choices'));
            $cautions[(string) data_get($asked, 'letter')] = $choices[$this->dice->whole(0, count($choices) - 1)];
        }

        return ['order' => array_map(strval(...), array_keys($places)), 'cautions' => $cautions];
    }

    /**
     * By the box around the piece, and how much of it flesh usually fills.
     *
     * @param  array<string, mixed>  $shown
     * @return array<string, mixed>
     */
    private function weights(array $shown, float $able): array
    {
        $guesses = [];
        foreach ((array) data_get($shown, 'task.weight.pieces') as $piece) {
            $outline = array_values((array) data_get($piece, 'outline'));
            $whole = data_get($shown, 'task.weight.kind') === 'whole';
            [$length, $wide] = [(float) data_get($outline, (count($outline) - 1).'.0'), 0.0];
            $box = 0.0;
            foreach ($outline as $i => $at) {
                $wide = max($wide, (float) data_get($at, '1'));
                $on = $i === 0 ? 0.0 : (float) data_get($at, '0') - (float) data_get($outline, ($i - 1).'.0');
                $box += (0.8 * 1.05 * $on * (float) data_get($at, '1') * (float) data_get($at, '2')) / 10;
            }
            $fills = match (data_get($piece, 'shape')) {
                'round' => 0.207,
                'flat' => 0.0425,
                default => 0.42,
            };
            $looks = $whole ? $fills * $length * $wide ** 2 : $box;
            $guesses[] = max(5, (int) round($looks * $this->dice->normal(1, 0.02 + 0.14 * (1 - $able)))).' g';
        }

        return ['guesses' => $guesses];
    }

    /** @return array<string, mixed> two slow strokes, tapped where something was felt */
    private function bones(Drill $drill, Person $person, float $able): array
    {
        $taps = [];
        foreach ([1, 2] as $pass) {
            $said = $this->answer->move($drill->id, $pass, new Fields([
                'stroke' => [[0.0, 0.08], [0.95, -0.02]],
                'seconds' => 4 + 4 * $able,
            ]), $person);
            foreach ((array) ($said['felt'] ?? []) as $at) {
                $along = (float) data_get($at, '0');
                $near = array_filter($taps, fn (array $tap): bool => abs($tap[0] - $along) < 0.012);
                if ($near === []) {
                    $taps[] = [
                        round(min(1, max(0, $this->dice->normal($along, 0.006 * (1 - $able)))), 4),
                        (float) data_get($at, '1'),
                    ];
                }
            }
        }

        return ['taps' => $taps];
    }

    /** @return array<string, mixed> at the marks of the plan, give or take */
    private function cuts(Drill $drill, Person $person, float $able): array
    {
        for ($number = 1; $number < 20; $number++) {
            $next = data_get(DrillView::of($drill->refresh()->load('moves')), 'task.cuts.next_cm');
            if (! is_float($next)) {
                break;
            }
            $this->answer->move($drill->id, $number, new Fields([
                'cm' => round($next + abs($this->dice->normal(0, 0.5 * (1 - $able))), 1),
            ]), $person);
        }

        return ['done' => true];
    }
}
