<?php

declare(strict_types=1);

namespace App\Hold\Treatment;

use App\Hold\Places\PlacesView;
use App\Hold\Things\HeldThing;
use App\Hold\Things\HeldThings;
use App\Kitchen\Format\Words;
use App\Kitchen\Moment;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use Psr\Clock\ClockInterface;
use Sectum\Hold\Treatment\Ingredient;
use Sectum\Hold\Treatment\SaltAt;
use Sectum\Hold\Treatment\Slab;
use Sectum\Hold\Treatment\Strength;
use Sectum\Hold\Treatment\TreatmentPlan;
use Sectum\Hold\Treatment\WeightChange;
use Sectum\Measure\Mass;
use Sectum\Message;
use Sectum\Receive\Freshness;

/** Treatments: what the house does, what is done now, and one in full with its amounts, clock and weights. */
final readonly class TreatingView
{
    private const SHOWN = 20;

    public function __construct(private ClockInterface $clock)
    {
    }

    /** @return Answer */
    public function all(Person $person): array
    {
        $words = $this->words($person);
        $now = $this->clock->now();
        $done = Treating::query()->with(['beginner', 'marks'])->orderByDesc('number')->limit(self::SHOWN)->get();

        return [
            'treatments' => array_map(
                fn (HouseTreatment $one): array => self::house($one),
                array_values(HouseTreatment::query()->whereNull('retired_at')->orderBy('minutes')->get()->all()),
            ),
            'treatings' => array_map(
                fn (Treating $one): array => [
                    'id' => $one->id,
                    'number' => $one->number,
                    'name' => $one->asMade()->name,
                    'mass' => $words->text($one->before()),
                    'by' => $one->beginner->name,
                    'state' => self::state($one),
                    'clock' => $this->running($one),
                    'since' => PlacesView::when(
                        Moment::at($one->started_at ?? $one->begun_at)->getTimestamp(),
                        $now,
                    ),
                    'change' => self::change($one, $words)['text'] ?? null,
                ],
                array_values($done->all()),
            ),
            'check' => Freshness::CHECK,
        ];
    }

    /** @return Answer what it takes for so much fish, with nothing written down */
    public function plan(HouseTreatment $house, Mass $fish, ?float $thick, int $faces, ?Strength $measured): array
    {
        return self::planned(
            TreatmentPlan::of($house->treatment(), $fish, $thick, $faces, $measured),
            $measured,
            Words::ofReader(),
        );
    }

    /** @return Answer */
    public function one(string $id, Person $person): array
    {
        $words = $this->words($person);
        $one = Treating::query()
            ->with(['beginner', 'marks.doer', 'things.piece', 'things.tray.dish', 'things.tray.pieces'])
            ->findOrFail($id);
        $made = $one->asMade();
        $plan = $one->plan();

        return [
            'id' => $one->id,
            'number' => $one->number,
            'version' => $one->version,
            'treatment' => self::house($made),
            'things' => $this->things($one),
            'by' => $one->beginner->name,
            'before' => $words->mass($one->before()),
            'thickness' => $one->thick_mm === null ? null : $words->across($one->thick_mm),
            'faces' => $one->faces,
            'plan' => self::planned(
                $plan,
                $one->measured_pct === null ? null : new Strength($one->measured_pct),
                $words,
            ),
            'used_brine' => $one->brine_of !== null,
            'steps' => $one->brine_of === null ? $this->steps($one, $plan, $words) : [],
            'state' => self::state($one),
            'clock' => $this->running($one),
            'marks' => array_map(
                fn (TreatingMark $mark): array => [
                    'what' => $mark->what,
                    'mass' => $mark->mass_mg === null ? null : $words->text(Mass::ofMilligrams($mark->mass_mg)),
                    'at' => Moment::hour($mark->done_at),
                    'by' => $mark->doer->name,
                ],
                array_values($one->marks->all()),
            ),
            'after' => $one->after_mg === null ? null : $words->mass(Mass::ofMilligrams($one->after_mg)),
            'change' => self::change($one, $words),
            'expected' => self::signed($made->change_pct).' ± '.number_format($made->change_sd, 1, '.', '').' %',
            'reached' => $this->reached($one, $plan),
            'check' => Freshness::CHECK,
        ];
    }

    /** @return 'made-up'|'running'|'ended'|'weighed' */
    public static function state(Treating $one): string
    {
        return match (true) {
            $one->after_mg !== null => 'weighed',
            $one->ended_at !== null => 'ended',
            $one->started_at !== null => 'running',
            default => 'made-up',
        };
    }

    /** Null while its clock has not begun. */
    public function running(Treating $one): ?TreatmentClock
    {
        $made = $one->asMade();
        $begun = $one->at(0);
        if ($begun === null) {
            return null;
        }
        $turned = $one->marks->where('what', 'turn')->count();
        $from = $begun->getTimestamp();
        $at = fn (float $minutes): int => $from + (int) round(60 * $minutes);
        $turn = $made->turn_every === null ? null : $at($made->turn_every * ($turned + 1));

        return new TreatmentClock(
            $from,
            $at($made->minutes_from),
            $at($made->minutes),
            $at($made->minutes_to),
            $turn === null || $turn >= $at($made->minutes) ? null : $turn,
            $one->ended_at === null ? null : Moment::at($one->ended_at)->getTimestamp(),
            $this->clock->now()->getTimestamp(),
        );
    }

    /** @return Answer */
    private static function house(HouseTreatment $one): array
    {
        return [
            'id' => $one->id,
            'version' => $one->version,
            'name' => $one->name,
            'kind' => $one->kind->value,
            'aims' => array_column($one->aims(), 'value'),
            'not_for' => $one->not_for === '' ? [] : explode(' ', $one->not_for),
            'strength_pct' => $one->strength_pct,
            'brine_ratio' => $one->brine_ratio,
            'salt_pct' => $one->salt_pct,
            'sugar_pct' => $one->sugar_pct,
            'target_pct' => $one->target_pct,
            'minutes_from' => $one->minutes_from,
            'minutes' => $one->minutes,
            'minutes_to' => $one->minutes_to,
            'turn_every' => $one->turn_every,
            'rinse' => $one->rinse,
            'dry' => $one->dry,
            'uses' => $one->uses,
            'service' => $one->service?->value,
            'caution' => $one->caution,
            'source' => $one->source,
        ];
    }

    /** @return Answer */
    private static function planned(TreatmentPlan $plan, ?Strength $measured, Words $words): array
    {
        return [
            'ingredients' => array_map(
                fn (Ingredient $one): array => ['name' => $one->name, 'mass' => $words->mass($one->mass)],
                $plan->ingredients,
            ),
            'curve' => array_map(
                fn (SaltAt $at): array => [
                    'minutes' => $at->minutes,
                    'pct' => $at->pct,
                    'low' => $at->low,
                    'high' => $at->high,
                ],
                $plan->curve,
            ),
            'target_minutes' => $plan->minutesToTarget,
            'ceiling_pct' => $plan->ceilingPct,
            'even_hours' => $plan->hoursToEven,
            'degrees' => $measured === null ? null : round($measured->degrees(), 1),
        ];
    }

    /**
     * What is weighed in, one after the other, and how near each was.
     *
     * @return list<Answer>
     */
    private function steps(Treating $one, TreatmentPlan $plan, Words $words): array
    {
        return array_map(function (Ingredient $step) use ($one, $words): array {
            $weighed = $one->marks->where('what', $step->name)->whereNotNull('mass_mg');
            $mass = Mass::sum(
                array_values($weighed->map(fn (TreatingMark $mark) => Mass::ofMilligrams((int) $mark->mass_mg))->all()),
            );
            $off = $mass->minus($step->mass);

            return [
                'name' => $step->name,
                'mass' => $words->mass($step->mass),
                'weighed' => $weighed->isEmpty() ? null : $words->mass($mass),
                // As near as the scale can tell.
                'within' => $off->abs()->milligrams <= Settings::load()->scaleStep->milligrams,
            ];
        }, $plan->ingredients);
    }

    /** @return list<string> */
    private function things(Treating $one): array
    {
        $all = $one->things->map(fn (TreatedThing $thing): HeldThing => $thing->thing());

        return array_values($all->map((new HeldThings($all))->name(...))->all());
    }

    /** @return array{pct: float, text: string, code: string, say: string}|null null while it is not weighed again */
    private static function change(Treating $one, Words $words): ?array
    {
        if ($one->after_mg === null) {
            return null;
        }
        $made = $one->asMade();
        $change = WeightChange::of(
            $one->before(),
            Mass::ofMilligrams($one->after_mg),
            $made->change_pct,
            $made->change_sd,
        );

        return [
            'pct' => $change->pct,
            'text' => self::signed($change->pct).' %',
            'code' => $change->says->value,
            'say' => $words->say(new Message($change->says)),
        ];
    }

    /**
     * How far the salt is through it by now, or was when it ended; null where nobody measured how thick it is.
     *
     * @return Answer|null
     */
    private function reached(Treating $one, TreatmentPlan $plan): ?array
    {
        if ($one->started_at === null || $one->thick_mm === null) {
            return null;
        }
        $until = $one->ended_at === null ? $this->clock->now() : Moment::at($one->ended_at);
        $seconds = max(0, $until->getTimestamp() - Moment::at($one->started_at)->getTimestamp());
        $made = $one->asMade();
        if ($made->kind->isStrewn()) {
            return [
                'share' => (new Slab($one->thick_mm, $one->faces))->evenness($seconds),
                'salt_pct' => null,
            ];
        }
        $before = null;
        foreach ($plan->curve as $at) {
            $before = $at->minutes * 60 <= $seconds ? $at : $before;
        }

        return $before === null
            ? null
            : [
                'share' => $plan->ceilingPct === null ? null : $before->pct / $plan->ceilingPct,
                'salt_pct' => $before->pct,
            ];
    }

    private static function signed(float $pct): string
    {
        return ($pct < 0 ? '−' : '+').number_format(abs($pct), 1, '.', '');
    }

    private function words(Person $person): Words
    {
        return new Words($person->units, Settings::load()->scaleStep);
    }
}
