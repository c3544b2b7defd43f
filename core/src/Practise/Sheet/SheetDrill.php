<?php

declare(strict_types=1);

namespace Sectum\Practise\Sheet;

use Sectum\BreakDown\Container;
use Sectum\BreakDown\CutPiece;
use Sectum\BreakDown\CutTree;
use Sectum\BreakDown\ExplanationKind;
use Sectum\BreakDown\Loss;
use Sectum\BreakDown\Reconcile;
use Sectum\Fish\Part;
use Sectum\Fish\Share;
use Sectum\Measure\Mass;
use Sectum\Practise\BadDrill;
use Sectum\Practise\Dice;

/**
 * Sheets of weights, most with one mistake planted among them: a tray left under, a unit taken for another, two digits
 * changed over, one figure written twice.
 *
 * A mistake is planted only where the kitchen's own reconciliation finds it too, and a right sheet is one it has
 * nothing against: what is asked can be answered. Which reading counts half, what happened to it half.
 */
final readonly class SheetDrill
{
    public const SHEETS = 5;

    /** Of all sheets this share is right. */
    private const RIGHT = 0.2;

    private const TRIES = 60;

    private const OUNCE = 28.349523125;

    /** @param  non-empty-list<Sheet>  $sheets */
    private function __construct(public array $sheets)
    {
    }

    /**
     * @param  array<string, Share>  $shares  of the whole fish, by part: two sides at least
     * @param  list<Container>  $tares  of the house
     *
     * @throws BadDrill when nothing findable can be planted
     */
    public static function drawn(Dice $dice, array $shares, Mass $usual, array $tares): self
    {
        $dice = $dice->for('sheets');
        count($shares) >= 4 ||
            throw new BadDrill('Too little is known of this fish for a sheet.', count($shares), '/subject');

        return new self(array_map(
            fn (): Sheet => self::sheet($dice, $shares, $usual, $tares, $dice->happens(self::RIGHT)),
            range(1, self::SHEETS),
        ));
    }

    /**
     * @param  array<string, Share>  $shares
     * @param  list<Container>  $tares
     */
    private static function sheet(Dice $dice, array $shares, Mass $usual, array $tares, bool $right): Sheet
    {
        for ($try = 0; $try < self::TRIES; $try++) {
            $grams = self::weights($dice, $shares, $usual);
            $mistake = $right ? null : self::planted($dice, $grams, $tares);
            $tree = self::tree($grams, $shares, $tares);
            $found = Reconcile::of($tree);
            if (
                $mistake === null
                    ? $right && $found->suspects === []
                    : $found->diagnosis?->id === $mistake->piece &&
                        $found->diagnosis->explanation?->kind === $mistake->kind
            ) {
                return new Sheet($tree, $mistake);
            }
        }

        throw new BadDrill('No mistake can be planted on such a sheet.', $usual->grams(), '/subject');
    }

    /**
     * @param  array<string, Share>  $shares
     * @return non-empty-array<string, float> grams by piece, the whole first
     */
    private static function weights(Dice $dice, array $shares, Mass $usual): array
    {
        $whole = round($usual->grams() * exp($dice->normal(0, 0.12)));
        $loss = max(0.1, $dice->normal(0.5, 0.15));
        $raw = array_map(
            fn (Share $share): float => max(0.2 * $share->meanPct, $dice->normal($share->meanPct, $share->sdPct / 2)),
            $shares,
        );
        $grams = ['whole' => $whole];
        foreach ($raw as $part => $share) {
            $grams[$part] = round(($whole * (1 - $loss / 100) * $share) / array_sum($raw));
        }

        return $grams;
    }

    /**
     * Changes one of the weights.
     *
     * @param  non-empty-array<string, float>  $grams
     * @param  list<Container>  $tares
     */
    private static function planted(Dice $dice, array &$grams, array $tares): ?Mistake
    {
        $kind = $dice->one(ExplanationKind::cases());
        $piece = $dice->one(array_keys($grams));
        $was = $grams[$piece];
        $is = match ($kind) {
            ExplanationKind::Tare => $tares === []
                ? $was
                : $was + $dice->one($tares)->mass->grams(),
            // Read off the ounces' face and written down as grams.
            ExplanationKind::Unit => round($was / self::OUNCE),
            ExplanationKind::Digits => self::digitsOver($dice, $was),
            ExplanationKind::Twice => self::neighbour($grams, $piece),
        };
        if ($is === $was || $is < 1) {
            return null;
        }
        $grams[$piece] = $is;

        return new Mistake($piece, $kind);
    }

    private static function digitsOver(Dice $dice, float $grams): float
    {
        $written = (string) (int) $grams;
        if (strlen($written) < 2) {
            return $grams;
        }
        $at = $dice->whole(0, strlen($written) - 2);
        [$written[$at], $written[$at + 1]] = [$written[$at + 1], $written[$at]];

        return (float) $written;
    }

    /** @param  non-empty-array<string, float>  $grams */
    private static function neighbour(array $grams, string $piece): float
    {
        $names = array_keys($grams);
        $at = (int) array_search($piece, $names, true);

        return $at < 2 ? $grams[$piece] : $grams[$names[$at - 1]];
    }

    /**
     * @param  non-empty-array<string, float>  $grams
     * @param  array<string, Share>  $shares
     * @param  list<Container>  $tares
     */
    private static function tree(array $grams, array $shares, array $tares): CutTree
    {
        $step = Mass::ofGrams(1);
        $pieces = [];
        foreach ($grams as $name => $weighs) {
            $part = Part::tryFrom($name);
            $pieces[] = new CutPiece(
                $name,
                $name === 'whole' ? null : 'whole',
                Mass::ofGrams($weighs),
                $step,
                $shares[$name] ?? null,
                $part,
                $part?->family(),
                true,
            );
        }

        return new CutTree($pieces, new Loss(), $tares);
    }

    /**
     * @param  list<Mistake|null>  $answers  one a sheet; null for "all is right"
     *
     * @throws BadDrill when one is missing, or of no piece of that sheet
     */
    public function judged(array $answers): SheetResult
    {
        count($answers) === count($this->sheets) ||
            throw new BadDrill('Say of each sheet which weight is wrong, or that none is.', count($answers), '/sheets');
        $points = [];
        foreach ($this->sheets as $i => $sheet) {
            $answer = $answers[$i];
            $answer === null ||
                in_array($answer->piece, array_column($sheet->tree->pieces, 'id'), true) ||
                throw new BadDrill('That weight is not on this sheet.', $answer->piece, "/sheets/{$i}/piece");
            $points[] = match (true) {
                $sheet->mistake === null => $answer === null ? 1.0 : 0.0,
                $answer === null => 0.0,
                default => ($answer->piece === $sheet->mistake->piece ? 0.5 : 0.0) +
                    ($answer->kind === $sheet->mistake->kind ? 0.5 : 0.0),
            };
        }

        return new SheetResult((100 * array_sum($points)) / count($points), $points);
    }

    /** What somebody scores who picks any weight, or none, and any of the four mistakes. */
    public function byChance(): float
    {
        $sum = 0.0;
        foreach ($this->sheets as $sheet) {
            $weights = count($sheet->tree->pieces);
            $sum +=
                $sheet->mistake === null
                    ? 1 / ($weights + 1)
                    : (0.5 + ($weights * 0.5) / count(ExplanationKind::cases())) / ($weights + 1);
        }

        return (100 * $sum) / count($this->sheets);
    }
}
