<?php

declare(strict_types=1);

namespace Sectum\Tests\Practise;

use Sectum\BreakDown\Container;
use Sectum\BreakDown\ExplanationKind;
use Sectum\BreakDown\Method\Condition;
use Sectum\BreakDown\Method\Cue;
use Sectum\BreakDown\Method\Step;
use Sectum\BreakDown\Method\StepOrder;
use Sectum\Fish\Bin;
use Sectum\Fish\FatClass;
use Sectum\Fish\Hazard;
use Sectum\Fish\Part;
use Sectum\Fish\PinBoneRow;
use Sectum\Fish\Share;
use Sectum\Fish\StateBought;
use Sectum\Measure\Mass;
use Sectum\Practise\Bones\BonesDrill;
use Sectum\Practise\Bones\PinBone;
use Sectum\Practise\Bones\Touch;
use Sectum\Practise\Cuts\CutsDrill;
use Sectum\Practise\Dice;
use Sectum\Practise\Fresh\FreshDrill;
use Sectum\Practise\Fresh\Lot;
use Sectum\Practise\Fresh\LotJudged;
use Sectum\Practise\Order\OrderDrill;
use Sectum\Practise\Raw\FishAsked;
use Sectum\Practise\Raw\Judgement;
use Sectum\Practise\Raw\RawCase;
use Sectum\Practise\Raw\RawDrill;
use Sectum\Practise\Raw\Ruling;
use Sectum\Practise\Sheet\Mistake;
use Sectum\Practise\Sheet\Sheet;
use Sectum\Practise\Sheet\SheetDrill;
use Sectum\Practise\Skill;
use Sectum\Practise\Sort\SortDrill;
use Sectum\Practise\Sort\Sorted;
use Sectum\Practise\Weigh\PieceToWeigh;
use Sectum\Practise\Weigh\WeighDrill;
use Sectum\Practise\Weigh\WeighedKind;
use Sectum\Receive\Attribute;
use Sectum\Receive\Verdict;
use Sectum\Route\Ways;

/**
 * Three who play every drill: one who knows, one who throws dice, and a fixed learner in the middle, who knows about
 * half of what he is asked, weighs to a tenth and cuts to 3 mm.
 */
final readonly class Learner
{
    private const KNOWS = 0.55;

    private function __construct(private string $who)
    {
    }

    public static function whoKnows(): self
    {
        return new self('knows');
    }

    public static function whoThrowsDice(): self
    {
        return new self('dice');
    }

    public static function inTheMiddle(): self
    {
        return new self('middle');
    }

    /**
     * Plays the drill of a seed.
     *
     * @return array{float, float|null} what was scored, and what the drill says dice score; null where it does not say
     */
    public function plays(Skill $skill, int $number): array
    {
        $seed = Dice::of(Dice::seed($number));
        $own = $seed->for("learner {$this->who}");

        return match ($skill) {
            Skill::Order => $this->order($seed, $own),
            Skill::Bones => [$this->bones($seed, $own), null],
            Skill::Weight => $this->weight($seed, $own),
            Skill::Cuts => [$this->cuts($seed, $own), null],
            Skill::Fresh => $this->fresh($seed, $own),
            Skill::Sheets => $this->sheets($seed, $own),
            Skill::Bins => $this->bins($seed, $own),
            Skill::Raw => $this->raw($seed, $own),
        };
    }

    /**
     * What he says: the right thing, any thing, or the right thing 55 times of a hundred and else any.
     *
     * @template T
     *
     * @param  T  $right
     * @param  non-empty-list<T>  $all
     * @return T
     */
    private function says(Dice $own, mixed $right, array $all): mixed
    {
        return match ($this->who) {
            'knows' => $right,
            'dice' => $own->one($all),
            default => $own->happens(self::KNOWS) ? $right : $own->one($all),
        };
    }

    /** @return array{float, float} */
    private function order(Dice $seed, Dice $own): array
    {
        $steps = [];
        $rules = [];
        $names = ['slime', 'scale', 'gut', 'rinse', 'head', 'open', 'turn', 'ribs', 'pins', 'skin', 'tidy'];
        foreach ($names as $i => $name) {
            $steps[] = new Step(
                $i,
                $name,
                Condition::parse(''),
                $name,
                "why {$name}",
                [],
                '',
                '',
                $i % 2 === 0 ? "mind {$name}" : '',
                '',
                new Cue('', '', ''),
                10,
                0,
            );
            if ($i > 0 && $i !== 4) {
                $rules[] = new StepOrder($names[$i - 1], $name, Condition::parse(''), "{$name} comes after");
            }
        }
        $drill = OrderDrill::drawn($seed, $steps, $rules, []);
        $order = $drill->right;
        if ($this->who === 'dice') {
            $order = $own->shuffled($order);
        } elseif ($this->who === 'middle') {
            // Each step stands where it belongs, give or take three places.
            $at = array_map(fn (int $place): float => $own->normal($place, 3.0), array_flip($order));
            asort($at);
            $order = array_keys($at);
        }
        $cautions = [];
        foreach ($drill->cautions as $letter => $choices) {
            $cautions[$letter] = $this->says($own, $drill->steps[$letter]->caution, $choices);
        }

        return [$drill->judged($order, $cautions)->scorePct, $drill->byChance()];
    }

    private function bones(Dice $seed, Dice $own): float
    {
        $drill = BonesDrill::drawn($seed, PinBoneRow::Short, 16, 2.5, 55);
        if ($this->who === 'knows') {
            $taps = array_map(fn (PinBone $bone): Touch => new Touch($bone->along, $bone->across), $drill->bones);
        } elseif ($this->who === 'dice') {
            $taps = array_map(
                fn (): Touch => new Touch($own->share(), $own->between(-1, 1)),
                range(1, $own->whole(10, 22)),
            );
        } else {
            // One slow stroke along the row, tapped where something was felt, give or take; and two taps for luck.
            $felt = $drill->felt(new Touch(0, 0.1), new Touch(0.9, -0.02), 4.0, 1);
            $taps = array_map(
                fn (Touch $one): Touch => new Touch(min(1, max(0, $own->normal($one->along, 0.0045))), $one->across),
                $felt,
            );
            $taps[] = new Touch($own->share(), 0.0);
            $taps[] = new Touch($own->share(), 0.0);
        }

        return $drill->judged($taps)->scorePct;
    }

    /** @return array{float, float} */
    private function weight(Dice $seed, Dice $own): array
    {
        $drill = WeighDrill::drawn($seed, $seed->for('kind')->one(WeighedKind::cases()));
        [$low, $high] = [$drill->kind->lightest(), $drill->kind->heaviest()];
        $guesses = array_map(
            fn (PieceToWeigh $piece): Mass => match ($this->who) {
                'knows' => $piece->mass,
                'dice' => Mass::ofGrams(round($own->between($low, $high), 1)),
                default => Mass::ofGrams(max(5.0, round($piece->mass->grams() * $own->normal(1, 0.1)))),
            },
            $drill->pieces,
        );

        // Dice may say ten times what a piece weighs; a learner is told that no such piece weighs that.
        return [
            $drill->judged(array_map(
                fn (Mass $guess, PieceToWeigh $piece): Mass => Mass::ofMilligrams(
                    min($guess->milligrams, 10 * $piece->mass->milligrams),
                ),
                $guesses,
                $drill->pieces,
            ))->scorePct,
            $drill->byChance(),
        ];
    }

    private function cuts(Dice $seed, Dice $own): float
    {
        $drill = CutsDrill::drawn($seed, $seed->for('shape')->one(['long-side', 'short-side', 'loin']));
        $cuts = [];
        if ($this->who === 'knows') {
            $cuts = CutsDrill::marks($drill->best());
        } elseif ($this->who === 'dice') {
            $count = $own->whole(5, 12);
            $cuts = array_map(fn (): float => $own->between(0.5, $drill->table->lengthCm), range(1, $count));
            sort($cuts);
            $apart = [];
            foreach ($cuts as $cut) {
                if ($cut >= ($apart[count($apart) - 1] ?? 0.0) + 0.3) {
                    $apart[] = $cut;
                }
            }
            $cuts = $apart;
        } else {
            // Follows the plan as it moves, and misses each mark by 3 mm.
            $plan = $drill->planFrom([]);
            $cuts[] = max(0.3, ($plan->pieces[0]->fromCm ?? 1.0) + $own->normal(0, 0.33));
            while (count($cuts) < CutsDrill::MOST_CUTS) {
                $next = $drill->planFrom($cuts)->pieces[0] ?? null;
                $to = $next === null ? INF : $next->toCm + $own->normal(0, 0.33);
                if ($to > $drill->table->lengthCm) {
                    break;
                }
                $cuts[] = max($cuts[count($cuts) - 1] + 0.3, $to);
            }
        }

        return $drill->judged($cuts)->scorePct;
    }

    /** @return array{float, float} */
    private function fresh(Dice $seed, Dice $own): array
    {
        $fat = $seed->for('fat')->one(FatClass::cases());
        $drill = FreshDrill::drawn($seed, $fat, StateBought::Gutted, ['smell' => 2.0, 'gills' => 1.5, 'eyes' => 0.6]);
        $answers = array_map(
            fn (Lot $lot): LotJudged => new LotJudged(
                array_map(fn (int $grade): int => $this->says($own, $grade, [0, 1, 2, 3]), $lot->looks->grades),
                $this->says($own, $lot->judged->verdict, Verdict::cases()),
                $this->says($own, $lot->decides, Attribute::cases()),
                70,
            ),
            $drill->lots,
        );

        return [$drill->judged($answers)->scorePct, $drill->byChance()];
    }

    /** @return array{float, float} */
    private function sheets(Dice $seed, Dice $own): array
    {
        $drill = SheetDrill::drawn(
            $seed,
            [
                'head' => new Share(20, 2), 'collar' => new Share(3, 0.8), 'frame' => new Share(14, 1.7),
                'side-a' => new Share(31, 2), 'side-b' => new Share(31, 2),
            ],
            Mass::ofGrams(2200),
            [new Container('half tray', Mass::ofGrams(412)), new Container('lid', Mass::ofGrams(96))],
        );
        $answers = array_map(function (Sheet $sheet) use ($own): ?Mistake {
            $pieces = array_column($sheet->tree->pieces, 'id');
            $piece = $this->says($own, $sheet->mistake?->piece, [...$pieces, null]);
            $kind = $this->says($own, $sheet->mistake->kind ?? ExplanationKind::Tare, ExplanationKind::cases());

            return $piece === null ? null : new Mistake($piece, $kind);
        }, $drill->sheets);

        return [$drill->judged($answers)->scorePct, $drill->byChance()];
    }

    /** @return array{float, float} */
    private function bins(Dice $seed, Dice $own): array
    {
        $drill = SortDrill::drawn(
            $seed,
            $seed->for('fat')->one(FatClass::cases()),
            [Hazard::Parasites],
            [Part::Collar, Part::Cheeks],
            new Ways(),
        );
        $answers = array_map(
            fn (Sorted $part): Bin => $this->says($own, $part->to->first(), Bin::cases()),
            $drill->parts,
        );

        return [$drill->judged($answers)->scorePct, $drill->byChance()];
    }

    /** @return array{float, float} */
    private function raw(Dice $seed, Dice $own): array
    {
        $drill = RawDrill::drawn($seed, [
            new FishAsked('Hake', 'Merluccius merluccius', [Hazard::Parasites]),
            new FishAsked('Arctic char', 'Salvelinus alpinus', [Hazard::Parasites]),
            new FishAsked('Yellowfin tuna', 'Thunnus albacares', [Hazard::Histamine]),
        ]);
        $answers = array_map(
            fn (RawCase $case): Judgement => new Judgement(
                $this->says($own, $case->ruling->allows(), [true, false]),
                $this->says($own, $case->ruling, Ruling::cases()),
            ),
            $drill->cases,
        );

        return [$drill->judged($answers)->scorePct, $drill->byChance()];
    }
}
