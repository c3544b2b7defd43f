<?php

declare(strict_types=1);

namespace App\Practise\Drill;

use App\Contract\Fault;
use App\Contract\Fields;
use App\Kitchen\Format\Words;
use App\Kitchen\Settings;
use Sectum\Measure\Mass;
use Sectum\Portion\FilletOnBoard;
use Sectum\Portion\Shape\MeasuredCut;
use Sectum\Practise\Cuts\CutsDrill;
use Sectum\Practise\Dice;
use Sectum\Practise\Level;

/** A side on the planner's own picture, cut by whoever learns it. */
final readonly class PlayedCuts implements Played
{
    /** Points the outline is drawn through. */
    private const OUTLINE = 40;

    private function __construct(private CutsDrill $drill, private Level $level)
    {
    }

    /** @return list<string> shapes */
    public static function subjects(): array
    {
        return ['long-side', 'short-side', 'loin'];
    }

    public static function drawn(Dice $dice, string $subject, Level $level): self
    {
        in_array($subject, self::subjects(), true) || throw Fault::inField('/subject', 'There is no such side.');

        return new self(CutsDrill::drawn($dice, $subject), $level);
    }

    public function stamp(): string
    {
        return $this->drill->shape;
    }

    public function shown(Words $words, array $moves): array
    {
        $table = $this->drill->table;
        $dish = $this->drill->dish;
        $cuts = self::cuts($moves);
        $plan = $this->drill->planFrom($cuts);
        $marks = CutsDrill::marks($plan);
        // Before the first cut the next one squares off; then the knife stands at the first mark already.
        $next = $marks[$cuts === [] ? 0 : 1] ?? null;

        return [
            'shape' => $this->drill->shape,
            'length_cm' => $table->lengthCm,
            'length' => $words->along($table->lengthCm),
            'thickness' => $words->across($table->thicknessMm),
            'mass' => $words->text(Mass::ofGrams($table->massGrams)),
            'square' => $words->text(Mass::ofGrams($table->squareHeadGrams)),
            'target' => $words->text(Mass::ofGrams($dish->targetGrams)),
            'band' => $words->text(Mass::ofGrams($dish->targetGrams - $dish->minusGrams)).' to '.
                $words->text(Mass::ofGrams($dish->targetGrams + $dish->plusGrams)),
            'outline' => self::outline($table),
            'pieces' => $this->pieces($this->drill->measured($cuts), $words),
            'to_come' => count($plan->pieces),
            'next_cm' => $this->level->showsMarks() && $next !== null ? round($next, 1) : null,
        ];
    }

    /** @return list<array{float, float, float}> place in cm, width in cm, thickness in mm */
    private static function outline(FilletOnBoard $table): array
    {
        return array_map(function (int $i) use ($table): array {
            $cm = ($table->lengthCm * $i) / self::OUTLINE;

            return [
                round($cm, 2),
                round($table->widthCm($cm), 2),
                round($table->shape->thicknessAt($i / self::OUTLINE) * $table->thicknessMm, 1),
            ];
        }, range(0, self::OUTLINE));
    }

    /**
     * @param  list<MeasuredCut>  $pieces
     * @return list<Answer>
     */
    private function pieces(array $pieces, Words $words): array
    {
        return array_map(
            fn (MeasuredCut $piece, int $i): array => [
                'from_cm' => round($piece->fromCm, 2),
                'to_cm' => round($piece->toCm, 2),
                'mass' => $words->text(Mass::ofGrams($piece->grams)),
                'what' => match (true) {
                    $i === 0 => 'square',
                    $this->drill->isInBand($piece->grams) => 'portion',
                    default => 'off',
                },
            ],
            $pieces,
            array_keys($pieces),
        );
    }

    /**
     * @param  list<DrillMove>  $moves
     * @return list<float>
     */
    private static function cuts(array $moves): array
    {
        return array_map(fn (DrillMove $move): float => $move->cm(), $moves);
    }

    public function moved(Fields $move, int $number, array $moves): array
    {
        $cm = $move->maybeNumber('cm') ?? throw Fault::inField('/cm', 'Say where the knife goes.');
        $grams = Fault::within('', fn (): float => $this->drill->weighs(self::cuts($moves), $cm));

        return ['grams' => $grams];
    }

    public function judged(Fields $answer, array $moves, Words $words): Judged
    {
        $result = $this->drill->judged(self::cuts($moves));
        $settings = Settings::load();
        $money = fn (float $value): string => $settings->money((int) round(100 * $value))->print();
        $best = CutsDrill::marks($this->drill->best());

        return new Judged($result->scorePct, [
            'pieces' => $this->pieces($result->pieces, $words),
            'best_cm' => array_map(fn (float $cm): float => round($cm, 1), $best),
            'portions' => $result->portions,
            'possible' => $result->possible,
            'value' => $money($result->value),
            'best' => $money($result->best),
            'lost' => $money(max(0.0, $result->best - $result->value)),
            'over' => $words->text(Mass::ofGrams($result->overGrams)),
            'left' => $words->text(Mass::ofGrams(max(0.0, $result->leftGrams))),
            'evenness' => round($result->evenness, 2),
        ]);
    }
}
