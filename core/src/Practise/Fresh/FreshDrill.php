<?php

declare(strict_types=1);

namespace Sectum\Practise\Fresh;

use Sectum\Fish\FatClass;
use Sectum\Fish\StateBought;
use Sectum\Practise\BadDrill;
use Sectum\Practise\Dice;
use Sectum\Receive\Attribute;
use Sectum\Receive\Freshness;
use Sectum\Receive\LooksAndFeel;
use Sectum\Receive\Verdict;

/**
 * Lots to grade and decide on by the house's own scheme, each with one sign against the story of the others.
 *
 * Grades count half, a grade off by one losing a third of its share; the verdict counts 30 of a hundred and the
 * deciding sign 20. How sure he was counts for nothing here: it is set beside how often he was right.
 */
final readonly class FreshDrill
{
    public const LOTS = 3;

    private const GRADES = 50.0;

    private const VERDICT = 30.0;

    private const SIGN = 20.0;

    private const TRIES = 400;

    /** @param  non-empty-list<Lot>  $lots */
    private function __construct(public array $lots)
    {
    }

    /**
     * @param  array<string, float>  $weights  what each attribute counts in this house
     *
     * @throws BadDrill when the house's weights let no single sign decide
     */
    public static function drawn(Dice $dice, FatClass $fat, StateBought $state, array $weights): self
    {
        $dice = $dice->for('fresh');
        $lots = [];
        for ($try = 0; count($lots) < self::LOTS && $try < self::TRIES; $try++) {
            $lot = self::lot($dice, $fat, $state, $weights);
            if ($lot !== null) {
                $lots[] = $lot;
            }
        }
        count($lots) === self::LOTS ||
            throw new BadDrill('By this scheme no single sign decides.', count($lots), '/subject');

        return new self($lots);
    }

    /** @param  array<string, float>  $weights */
    private static function lot(Dice $dice, FatClass $fat, StateBought $state, array $weights): ?Lot
    {
        $attributes = Attribute::shownBy($state);
        $story = $dice->whole(0, Attribute::WORST - 1);
        $grades = [];
        foreach ($attributes as $attribute) {
            $grades[$attribute->value] = min(Attribute::WORST, $story + ($dice->happens(0.3) ? 1 : 0));
        }
        $odd = $dice->one($attributes === [] ? Attribute::cases() : $attributes);
        $away = array_values(array_filter(
            range(0, Attribute::WORST),
            fn (int $grade): bool => abs($grade - ($grades[$odd->value] ?? 0)) >= 2,
        ));
        if ($away === []) {
            return null;
        }
        $grades[$odd->value] = $dice->one($away);
        $looks = new LooksAndFeel($grades, $fat, $state, weights: $weights);
        $judged = Freshness::of($looks);
        foreach ($attributes as $one) {
            $else = new LooksAndFeel([...$grades, $one->value => $story], $fat, $state, weights: $weights);
            if ((Freshness::of($else)->verdict !== $judged->verdict) !== ($one === $odd)) {
                return null;
            }
        }

        return new Lot($looks, $odd, $judged);
    }

    /**
     * @param  list<LotJudged>  $answers  one a lot, in their order
     *
     * @throws BadDrill when a lot or a grade is missing
     */
    public function judged(array $answers): FreshResult
    {
        count($answers) === count($this->lots) ||
            throw new BadDrill('Decide on each lot.', count($answers), '/lots');
        $score = 0.0;
        $right = $sure = $brier = 0.0;
        foreach ($this->lots as $i => $lot) {
            $answer = $answers[$i];
            $hit = 0.0;
            foreach ($lot->looks->grades as $code => $grade) {
                isset($answer->grades[$code]) ||
                    throw new BadDrill('Grade every sign of every lot.', null, "/lots/{$i}/grades/{$code}");
                $hit += 1 - abs($answer->grades[$code] - $grade) / Attribute::WORST;
            }
            $isRight = $answer->verdict === $lot->judged->verdict;
            $score +=
                (self::GRADES * $hit) / count($lot->looks->grades) +
                ($isRight ? self::VERDICT : 0.0) +
                ($answer->decides === $lot->decides ? self::SIGN : 0.0);
            $right += $isRight ? 1 : 0;
            $sure += $answer->surePct;
            $brier += ($answer->surePct / 100 - ($isRight ? 1 : 0)) ** 2;
        }
        $lots = count($this->lots);

        return new FreshResult($score / $lots, (int) $right, $sure / $lots, $brier / $lots);
    }

    /** What somebody scores who throws dice for every grade, verdict and sign. */
    public function byChance(): float
    {
        $sum = 0.0;
        foreach ($this->lots as $lot) {
            $signs = count($lot->looks->grades);
            foreach ($lot->looks->grades as $grade) {
                $off = array_sum(array_map(fn (int $any): int => abs($any - $grade), range(0, Attribute::WORST)));
                $sum += (self::GRADES * (1 - $off / 4 / Attribute::WORST)) / $signs;
            }
            $sum += self::VERDICT / count(Verdict::cases()) + self::SIGN / $signs;
        }

        return $sum / count($this->lots);
    }
}
