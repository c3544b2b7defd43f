<?php

declare(strict_types=1);

namespace Sectum\Practise\Bones;

use Sectum\Fish\PinBoneRow;
use Sectum\Practise\BadDrill;
use Sectum\Practise\Dice;

/**
 * A side with bones nobody sees: as many, as far along and as evenly as its species has them, some broken off and some
 * out of line; of many-boned fish three rows.
 *
 * Stroked, a bone is felt where the finger passes over it, more surely when it goes slowly; what is felt lies a little
 * off. Judged by what was tapped: a bone counts once, a tap beside every bone takes half a bone away. Figures of the
 * hand are estimates.
 */
final readonly class BonesDrill
{
    /** Bones nearer than this to a tap are found by it: 5 mm on a side of half a metre. */
    public const TAP_ALONG = 0.01;

    public const TAP_ACROSS = 0.18;

    /** How far across a finger reaches. */
    private const FINGER = 0.15;

    private const FELT_SLOW = 0.92;

    private const FELT_FAST = 0.55;

    /** Of the chance to feel a whole bone. */
    private const FELT_BROKEN = 0.6;

    /** Shares of the side a second above which a stroke is fast. */
    private const FAST = 0.35;

    /** How far what is felt lies off, standard deviation along. */
    private const BLUR = 0.0025;

    private const REACH_SD = 0.06;

    private const BROKEN = 0.08;

    private const OUT_OF_LINE = 0.06;

    private const FEWEST = 4;

    /** Taps a side takes. */
    public const MOST_TAPS = 250;

    /**
     * @param  non-empty-list<PinBone>  $bones  from the head end
     */
    private function __construct(public PinBoneRow $row, public array $bones, private Dice $dice)
    {
    }

    /**
     * @param  float  $perSide  usual number
     * @param  float  $sd  of that number
     * @param  float  $reachPct  how far along they usually run, percent of the side
     *
     * @throws BadDrill when the species has none
     */
    public static function drawn(Dice $dice, PinBoneRow $row, float $perSide, float $sd, float $reachPct): self
    {
        $row !== PinBoneRow::None && $perSide >= self::FEWEST ||
            throw new BadDrill('This fish has no pin bones to look for.', $row->value, '/subject');
        $dice = $dice->for('bones');
        $count = max(self::FEWEST, (int) round($dice->normal($perSide, $sd)));
        $reach = min(0.97, max(0.25, $dice->normal($reachPct / 100, self::REACH_SD)));
        $bones = [];
        $rows = $row === PinBoneRow::ManyBoned ? [-0.45, 0.05, 0.5] : [0.1];
        foreach ($rows as $k => $across) {
            $of = intdiv($count, count($rows)) + ($k < $count % count($rows) ? 1 : 0);
            $step = ($reach - 0.05) / max(1, $of - 1);
            for ($i = 0; $i < $of; $i++) {
                $bones[] = new PinBone(
                    min(0.99, max(0.01, 0.05 + $step * ($i + $dice->between(-0.25, 0.25)))),
                    $across - 0.12 * ($i / max(1, $of)) +
                        $dice->normal(0, 0.02) +
                        ($dice->happens(self::OUT_OF_LINE) ? $dice->one([-0.22, 0.22]) : 0.0),
                    $dice->happens(self::BROKEN),
                );
            }
        }
        usort($bones, fn (PinBone $a, PinBone $b): int => $a->along <=> $b->along);
        $bones !== [] || throw new BadDrill('This fish has no pin bones to look for.', $count, '/subject');

        return new self($row, $bones, $dice);
    }

    /**
     * What a finger feels on its way.
     *
     * @param  Touch  $from  where it was put down
     * @param  Touch  $to  where it was lifted
     * @param  float  $seconds  it took, above 0
     * @param  int  $number  of the stroke, from 1: the same stroke feels the same again
     * @return list<Touch> roughly where
     */
    public function felt(Touch $from, Touch $to, float $seconds, int $number): array
    {
        $dice = $this->dice->for("stroke {$number}");
        $length = abs($to->along - $from->along);
        $sure = $length / max(0.05, $seconds) > self::FAST ? self::FELT_FAST : self::FELT_SLOW;
        $felt = [];
        foreach ($this->bones as $bone) {
            [$luck, $off] = [$dice->share(), $dice->normal(0, self::BLUR)];
            $passed =
                $bone->along >= min($from->along, $to->along) - self::TAP_ALONG &&
                $bone->along <= max($from->along, $to->along) + self::TAP_ALONG;
            $part = $length > 0 ? min(1.0, max(0.0, ($bone->along - $from->along) / ($to->along - $from->along))) : 0.0;
            $finger = $from->across + $part * ($to->across - $from->across);
            if (
                $passed &&
                abs($bone->across - $finger) <= self::FINGER &&
                $luck < $sure * ($bone->broken ? self::FELT_BROKEN : 1)
            ) {
                $felt[] = new Touch(min(1.0, max(0.0, $bone->along + $off)), max(-1.0, min(1.0, $finger)));
            }
        }

        return $felt;
    }

    /**
     * @param  list<Touch>  $taps  in both passes
     *
     * @throws BadDrill when there are more than a side takes
     */
    public function judged(array $taps): BonesResult
    {
        count($taps) <= self::MOST_TAPS ||
            throw new BadDrill('That is more bones than a side has.', count($taps), '/taps');
        $pairs = [];
        foreach ($this->bones as $i => $bone) {
            foreach ($taps as $j => $tap) {
                $along = abs($bone->along - $tap->along);
                if ($along <= self::TAP_ALONG && abs($bone->across - $tap->across) <= self::TAP_ACROSS) {
                    $pairs[] = [$along, $i, $j];
                }
            }
        }
        sort($pairs);
        $found = [];
        foreach ($pairs as [, $i, $j]) {
            if (! isset($found[$i]) && ! in_array($j, $found, true)) {
                $found[$i] = $j;
            }
        }
        $missed = array_values(array_diff_key($this->bones, $found));
        $beside = array_values(array_diff(array_keys($taps), $found));
        $score = 100 * max(0.0, (count($found) - count($beside) / 2) / count($this->bones));

        return new BonesResult($score, count($this->bones), $missed, $beside);
    }
}
