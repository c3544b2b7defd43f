<?php

declare(strict_types=1);

namespace Sectum\Portion\Cuts;

use Sectum\Portion\FilletOnBoard;

/**
 * The greatest block that lies inside a stretch of a loin: as long as it is cut, as wide and as high as the loin is at
 * its narrowest and thinnest there.
 *
 * Width and thickness run straight, or as a ratio of two straight lines, between two stations, so they are least at an
 * end or at a station; the two ends are searched for on a grid and then closed in on.
 */
final readonly class Block
{
    /** Places tried for each end before closing in. */
    private const GRID = 64;

    private const CLOSE_CM = 1e-4;

    private function __construct(
        public float $fromCm,
        public float $lengthCm,
        public float $widthCm,
        public float $heightCm,
    ) {
    }

    /**
     * @param  float|null  $widthCm  as measured; null to take what its mass leaves, as it is drawn
     * @param  float  $fromCm  of the stretch, from the head end
     * @param  float|null  $toCm  of the stretch; null to the tail cut
     *
     * @throws BadCut when there is no such stretch
     */
    public static function greatest(
        FilletOnBoard $fillet,
        ?float $widthCm = null,
        float $fromCm = 0.0,
        ?float $toCm = null,
    ): self {
        $from = max($fromCm, $fillet->cm($fillet->squareHeadGrams));
        $to = min($toCm ?? $fillet->tailCutCm(), $fillet->tailCutCm());
        $from < $to || throw new BadCut('There is nothing to cut a block from there.', $fromCm, '/from');
        ($widthCm === null || $widthCm > 0) || throw new BadCut('A block has a width.', $widthCm, '/width');
        $step = ($to - $from) / self::GRID;
        [$a, $b, $best] = [$from, $to, self::volume($fillet, $from, $to, $widthCm)];
        for ($i = 0; $i < self::GRID; $i++) {
            for ($j = $i + 1; $j <= self::GRID; $j++) {
                $volume = self::volume($fillet, $from + $i * $step, $from + $j * $step, $widthCm);
                if ($volume > $best) {
                    [$a, $b, $best] = [$from + $i * $step, $from + $j * $step, $volume];
                }
            }
        }
        for (; $step > self::CLOSE_CM; $step /= 2) {
            foreach ([[-1, 0], [1, 0], [0, -1], [0, 1], [-1, -1], [1, 1], [-1, 1], [1, -1]] as [$left, $right]) {
                [$at, $end] = [max($from, $a + $left * $step), min($to, $b + $right * $step)];
                $volume = $at < $end ? self::volume($fillet, $at, $end, $widthCm) : 0.0;
                if ($volume > $best) {
                    [$a, $b, $best] = [$at, $end, $volume];
                }
            }
        }

        return new self($a, $b - $a, self::width($fillet, $a, $b, $widthCm), self::height($fillet, $a, $b));
    }

    public function grams(): float
    {
        return $this->lengthCm * $this->widthCm * $this->heightCm * FilletOnBoard::GRAMS_PER_CM3;
    }

    private static function volume(FilletOnBoard $fillet, float $from, float $to, ?float $width): float
    {
        return ($to - $from) * self::width($fillet, $from, $to, $width) * self::height($fillet, $from, $to);
    }

    private static function height(FilletOnBoard $fillet, float $from, float $to): float
    {
        return $fillet->shape->between($from / $fillet->lengthCm, $to / $fillet->lengthCm)->thin *
            $fillet->thicknessMm /
            10;
    }

    private static function width(FilletOnBoard $fillet, float $from, float $to, ?float $width): float
    {
        if ($width !== null) {
            return $width;
        }
        $least = min($fillet->widthCm($from), $fillet->widthCm($to));
        $last = count($fillet->shape->stations()) - 1;
        for ($i = (int) floor(($from / $fillet->lengthCm) * $last) + 1; $i < ($to / $fillet->lengthCm) * $last; $i++) {
            $least = min($least, $fillet->widthCm(($i / $last) * $fillet->lengthCm));
        }

        return $least;
    }
}
